<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Sun;

use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Sun\SunPosition;
use PHPUnit\Framework\TestCase;

/** The place of the sun against an independent program, and what follows from it alone. */
final class SunPositionTest extends TestCase
{
    public function test_it_stands_where_an_independent_program_puts_it(): void
    {
        // 120 random places and moments by day, 1950 to 2050: the solar position algorithm of NREL in a library of its own, without refraction, recorded.
        $rows = array_slice(file(__DIR__.'/sun.csv', FILE_IGNORE_NEW_LINES) ?: [], 1);
        self::assertCount(120, $rows);
        foreach ($rows as $row) {
            [$at, $latitude, $longitude, $altitude, $azimuth] = array_map(floatval(...), explode(',', $row));
            $sun = SunPosition::at(Angle::ofDegrees($latitude), Angle::ofDegrees($longitude), (int) $at);
            self::assertEqualsWithDelta($altitude, rad2deg($sun->altitude_rad), 0.02, $row);
            // To the side as it is seen: near the zenith a little is many degrees.
            self::assertEqualsWithDelta(0.0, (fmod(rad2deg($sun->azimuth_rad) - $azimuth + 540, 360) - 180) * cos(deg2rad($altitude)), 0.02, $row);
        }
    }

    public function test_at_noon_it_stands_in_the_meridian_and_highest(): void
    {
        mt_srand(5);
        for ($try = 0; $try < 200; ++$try) {
            [$latitude, $longitude] = [Angle::ofDegrees(mt_rand(-80, 80)), Angle::ofDegrees(mt_rand(-180, 180))];
            $noon = SunPosition::noon($longitude, mt_rand(1990, 2049), mt_rand(1, 12), mt_rand(1, 28));
            [$sun, $before, $after] = [SunPosition::at($latitude, $longitude, $noon), SunPosition::at($latitude, $longitude, $noon - 1200), SunPosition::at($latitude, $longitude, $noon + 1200)];
            self::assertEqualsWithDelta(0.0, $sun->hour_rad, 1e-4);
            self::assertEqualsWithDelta(0.0, sin($sun->azimuth_rad) * cos($sun->altitude_rad), 1e-4);
            self::assertGreaterThan(max($before->altitude_rad, $after->altitude_rad), $sun->altitude_rad);
        }
    }
}

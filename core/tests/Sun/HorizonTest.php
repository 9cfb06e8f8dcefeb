<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Sun;

use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Sun\Horizon;
use Garnetine\Core\Sun\SunPaths;
use Garnetine\Core\Sun\SunPosition;
use Garnetine\Core\Sun\TiltReport;
use Garnetine\Core\Sun\TiltYield;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What hides the sun, and the ways it goes. */
final class HorizonTest extends TestCase
{
    #[TestWith([100.0, 10.0])]
    #[TestWith([150.0, 20.0])]
    #[TestWith([125.0, 15.0])]
    #[TestWith([260.0, 40.0])]
    #[TestWith([230.0, 34.545454])]
    #[TestWith([0.0, 21.25])]
    #[TestWith([-1.0, 21.4375])]
    #[TestWith([359.0, 21.4375])]
    #[TestWith([461.0, 10.2])]
    public function test_it_is_straight_between_what_was_looked_at_all_the_way_round(float $bearing, float $elevation): void
    {
        $horizon = Horizon::of(array_map(static fn (array $one): array => [deg2rad($one[0]), deg2rad($one[1])], [[260.0, 40.0], [100.0, 10.0], [150.0, 20.0], [150.0, 4.0]]));
        // From 260° back round to 100° it falls from 40 to 10 over 200°; 150 to 260 rises by 20 over 110.
        $expected = match (true) {
            $bearing === 0.0 => 40 - 30 * 100 / 200, $bearing === -1.0, $bearing === 359.0 => 40 - 30 * 99 / 200, default => $elevation,
        };
        self::assertEqualsWithDelta($expected, rad2deg($horizon->elevation_rad(deg2rad($bearing))), 1e-4);
    }

    public function test_one_look_counts_all_round_and_none_is_the_level(): void
    {
        self::assertSame([0.3, 0.0], [Horizon::of([[1.0, 0.3]])->elevation_rad(4.0), Horizon::of([])->elevation_rad(2.0)]);
    }

    public function test_a_horizon_takes_the_beam_alone_and_never_gives(): void
    {
        $yield = static fn (?Horizon $horizon, float $bearing = 180.0): TiltYield => new TiltYield(40.0, $bearing, array_fill(0, 12, 0.5), 0.2, true, $horizon);
        $open = $yield(null);
        $wall = Horizon::of([[0.0, 1.4]]);
        foreach ([0, 30, 60] as $tilt) {
            self::assertEqualsWithDelta($open->year($tilt), $yield(Horizon::of([[0.0, 0.0]]))->year($tilt), 1e-9);
            // Where nothing but the sky is left, what is left of the level is what its clearness scatters: Erbs at 0.5, by the length of the day.
            $shares = array_map(static fn (int $month): float => $yield($wall)->month($month, 0) / $open->month($month, 0), [0, 5]);
            self::assertEqualsWithDelta([1.391 - 1.78 + 1.04725 - 0.267125, 1.311 - 1.511 + 0.85675 - 0.227625], $shares, 0.004);
            self::assertLessThan($open->year($tilt), $yield($wall)->year($tilt));
            $before = $open->year($tilt);
            foreach ([5.0, 15.0, 30.0, 50.0] as $height) {
                $now = $yield(Horizon::of([[0.0, deg2rad($height)]]))->year($tilt);
                self::assertLessThanOrEqual($before, $now);
                $before = $now;
            }
        }
        // A hill in the east alone: what faces west loses less of its year; and the best tilt still keeps all of itself.
        $hill = Horizon::of([[deg2rad(40), 0.0], [deg2rad(60), 0.6], [deg2rad(140), 0.6], [deg2rad(160), 0.0]]);
        $lost = static fn (float $bearing): float => 1 - $yield($hill, $bearing)->year(30) / $yield(null, $bearing)->year(30);
        self::assertGreaterThan(2 * $lost(240.0), $lost(120.0));
        $report = TiltReport::of($yield($hill), 30.0, 40.0, $open);
        self::assertEqualsWithDelta($lost(180.0), $report->hidden, 1e-12);
        self::assertSame(0.0, TiltReport::of($open, 30.0, 40.0)->hidden);
    }

    public function test_ways_of_the_sun_are_those_of_its_places(): void
    {
        foreach ([45.0, -34.0, 66.9, 0.0] as $latitude) {
            foreach (SunPaths::of($latitude) as $path) {
                // At the longitude where its own time is that of UT on the day, give or take the equation of time.
                [$month, $day] = [355 => [12, 21], 79 => [3, 20], 172 => [6, 21]][$path['day']];
                $longitude = Angle::ofDegrees(0.0);
                $noon = SunPosition::noon($longitude, 2026, $month, $day);
                foreach ($path['points'] as $point) {
                    $sun = SunPosition::at(Angle::ofDegrees($latitude), $longitude, $noon + (int) round(3600 * ($point['hour'] - 12)));
                    self::assertEqualsWithDelta(rad2deg($sun->altitude_rad), rad2deg($point['elevation_rad']), 0.85);
                    self::assertEqualsWithDelta(0.0, sin($sun->azimuth_rad - $point['bearing_rad']) * cos($sun->altitude_rad), 0.016);
                }
            }
        }
        // Beyond the polar circle the sun stays away on the shortest day and never sets on the longest.
        [$short, , $long] = array_map(static fn (array $path): int => count($path['points']), SunPaths::of(75.0));
        self::assertSame([0, 97], [$short, $long]);
    }
}

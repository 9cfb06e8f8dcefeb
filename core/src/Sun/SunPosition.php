<?php

declare(strict_types=1);

namespace Garnetine\Core\Sun;

use Garnetine\Core\Quantity\Angle;

/**
 * Where the sun stands at a moment, without what the air bends.
 *
 * With n days since noon of 1 January 2000: L = 280.460 + 0.9856474 n, g = 357.528 + 0.9856003 n, λ = L + 1.915 sin g + 0.020 sin 2g,
 * ε = 23.439 − 4e-7 n; right ascension and declination follow, and the hour angle by 6.697375 + 0.0657098242 n + the hours of the day.
 *
 * Source: The Astronomical Almanac, low precision formulas for the sun, within 0.01° from 1950 to 2050; recalled.
 */
final readonly class SunPosition
{
    private const NOON_OF_2000 = 2_451_545.0;
    private const UNIX_EPOCH = 2_440_587.5;

    private function __construct(
        /** True, clockwise from north. */
        public float $azimuth_rad,
        /** Over the level; below is negative. */
        public float $altitude_rad,
        /** West of the meridian positive, from −π to π. */
        public float $hour_rad,
    ) {
    }

    /** @param int $at Seconds since 1970, UT */
    public static function at(Angle $latitude, Angle $longitude, int $at): self
    {
        $n = $at / 86_400 + self::UNIX_EPOCH - self::NOON_OF_2000;
        $g = deg2rad(357.528 + 0.9856003 * $n);
        $lambda = deg2rad(280.460 + 0.9856474 * $n + 1.915 * sin($g) + 0.020 * sin(2 * $g));
        $epsilon = deg2rad(23.439 - 4e-7 * $n);
        $ascension = atan2(cos($epsilon) * sin($lambda), cos($lambda));
        $declination = asin(sin($epsilon) * sin($lambda));
        $days = floor($n - 0.5) + 0.5;
        $sidereal_h = 6.697375 + 0.0657098242 * $days + 1.00273791 * 24 * ($n - $days);
        $hour = self::turn(deg2rad(15 * $sidereal_h) + $longitude->toRadians() - $ascension);
        $phi = $latitude->toRadians();
        $east = -cos($declination) * sin($hour);
        $north = sin($declination) * cos($phi) - cos($declination) * sin($phi) * cos($hour);
        $up = sin($declination) * sin($phi) + cos($declination) * cos($phi) * cos($hour);

        return new self(fmod(atan2($east, $north) + 2 * M_PI, 2 * M_PI), asin(max(-1.0, min(1.0, $up))), $hour);
    }

    /** The moment of a day on which the sun stands in the meridian, in seconds since 1970, UT; the day by the sun's own time there. */
    public static function noon(Angle $longitude, int $year, int $month, int $day): int
    {
        $at = (int) gmmktime(12, 0, 0, $month, $day, $year) - (int) round($longitude->toDegrees() * 240);
        for ($step = 0; $step < 3; ++$step) {
            $at -= (int) round(self::at(Angle::ofSi(0.0), $longitude, $at)->hour_rad / (2 * M_PI) * 86_400);
        }

        return $at;
    }

    private static function turn(float $rad): float
    {
        $turned = fmod($rad + M_PI, 2 * M_PI);

        return ($turned < 0.0 ? $turned + 2 * M_PI : $turned) - M_PI;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Sun;

/** The sun's way over the sky on the longest day, the shortest, and between them, hour by hour of its own time. */
final class SunPaths
{
    /** Days of the year: 21 December, 20 March, 21 June. */
    public const DAYS = [355, 79, 172];

    /** Steps in an hour. */
    private const STEPS = 4;

    /**
     * Of each day while the sun is up; none where it is not
     *
     * @return list<array{day: int, points: list<array{bearing_rad: float, elevation_rad: float, hour: float}>}>
     */
    public static function of(float $latitude_deg): array
    {
        $latitude = deg2rad($latitude_deg);
        $paths = [];
        foreach (self::DAYS as $day) {
            $declination = deg2rad(23.45 * sin(deg2rad(360 * (284 + $day) / 365)));
            $points = [];
            for ($step = 0; $step <= 24 * self::STEPS; ++$step) {
                [$bearing, $elevation] = self::at($latitude, $declination, ($step / self::STEPS - 12) * M_PI / 12);
                array_push($points, ...$elevation < 0.0 ? [] : [['bearing_rad' => $bearing, 'elevation_rad' => $elevation, 'hour' => $step / self::STEPS]]);
            }
            $paths[] = ['day' => $day, 'points' => $points];
        }

        return $paths;
    }

    /**
     * @param float $hour West of the meridian positive, in radians
     *
     * @return array{float, float} Bearing, true, clockwise from north, and elevation over the level
     */
    public static function at(float $latitude, float $declination, float $hour): array
    {
        $east = -cos($declination) * sin($hour);
        $north = sin($declination) * cos($latitude) - cos($declination) * sin($latitude) * cos($hour);
        $up = cos($latitude) * cos($declination) * cos($hour) + sin($latitude) * sin($declination);

        return [fmod(atan2($east, $north) + 2 * M_PI, 2 * M_PI), asin(max(-1.0, min(1.0, $up)))];
    }
}

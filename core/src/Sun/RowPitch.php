<?php

declare(strict_types=1);

namespace Garnetine\Core\Sun;

/**
 * How far apart rows stand, on the level from one low edge to the next, so that none shades another between two hours of the shortest day: the sun is so low
 * across the rows that its ray passes over the high edge of one and touches the low edge of the next, on ground that falls or rises with them.
 *
 * p = L·(sin β + cos β·tan αp)/(tan αp + tan s), tan αp = tan α/cos(γ), s the fall of the ground towards where the rows face.
 *
 * Source: Duffie and Beckman, Solar Engineering of Thermal Processes, 4th ed., ch. 1 (position of the sun, solar time); the pitch is geometry.
 */
final class RowPitch
{
    private const STEPS = 24;
    /** 21 December and 21 June, by their number in the year. */
    private const SHORTEST = [355, 172];
    private const EARLY = 9;
    private const LATE = 10;
    /** From which latitude on the longer hours waste land (common practice, no source). */
    private const NORTHERN_DEG = 48.0;

    /**
     * @param float $faces_deg True, clockwise from north
     * @param float $falls_rad Of the ground, towards where the rows face
     *
     * @return list<array{from: int, to: int, pitch_m: float|null, is_usual: bool}> For two spans of hours in solar time; null where the sun is too low
     */
    public static function of(float $latitude_deg, float $faces_deg, float $tilt_rad, float $chord_m, float $falls_rad): array
    {
        return array_map(static fn (int $from): array => [
            'from' => $from, 'to' => 24 - $from, 'pitch_m' => self::between($latitude_deg, $faces_deg, $tilt_rad, $chord_m, $falls_rad, $from),
            'is_usual' => ($from === self::EARLY) === (abs($latitude_deg) <= self::NORTHERN_DEG),
        ], [self::EARLY, self::LATE]);
    }

    private static function between(float $latitude_deg, float $faces_deg, float $tilt_rad, float $chord_m, float $falls_rad, int $from): ?float
    {
        $most_m = $chord_m * cos($tilt_rad);
        for ($step = 0; $step <= self::STEPS; ++$step) {
            $hour = $from + (24 - 2 * $from) * $step / self::STEPS;
            $across = self::across($latitude_deg, $faces_deg, $hour);
            if ($across === null) {
                return null;
            }
            // Behind the rows the sun is no matter of theirs.
            if ($across <= 0.0) {
                continue;
            }
            if ($across + tan($falls_rad) <= 0.0) {
                return null;
            }
            $most_m = max($most_m, $chord_m * (sin($tilt_rad) + cos($tilt_rad) * $across) / ($across + tan($falls_rad)));
        }

        return $most_m;
    }

    /** The tangent of how high the sun stands across the rows; null where it has not risen, negative where it is behind them. */
    private static function across(float $latitude_deg, float $faces_deg, float $hour): ?float
    {
        $latitude = deg2rad($latitude_deg);
        $declination = deg2rad(23.45 * sin(deg2rad(360 * (284 + self::SHORTEST[$latitude_deg < 0.0 ? 1 : 0]) / 365)));
        $angle = deg2rad(15 * ($hour - 12));
        // East, north and up.
        $east = -cos($declination) * sin($angle);
        $north = sin($declination) * cos($latitude) - cos($declination) * sin($latitude) * cos($angle);
        $up = sin($declination) * sin($latitude) + cos($declination) * cos($latitude) * cos($angle);
        if ($up <= 0.0) {
            return null;
        }
        $towards = $east * sin(deg2rad($faces_deg)) + $north * cos(deg2rad($faces_deg));

        return $up / ($towards === 0.0 ? 1e-12 : $towards);
    }
}

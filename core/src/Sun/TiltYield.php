<?php

declare(strict_types=1);

namespace Garnetine\Core\Sun;

/**
 * What the sun brings onto a tilted surface over the year, month by month, from how clear each month is: beam, diffuse and reflected light of each month's
 * mean day, in 48 equal steps from sunrise to sunset.
 *
 * The light on the level is K times that outside the atmosphere; its diffuse part by Erbs, its course over the day by Collares-Pereira and Rabl; onto the
 * tilted surface by Hay, Davies, Klucher and Reindl, or with an even sky. Only shares of one and the same year are told of it, never a yield in kWh.
 *
 * Source: Duffie and Beckman, Solar Engineering of Thermal Processes, 4th ed., chs. 1 and 2; recalled.
 */
final class TiltYield
{
    private const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
    /** The mean day of each month, by its number in the year. */
    private const MEAN_DAY = [17, 47, 75, 105, 135, 162, 198, 228, 258, 288, 318, 344];
    private const STEPS = 48;
    private const LOWEST_SUN = 0.02;
    private const STEEPEST_DEG = 90;

    /** @var array<int, array<int, float>> By month from 0 and tilt in degrees */
    private array $known = [];

    /** @var array<int, array{list<array{float, float, float, float, float, float, float}>, float, float, float}> By month from 0 */
    private array $rays = [];

    /**
     * @param float $latitude_deg North positive, between the polar circles and beyond to 85°
     * @param float $bearing_deg Where the surface faces: true, clockwise from north
     * @param list<float> $clearness Of each month: light on the level over light outside the atmosphere
     */
    public function __construct(
        private readonly float $latitude_deg,
        private readonly float $bearing_deg,
        private readonly array $clearness,
        private readonly float $albedo = 0.2,
        private readonly bool $evenSky = false,
        private readonly ?Horizon $horizon = null,
    ) {
    }

    /** Light on the surface in a month, for one on the level outside the atmosphere of 1 in each unit. */
    public function month(int $month, int $tilt_deg): float
    {
        return $this->known[$month][$tilt_deg] ??= self::DAYS[$month] * $this->day($month, $tilt_deg);
    }

    /** @param list<int>|null $months From 0; all where null */
    public function year(int $tilt_deg, ?array $months = null): float
    {
        return array_sum(array_map(fn (int $month): float => $this->month($month, $tilt_deg), $months ?? range(0, 11)));
    }

    /** @param list<int>|null $months */
    public function best(?array $months = null): int
    {
        $best = 0;
        for ($tilt = 1; $tilt <= self::STEEPEST_DEG; ++$tilt) {
            $best = $this->year($tilt, $months) > $this->year($best, $months) + 1e-9 ? $tilt : $best;
        }

        return $best;
    }

    /**
     * What a tilt keeps of the best fixed one.
     *
     * @param list<int>|null $months
     */
    public function keeps(int $tilt_deg, ?array $months = null): float
    {
        return $this->year($tilt_deg, $months) / $this->year($this->best($months), $months);
    }

    /**
     * The best tilts for so many parts of the year, cut where months begin.
     *
     * @return list<array{from: int, tilt_deg: int}> First month of each part, from 0, and its tilt
     */
    public function seasons(int $parts): array
    {
        $arcs = [];
        $best = null;
        $arc = function (int $from, int $to) use (&$arcs): array {
            $months = array_map(static fn (int $month): int => $month % 12, range($from, $to - 1));
            $tilt = $arcs[$from % 12][$to - $from][1] ?? $this->best($months);

            return $arcs[$from % 12][$to - $from] ??= [$this->year($tilt, $months), $tilt];
        };
        foreach (self::cuts($parts) as $cuts) {
            $sum = 0.0;
            $found = [];
            foreach ($cuts as $index => $from) {
                [$light, $tilt] = $arc($from, $cuts[$index + 1] ?? $cuts[0] + 12);
                $sum += $light;
                $found[] = ['from' => $from, 'tilt_deg' => $tilt];
            }
            $best = $best === null || $sum > $best[0] + 1e-9 ? [$sum, $found] : $best;
        }

        return $best[1] ?? [];
    }

    /**
     * @return iterable<non-empty-list<int>> Months at which parts begin, ascending
     */
    private static function cuts(int $parts, int $from = 0): iterable
    {
        for ($first = $from; $first <= 12 - $parts; ++$first) {
            if ($parts === 1) {
                yield [$first];
                continue;
            }
            foreach (self::cuts($parts - 1, $first + 1) as $others) {
                yield [$first, ...$others];
            }
        }
    }

    /** @param list<array{from: int, tilt_deg: int}> $seasons */
    public function keepsBySeasons(array $seasons): float
    {
        $sum = 0.0;
        foreach ($seasons as $index => $season) {
            $to = $seasons[$index + 1]['from'] ?? $seasons[0]['from'] + 12;
            $sum += $this->year($season['tilt_deg'], array_map(static fn (int $month): int => $month % 12, range($season['from'], $to - 1)));
        }

        return $sum / $this->year($this->best());
    }

    /**
     * What tilts keep of the best fixed one that change on given days of the year.
     *
     * @param non-empty-list<array{day: int, tilt_deg: int}> $seasons Day of the year from 0, ascending; the last lasts until the first
     */
    public function keepsByDays(array $seasons): float
    {
        [$day, $sum] = [0, 0.0];
        foreach (self::DAYS as $month => $days) {
            for ($until = $day + $days; $day < $until; ++$day) {
                $now = $seasons[count($seasons) - 1];
                foreach ($seasons as $season) {
                    $now = $season['day'] <= $day ? $season : $now;
                }
                $sum += $this->month($month, $now['tilt_deg']) / $days;
            }
        }

        return $sum / $this->year($this->best());
    }

    /**
     * What a surface keeps of the best fixed one that follows the sun all day: on one level axis from north to south, or on two.
     *
     * Source: tan R = −cos e·sin A / sin e on one axis, west positive; square to the sun on two; both as far as they can be tilted.
     */
    public function keepsFollowing(bool $onTwoAxes, float $steepest_deg): float
    {
        $sum = 0.0;
        foreach (self::DAYS as $month => $days) {
            [$rays] = $this->rays[$month] ??= $this->rays($month);
            foreach ($rays as [$straight, $fromSouth, $fromWest, $fromUp, $even, $brighter, $all]) {
                [$tilt, $facing] = $onTwoAxes
                    ? [acos(max(-1.0, min(1.0, $fromUp))), atan2($fromWest, $fromSouth)]
                    : [abs(atan2($fromWest, $fromUp)), $fromWest < 0.0 ? -M_PI / 2 : M_PI / 2];
                $tilt = min($tilt, deg2rad($steepest_deg));
                $share = sin($tilt) * (cos($facing) * $fromSouth + sin($facing) * $fromWest) + cos($tilt) * $fromUp;
                $sum += $days * ($straight * max(0.0, $share) + $this->scattered($tilt, $even, $brighter, $all));
            }
        }

        return $sum / $this->year($this->best());
    }

    /** What comes onto a tilted surface from all of the sky and off the ground. */
    private function scattered(float $tilt, float $even, float $brighter, float $all): float
    {
        return (1 + cos($tilt)) / 2 * ($even + $brighter * sin($tilt / 2) ** 3) + $all * $this->albedo * (1 - cos($tilt)) / 2;
    }

    private function day(int $month, int $tilt_deg): float
    {
        return $this->onto($month, deg2rad($tilt_deg), deg2rad($this->bearing_deg - 180));
    }

    /**
     * Light of the year, or of some months, on surfaces of any tilt that face anywhere.
     *
     * @param list<int> $tilts_deg
     * @param list<int> $bearings_deg True, clockwise from north
     * @param list<int>|null $months From 0; all where null
     *
     * @return array<int, array<int, float>> By bearing and tilt
     */
    public function over(array $tilts_deg, array $bearings_deg, ?array $months = null): array
    {
        $over = [];
        foreach ($bearings_deg as $bearing_deg) {
            foreach ($tilts_deg as $tilt_deg) {
                $sum = 0.0;
                foreach ($months ?? range(0, 11) as $month) {
                    $sum += self::DAYS[$month] * $this->onto($month, deg2rad($tilt_deg), deg2rad($bearing_deg - 180));
                }
                $over[$bearing_deg][$tilt_deg] = $sum;
            }
        }

        return $over;
    }

    /** @param float $facing From the south, west positive */
    private function onto(int $month, float $tilt, float $facing): float
    {
        [$rays, $even, $brighter, $all] = $this->rays[$month] ??= $this->rays($month);
        [$south, $west, $up] = [sin($tilt) * cos($facing), sin($tilt) * sin($facing), cos($tilt)];
        $sum = 0.0;
        foreach ($rays as [$beam, $fromSouth, $fromWest, $fromUp]) {
            $share = $south * $fromSouth + $west * $fromWest + $up * $fromUp;
            $sum += $share > 0.0 ? $beam * $share : 0.0;
        }

        return $sum + $this->scattered($tilt, $even, $brighter, $all);
    }

    /**
     * The light of a month's mean day: where it comes straight from and how strong, and of the rest what comes evenly, what more of that from the
     * horizon, and all on the level, which the ground throws back; of each step of the day, and the last three of all of it.
     *
     * @return array{list<array{float, float, float, float, float, float, float}>, float, float, float}
     */
    private function rays(int $month): array
    {
        $day = self::MEAN_DAY[$month];
        $declination = deg2rad(23.45 * sin(deg2rad(360 * (284 + $day) / 365)));
        $latitude = deg2rad($this->latitude_deg);
        $sunset = acos(max(-1.0, min(1.0, -tan($latitude) * tan($declination))));
        if ($sunset < 1e-6) {
            return [[], 0.0, 0.0, 0.0];
        }
        $outside = (1 + 0.033 * cos(deg2rad(360 * $day / 365)))
            * (cos($latitude) * cos($declination) * sin($sunset) + $sunset * sin($latitude) * sin($declination));
        $level = $this->clearness[$month] * $outside;
        $diffuse = $level * self::diffuse($this->clearness[$month], rad2deg($sunset));
        [$total, $evenly] = $this->course($sunset);
        $rays = [];
        $even = $brighter = $onLevel = 0.0;
        for ($step = 0; $step < self::STEPS; ++$step) {
            $hour = $sunset * ((2 * $step + 1) / self::STEPS - 1);
            $scattered = $diffuse * $evenly[$step];
            $all = $this->isHidden($latitude, $declination, $hour) ? $scattered : max($level * $total[$step], $scattered);
            $beam = $all - $scattered;
            $around = $this->evenSky || $outside * $evenly[$step] <= 0.0 ? 0.0 : min(1.0, $beam / ($outside * $evenly[$step]));
            $up = cos($latitude) * cos($declination) * cos($hour) + sin($latitude) * sin($declination);
            $straight = ($beam + $scattered * $around) / max(self::LOWEST_SUN, $up);
            $more = $this->evenSky || $all <= 0.0 ? 0.0 : $scattered * (1 - $around) * sqrt($beam / $all);
            $rays[] = [
                $straight, sin($latitude) * cos($declination) * cos($hour) - cos($latitude) * sin($declination), cos($declination) * sin($hour), $up,
                $scattered * (1 - $around), $more, $all,
            ];
            $even += $scattered * (1 - $around);
            $brighter += $more;
            $onLevel += $all;
        }

        return [$rays, $even, $brighter, $onLevel];
    }

    /** Whether what stands round about takes the beam; what the sky scatters comes all the same. */
    private function isHidden(float $latitude, float $declination, float $hour): bool
    {
        if ($this->horizon === null) {
            return false;
        }
        [$bearing, $elevation] = SunPaths::at($latitude, $declination, $hour);

        return $elevation < $this->horizon->elevation_rad($bearing);
    }

    /** Diffuse share of a month's light on the level. */
    private static function diffuse(float $k, float $sunset_deg): float
    {
        return $sunset_deg <= 81.4 ? 1.391 - 3.560 * $k + 4.189 * $k ** 2 - 2.137 * $k ** 3 : 1.311 - 3.022 * $k + 3.427 * $k ** 2 - 1.821 * $k ** 3;
    }

    /** @return array{list<float>, list<float>} Shares of the day's light, and of what an even sky scatters, by step */
    private function course(float $sunset): array
    {
        $a = 0.409 + 0.5016 * sin($sunset - M_PI / 3);
        $b = 0.6609 - 0.4767 * sin($sunset - M_PI / 3);
        $total = $even = [];
        for ($step = 0; $step < self::STEPS; ++$step) {
            $hour = $sunset * ((2 * $step + 1) / self::STEPS - 1);
            $even[] = cos($hour) - cos($sunset);
            $total[] = ($a + $b * cos($hour)) * (cos($hour) - cos($sunset));
        }
        [$all, $scattered] = [array_sum($total), array_sum($even)];

        return [
            array_map(static fn (float $one): float => $one / $all, $total),
            array_map(static fn (float $one): float => $one / $scattered, $even),
        ];
    }
}

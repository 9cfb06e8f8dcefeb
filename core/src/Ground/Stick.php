<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/**
 * One post under the middle of the modules, its head rigid: forces stay where they act, wind on the halves at a quarter and three quarters of the chord,
 * weights at their places.
 *
 * Source: statics.
 */
final readonly class Stick
{
    private function __construct(
        public TableCase $case,
        /** Share of the weight in it. */
        public float $dead,
        /** Across the modules, without a sign. */
        public float $normal_N,
        /** What bends the head, from the low to the high edge, without a sign. */
        public float $head_Nm,
    ) {
    }

    /**
     * @param float $height_m Of the head over where the post is held
     * @param float $offset_m Of the modules' plane over the head, across the modules
     *
     * @return non-empty-list<self> Of everything that acts at once, and of wind along the row alone
     */
    public static function all(TableLoads $loads, TableFace $face, float $height_m, float $offset_m, float $dead_N, ?float $told_rad = null): array
    {
        $push_N = $loads->along_N($face, $offset_m + TableLoads::THICK_M);
        $sticks = [];
        foreach ($loads->combinations->ofWind() as [$name, $dead]) {
            foreach ([false, true] as $isSoft) {
                $case = new TableCase(
                    $name,
                    'open_wind.along',
                    TableLoads::NO_SNOW,
                    $isSoft,
                    [[$dead * $dead_N, $push_N, $push_N * $height_m]],
                    tilt_rad: $told_rad,
                );
                $sticks[] = new self($case, $dead, 0.0, 0.0);
            }
        }
        $whole = array_map(static fn (Together $acts): array => self::one($acts, $face, $height_m, $offset_m, $dead_N, $told_rad), $loads->together());

        return [...array_merge(...$whole), ...$sticks];
    }

    /** @return array{float, float, float} Of wind and weight on the head: down, from the low to the high edge, and what bends it that way */
    public static function always(Together $acts, TableFace $face, float $offset_m, float $dead_N): array
    {
        [$sin, $cos] = [sin($face->tilt_rad), cos($face->tilt_rad)];
        $half_m2 = $face->area_m2() / 2;
        [$lower_N, $upper_N, $weight_N] = [$acts->lower_Pa * $half_m2, $acts->upper_Pa * $half_m2, $acts->dead * $dead_N];

        return [
            ($lower_N + $upper_N) * $cos + $weight_N,
            ($lower_N + $upper_N) * $sin,
            ($upper_N - $lower_N) * $face->chord_m / 4 - $weight_N * $offset_m * $sin,
        ];
    }

    /** @return array{float, float, float} The same of snow */
    public static function fallen(Together $acts, TableFace $face, float $offset_m): array
    {
        [$sin, $cos] = [sin($face->tilt_rad), cos($face->tilt_rad)];
        $level_m2 = $face->area_m2() / 2 * $cos;
        [$lower_N, $upper_N] = [$acts->snowLower_Pa * $level_m2, $acts->snowUpper_Pa * $level_m2];

        return [$lower_N + $upper_N, 0.0, ($upper_N - $lower_N) * $face->chord_m / 4 * $cos - ($lower_N + $upper_N) * $offset_m * $sin];
    }

    /** @return list<self> Standing firm, and giving way below the ground */
    private static function one(Together $acts, TableFace $face, float $height_m, float $offset_m, float $dead_N, ?float $told_rad): array
    {
        [$down_N, $across_N, $head_Nm] = array_map(
            static fn (float $always, float $fallen): float => $always + $fallen,
            self::always($acts, $face, $offset_m, $dead_N),
            self::fallen($acts, $face, $offset_m),
        );
        $normal_N = abs($acts->lower_Pa + $acts->upper_Pa) * $face->area_m2() / 2;
        // Counted the way the push goes.
        $way = $across_N < 0.0 ? -1.0 : 1.0;
        $post = [$down_N, abs($across_N), $way * ($head_Nm + $across_N * $height_m)];

        return array_map(static fn (bool $isSoft): self => new self(
            new TableCase($acts->combination, $acts->wind, $acts->snow, $isSoft, [$post], tilt_rad: $told_rad),
            $acts->dead,
            $normal_N,
            abs($head_Nm),
        ), [false, true]);
    }

    /**
     * @param list<self> $sticks
     *
     * @return list<TableCase>
     */
    public static function cases(array $sticks): array
    {
        return array_map(static fn (self $one): TableCase => $one->case, $sticks);
    }
}

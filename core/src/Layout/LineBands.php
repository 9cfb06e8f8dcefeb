<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Framing\Purlin;
use Garnetine\Core\Framing\Purlins;
use Garnetine\Core\Quantity\Length;

/**
 * The heights that the holes of a line may have, where not every one will do: those of purlins, or those at which the plates of hooks lie
 * between two battens and their arms come out below the tile above.
 */
final readonly class LineBands
{
    /** @param list<array{float, float}> $holes_m From … to …, from the eave up */
    private function __construct(
        public array $holes_m,
        /** From one to the next, where they are even. */
        private float $step_m,
    ) {
    }

    /** Null where a line may have any height. */
    public static function of(Design $design): ?self
    {
        $purlins = Purlins::of($design->surface);
        if ($purlins !== null) {
            return new self(array_map(static fn (Purlin $one): array => [$one->y_m, $one->y_m], $purlins->purlins), $purlins->space_m());
        }
        $course = Course::of($design->surface);
        $hook = $design->kit->foot->betweenBattens();
        if ($course === null || $hook === null) {
            return null;
        }
        $bands = [];
        $plate = $course->plate_m($hook, $design->kit->foot->limits()->arm?->reach);
        $lowest = (int) floor(-$course->firstButt->toMetres() / $course->exposure->toMetres());
        for ($batten = $lowest; $plate !== null; ++$batten) {
            $at_m = $course->firstButt->toMetres() + $batten * $course->exposure->toMetres() + $design->kit->foot->base()->heel->toMetres();
            if ($at_m > $design->surface->slopeLength->toMetres()) {
                break;
            }
            $bands[] = [$at_m + $plate[0], $at_m + $plate[1]];
        }

        return new self($bands, $course->exposure->toMetres());
    }

    /**
     * The same of a foot by itself, under a rail up the slope: under shingles those at which its plate lies as it has to, wherever that bounds no line
     * across.
     */
    public static function ofFeet(Design $design): ?self
    {
        [$course, $plate] = [Course::of($design->surface), $design->kit->foot->flashing()];
        if ($course === null || $plate === null) {
            return self::of($design);
        }
        $exposure_m = $course->exposure->toMetres();
        $least_m = max(
            $plate->below->toMetres(),
            $plate->makersCover === null ? 0.0 : $exposure_m + $plate->makersCover->toMetres() - $plate->above->toMetres(),
        );
        $bands = [];
        // The next butt lies over the holes.
        $most_m = $exposure_m - $design->units->roofMark_m();
        $slope_m = $design->surface->slopeLength->toMetres();
        for ($butt_m = $course->firstButt->toMetres(); $least_m <= $most_m && $butt_m + $most_m <= $slope_m; $butt_m += $exposure_m) {
            $bands[] = [$butt_m + $least_m, $butt_m + $most_m];
        }

        return new self($bands, $exposure_m);
    }

    /**
     * Heights of a block at which both rails of its first rows are in a band, each within a clamp zone: all ranges, ascending.
     *
     * @return list<array{float, float}>
     */
    public function heights_m(Design $design, int $rows): array
    {
        $step_m = $design->moduleUp()->toMetres() + $design->block->rowGap->toMetres();
        $hole_m = $design->kit->foot->holeOffset()->toMetres();
        $heights = [[-INF, INF]];
        for ($row = 0; $row < $rows; ++$row) {
            foreach ([false, true] as $isUpper) {
                $ranges = [];
                foreach ($design->railZones_m($isUpper) as [$from_m, $to_m]) {
                    foreach ($this->holes_m as [$low_m, $high_m]) {
                        $ranges[] = [$low_m - $row * $step_m - $hole_m - $to_m, $high_m - $row * $step_m - $hole_m - $from_m];
                    }
                }
                $heights = self::both($heights, $ranges);
            }
        }

        return $heights;
    }

    /**
     * @param list<array{float, float}> $some
     * @param list<array{float, float}> $others
     *
     * @return list<array{float, float}> Where both have a range
     */
    private static function both(array $some, array $others): array
    {
        $both = [];
        foreach ($some as [$from, $to]) {
            foreach ($others as [$other, $until]) {
                if (min($to, $until) >= max($from, $other) - 1e-9) {
                    $both[] = [max($from, $other), min($to, $until)];
                }
            }
        }
        usort($both, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $both;
    }

    /**
     * What would bring all rails of a block into bands: another height, rows further apart, or neither.
     *
     * @return array<string, float|string> Values of a finding
     */
    public function cure(Design $design): array
    {
        $block = $design->block;
        foreach ([null, ...range(1, 3)] as $spaces) {
            $length_m = $design->moduleUp()->toMetres();
            $gap_m = $spaces === null ? $block->rowGap->toMetres() : ($spaces + floor($length_m / $this->step_m)) * $this->step_m - $length_m;
            if ($gap_m < $block->rowGap->toMetres() - 1e-9 || $gap_m > 1.0) {
                continue;
            }
            $heights_m = $this->heights_m(Copy::of($design, block: Copy::of($block, rowGap: Length::ofMetres($gap_m))), $block->rows);
            $at_m = self::nearest_m($heights_m, $block->y->toMetres(), $design->units->roofMark_m());
            if ($at_m !== null) {
                return $spaces === null ? ['cure' => 'cure.height', 'to_m' => $at_m] : ['cure' => 'cure.gap', 'to_m' => $at_m, 'gap_m' => $gap_m];
            }
        }

        return ['cure' => 'cure.none'];
    }

    /** @param list<array{float, float}> $ranges */
    private static function nearest_m(array $ranges, float $now_m, float $mark_m): ?float
    {
        $best_m = null;
        foreach ($ranges as [$from_m, $to_m]) {
            $first = (int) ceil($from_m / $mark_m - 1e-6);
            $last = (int) floor($to_m / $mark_m + 1e-6);
            if ($first <= $last && $last >= 0) {
                $at_m = max(0, $first, min($last, (int) round($now_m / $mark_m))) * $mark_m;
                $best_m = $best_m === null || abs($at_m - $now_m) < abs($best_m - $now_m) ? $at_m : $best_m;
            }
        }

        return $best_m;
    }
}

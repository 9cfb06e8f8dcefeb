<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\Expansion;
use Garnetine\Core\Design\Surface\NoWorkCircle;
use Garnetine\Core\Design\Surface\NoWorkRectangle;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Length;

/** Where a module may lie on a surface: within its edges and what is kept free of them, off no-work areas and off the other blocks. */
final readonly class Room
{
    private const TOLERANCE_M = 1e-6;

    /**
     * @param list<array{array{float, float}, array{float, float}}> $edges
     * @param list<array{float, float}> $kept_m By edge: from modules, and from the ends of rails
     * @param list<NoWorkRectangle|NoWorkCircle> $areas
     * @param list<array{float, float, float, float}> $others Left, low, right, high of the modules of other blocks
     */
    private function __construct(
        private Polygon $polygon,
        private array $edges,
        private array $kept_m,
        private array $areas,
        private array $others,
        private float $past_m,
        private float $fromOthers_m,
    ) {
    }

    /** Of the block in view. */
    public static function of(Design $design, Coefficients $coefficients): self
    {
        $surface = $design->surface;
        $h2_m = Collisions::fromEdges_m($design, $coefficients);
        $outline = Outline::of($surface);
        $others = [];
        foreach (array_slice($design->parts(), 1) as $part) {
            array_push($others, ...self::boxes($part, $coefficients));
        }

        return new self(
            $outline->polygon(),
            $outline->polygon()->edges(),
            array_map(
                static fn (array $edge): array => [max($edge[1], $edge[0]->keepsOff() ? $h2_m : 0.0, $edge[0]->isOuter() ? $edge[2] : 0.0), $edge[1]],
                $outline->edges(),
            ),
            [...$surface->noWorkRectangles, ...$surface->noWorkCircles],
            $others,
            $design->kit->rail->endPastModule->toMetres(),
            2 * $design->kit->rail->endPastModule->toMetres() + Length::ofInches(Expansion::APART_IN)->toMetres(),
        );
    }

    /** @return list<array{float, float, float, float}> */
    private static function boxes(BlockPart $part, Coefficients $coefficients): array
    {
        $placement = Placement::of($part->design, $coefficients);

        return array_map(
            static fn (ModuleSpot $spot): array => [$spot->x_m, $spot->y_m, $spot->x_m + $placement->width_m, $spot->y_m + $placement->length_m],
            $placement->spots(),
        );
    }

    /** Whether a module may lie so: left, low, right, high. */
    public function takes(float $left_m, float $low_m, float $right_m, float $high_m): bool
    {
        $box = [$left_m, $low_m, $right_m, $high_m];
        // Where the rails will lie is not known yet: as if they did all along its sides.
        $withEnds = [$left_m - $this->past_m, $low_m, $right_m + $this->past_m, $high_m];
        if (!$this->polygon->contains(($left_m + $right_m) / 2, ($low_m + $high_m) / 2)) {
            return false;
        }
        foreach ($this->edges as $edge => $ends) {
            // Within and off every edge it is whole.
            [$fromModules_m, $fromEnds_m] = $this->kept_m[$edge];
            foreach ([[$box, $fromModules_m], [$withEnds, $fromEnds_m]] as [$what, $kept_m]) {
                if (Polygon::apart_m($ends, $what) < max(self::TOLERANCE_M, $kept_m - self::TOLERANCE_M) && !$this->mayTouch($what, $kept_m)) {
                    return false;
                }
            }
        }
        foreach ($this->areas as $area) {
            if (NoWork::distance_m($area, ...$withEnds) < $area->clearance->toMetres() - self::TOLERANCE_M) {
                return false;
            }
        }
        foreach ($this->others as $other) {
            $aside_m = max($left_m - $other[2], $other[0] - $right_m);
            $above_m = max($low_m - $other[3], $other[1] - $high_m);
            if (max($aside_m, $above_m) < $this->fromOthers_m - self::TOLERANCE_M) {
                return false;
            }
        }

        return true;
    }

    /**
     * An edge that nothing is kept from may be lain against.
     *
     * @param array{float, float, float, float} $box
     */
    private function mayTouch(array $box, float $kept_m): bool
    {
        return $kept_m <= self::TOLERANCE_M && $this->polygon->beyond_m($box)[0] <= self::TOLERANCE_M;
    }
}

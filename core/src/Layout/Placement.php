<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\RidgeReading;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Asce7\Edition;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Length;

/** The modules on the surface: where each lies, what it runs into, and which sides the wind reaches. */
final readonly class Placement
{
    /**
     * @param array<int, array<int, ModuleSpot>> $rows By row, then column, ascending
     * @param list<Finding> $findings
     */
    private function __construct(public array $rows, public float $width_m, public float $length_m, public int $count, public array $findings)
    {
    }

    public static function of(Design $design, Coefficients $coefficients): self
    {
        $block = $design->block;
        $width_m = $design->moduleAcross()->toMetres();
        $length_m = $design->moduleUp()->toMetres();
        $out = [];
        $findings = [];
        foreach ($block->leftOut as $index => $cell) {
            if ($cell->row > $block->rows || $cell->column > $block->columns) {
                $findings[] = Finding::of(Code::LeftOutBeyondBlock, "/block/left_out/$index", ['row' => $cell->row, 'column' => $cell->column]);
            }
            $out[$cell->row][$cell->column] = true;
        }
        $rows = [];
        $count = 0;
        for ($row = 1; $row <= $block->rows; ++$row) {
            $y_m = $block->y->toMetres() + ($row - 1) * ($length_m + $block->rowGap->toMetres());
            for ($column = 1; $column <= $block->columns; ++$column) {
                if (!isset($out[$row][$column])) {
                    $x_m = $block->x->toMetres() + ($column - 1) * ($width_m + $block->columnGap->toMetres());
                    $rows[$row][$column] = new ModuleSpot($row, $column, $x_m, $y_m);
                    ++$count;
                }
            }
        }
        if ($count === 0) {
            $findings[] = Finding::of(Code::NoModules, '/block/left_out');
        }
        $placement = new self($rows, $width_m, $length_m, $count, [...$findings, ...Collisions::of($design, $rows, $coefficients)]);

        return $placement;
    }

    /**
     * Marks the sides that the wind reaches and the modules near an exposed row end.
     *
     * A side is open if no module lies within max(4·h2, 4 ft); exposed if open and more than 0.5·h from the building edge.
     * Distances run along the slope; upward the edge is the far eave (severe reading) or the ridge. A module of another block
     * closes a side where all three rays from it, at both ends and in the middle, come upon one.
     *
     * Source: ASCE/SEI 7-16, §29.4.4 and §26.2 "exposed"; recalled, MEDIUM.
     *
     * @param list<self> $others Of the other blocks on the surface
     */
    public function markExposed(Design $design, RidgeReading $reading, Coefficients $coefficients, array $others = []): void
    {
        $value = static fn (string $key): float => $coefficients->value(Edition::of($design->site->standard)->table('panels'), $key);
        $open_m = max($value('open_in_h2') * $design->block->topAboveRoof->toMetres(), Length::ofFeet($value('open_ft'))->toMetres());
        $exposed_m = $value('exposed_in_h') * $design->site->meanRoofHeight->toMetres();
        $end_m = $value('row_end_in_lp') * $this->length_m;
        $toEdge = ToEdge::of($design->surface, $reading);
        $isFar = fn (ModuleSpot $spot, string $side): bool => $toEdge->from_m($spot->x_m, $spot->y_m, $this->width_m, $this->length_m, $side) > $exposed_m
            && !$this->isClosed($spot, $side, $open_m, $others);
        $above = $this->upwardGaps();
        foreach ($this->rows as $row => $spots) {
            $groups = $this->groups($spots, $open_m);
            foreach ($spots as $column => $spot) {
                $spot->exposedSides = [];
                $spot->nearExposedRowEnd = false;
                if ($above[$row][$column]['down'] > $open_m && $isFar($spot, 'down')) {
                    $spot->exposedSides[] = 'down';
                }
                if ($above[$row][$column]['up'] > $open_m && $isFar($spot, 'up')) {
                    $spot->exposedSides[] = 'up';
                }
            }
            foreach ($groups as $group) {
                $this->markRowEnds($group, $isFar($group[0], 'left'), $isFar($group[count($group) - 1], 'right'), $end_m);
            }
        }
    }

    /** @param non-empty-list<ModuleSpot> $group Modules of a row with no open gap between them */
    private function markRowEnds(array $group, bool $leftExposed, bool $rightExposed, float $end_m): void
    {
        $first = $group[0];
        $last = $group[count($group) - 1];
        $right_m = $last->x_m + $this->width_m;
        if ($leftExposed) {
            $first->exposedSides[] = 'left';
        }
        if ($rightExposed) {
            $last->exposedSides[] = 'right';
        }
        foreach ($group as $spot) {
            $spot->nearExposedRowEnd = ($leftExposed && $spot->x_m - $first->x_m < $end_m - 1e-9)
                || ($rightExposed && $right_m - $spot->x_m - $this->width_m < $end_m - 1e-9);
        }
    }

    /**
     * Whether modules of other blocks stand before a side, within a distance, over all of it.
     *
     * @param list<self> $others
     */
    private function isClosed(ModuleSpot $spot, string $side, float $open_m, array $others): bool
    {
        [$sideways, $upward] = [$side === 'left' || $side === 'right', $side === 'right' || $side === 'up'];
        [$from_m, $to_m] = $sideways ? [$spot->y_m, $spot->y_m + $this->length_m] : [$spot->x_m, $spot->x_m + $this->width_m];
        $edge_m = match ($side) {
            'left' => $spot->x_m, 'right' => $spot->x_m + $this->width_m, 'down' => $spot->y_m, default => $spot->y_m + $this->length_m,
        };
        foreach ([$from_m + 1e-6, ($from_m + $to_m) / 2, $to_m - 1e-6] as $at_m) {
            foreach ($others as $other) {
                if ($other->stops($at_m, $edge_m, $sideways, $upward, $open_m)) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }

    /** Whether a module stands on a ray along the eave (sideways) or the slope that starts at an edge, within a distance. */
    private function stops(float $at_m, float $edge_m, bool $sideways, bool $upward, float $open_m): bool
    {
        foreach ($this->rows as $spots) {
            foreach ($spots as $spot) {
                [$low_m, $high_m, $near_m, $far_m] = $sideways
                    ? [$spot->y_m, $spot->y_m + $this->length_m, $spot->x_m, $spot->x_m + $this->width_m]
                    : [$spot->x_m, $spot->x_m + $this->width_m, $spot->y_m, $spot->y_m + $this->length_m];
                $gap_m = $upward ? $near_m - $edge_m : $edge_m - $far_m;
                if ($at_m >= $low_m && $at_m <= $high_m && $gap_m >= -1e-6 && $gap_m <= $open_m) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param array<int, ModuleSpot> $spots
     *
     * @return list<non-empty-list<ModuleSpot>>
     */
    private function groups(array $spots, float $open_m): array
    {
        $groups = [];
        $before = null;
        foreach ($spots as $spot) {
            if ($before === null || $spot->x_m - $before->x_m - $this->width_m > $open_m) {
                $groups[] = [$spot];
            } else {
                $groups[count($groups) - 1][] = $spot;
            }
            $before = $spot;
        }

        return $groups;
    }

    /** @return array<int, array<int, array{up: float, down: float}>> Clear distance to the next module of the column */
    private function upwardGaps(): array
    {
        $gaps = [];
        $lowest = [];
        foreach ($this->rows as $row => $spots) {
            foreach ($spots as $column => $spot) {
                $gaps[$row][$column] = ['up' => INF, 'down' => INF];
                if (isset($lowest[$column])) {
                    $gap_m = $spot->y_m - $lowest[$column]->y_m - $this->length_m;
                    $gaps[$row][$column] = ['up' => INF, 'down' => $gap_m];
                    $gaps[$lowest[$column]->row][$column] = ['up' => $gap_m, 'down' => $gaps[$lowest[$column]->row][$column]['down'] ?? INF];
                }
                $lowest[$column] = $spot;
            }
        }

        return $gaps;
    }

    /** The least clear distance to the modules of another block; negative where they lie on each other. */
    public function apart_m(self $other): float
    {
        $least_m = INF;
        foreach ($this->spots() as $one) {
            foreach ($other->spots() as $two) {
                $dx_m = max($one->x_m - $two->x_m - $other->width_m, $two->x_m - $one->x_m - $this->width_m);
                $dy_m = max($one->y_m - $two->y_m - $other->length_m, $two->y_m - $one->y_m - $this->length_m);
                $least_m = min($least_m, $dx_m < 0 && $dy_m < 0 ? max($dx_m, $dy_m) : hypot(max($dx_m, 0.0), max($dy_m, 0.0)));
            }
        }

        return $least_m;
    }

    /** @return list<ModuleSpot> Row by row */
    public function spots(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->rows)));
    }

    /**
     * Stretches of neighbouring modules of a row, which share their rails.
     *
     * @return list<array{int, non-empty-list<ModuleSpot>}> Row and modules
     */
    public function stretches(): array
    {
        return self::neighbours($this->rows);
    }

    /**
     * The same of a column, for rails up the slope.
     *
     * @return list<array{int, non-empty-list<ModuleSpot>}> Column and modules
     */
    public function columns(): array
    {
        return self::neighbours($this->byColumn());
    }

    /** @return list<int> Those that have modules, from the left */
    public function columnNumbers(): array
    {
        return array_keys($this->byColumn());
    }

    /** @return array<int, array<int, ModuleSpot>> */
    private function byColumn(): array
    {
        $columns = [];
        foreach ($this->rows as $row => $spots) {
            foreach ($spots as $column => $spot) {
                $columns[$column][$row] = $spot;
            }
        }
        ksort($columns);

        return $columns;
    }

    /**
     * @param array<int, array<int, ModuleSpot>> $lines
     *
     * @return list<array{int, non-empty-list<ModuleSpot>}>
     */
    private static function neighbours(array $lines): array
    {
        $stretches = [];
        foreach ($lines as $line => $spots) {
            $before = 0;
            $stretch = [];
            foreach ($spots as $number => $spot) {
                if ($stretch !== [] && $number !== $before + 1) {
                    $stretches[] = [$line, $stretch];
                    $stretch = [];
                }
                $stretch[] = $spot;
                $before = $number;
            }
            if ($stretch !== []) {
                $stretches[] = [$line, $stretch];
            }
        }

        return $stretches;
    }
}

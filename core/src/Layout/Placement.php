<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\RidgeReading;
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
     * Distances run along the slope; upward the edge is the far eave (severe reading) or the ridge.
     *
     * Source: ASCE/SEI 7-16, §29.4.4 and §26.2 "exposed"; recalled, MEDIUM.
     */
    public function markExposed(Design $design, RidgeReading $reading, Coefficients $coefficients): void
    {
        $value = static fn (string $key): float => $coefficients->value(Edition::of($design->site->standard)->table('panels'), $key);
        $surface = $design->surface;
        $open_m = max($value('open_in_h2') * $design->block->topAboveRoof->toMetres(), Length::ofFeet($value('open_ft'))->toMetres());
        $exposed_m = $value('exposed_in_h') * $design->site->meanRoofHeight->toMetres();
        $end_m = $value('row_end_in_lp') * $this->length_m;
        $slope_m = $surface->slopeLength->toMetres();
        $overRidge_m = $reading === RidgeReading::FarEave ? $slope_m : 0.0;
        $above = $this->upwardGaps();
        foreach ($this->rows as $row => $spots) {
            $groups = $this->groups($spots, $open_m);
            foreach ($spots as $column => $spot) {
                $spot->exposedSides = [];
                $spot->nearExposedRowEnd = false;
                if ($above[$row][$column]['down'] > $open_m && $spot->y_m > $exposed_m) {
                    $spot->exposedSides[] = 'down';
                }
                if ($above[$row][$column]['up'] > $open_m && $slope_m - $spot->y_m - $this->length_m + $overRidge_m > $exposed_m) {
                    $spot->exposedSides[] = 'up';
                }
            }
            foreach ($groups as $group) {
                $this->markRowEnds($group, $exposed_m, $surface->width->toMetres(), $end_m);
            }
        }
    }

    /** @param non-empty-list<ModuleSpot> $group Modules of a row with no open gap between them */
    private function markRowEnds(array $group, float $exposed_m, float $width_m, float $end_m): void
    {
        $first = $group[0];
        $last = $group[count($group) - 1];
        $right_m = $last->x_m + $this->width_m;
        $leftExposed = $first->x_m > $exposed_m;
        $rightExposed = $width_m - $right_m > $exposed_m;
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

    /**
     * Stretches of neighbouring modules, which share their rails.
     *
     * @return list<array{int, non-empty-list<ModuleSpot>}> Row and modules
     */
    public function stretches(): array
    {
        $stretches = [];
        foreach ($this->rows as $row => $spots) {
            $before = 0;
            $stretch = [];
            foreach ($spots as $column => $spot) {
                if ($stretch !== [] && $column !== $before + 1) {
                    $stretches[] = [$row, $stretch];
                    $stretch = [];
                }
                $stretch[] = $spot;
                $before = $column;
            }
            if ($stretch !== []) {
                $stretches[] = [$row, $stretch];
            }
        }

        return $stretches;
    }
}

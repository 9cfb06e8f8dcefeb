<?php

declare(strict_types=1);

namespace App\Paper;

use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Framing\Member;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * The sheets of a job as one drawing at true scale, in inches or millimetres, surface beside surface: layers by what things are, modules and
 * feet as blocks, dimensions as dimensions.
 */
final class SheetDrawing
{
    /** Layers with the numbers of their colours. */
    private const LAYERS = [
        'ROOF' => 7, 'ZONES' => 8, 'FRAMING' => 30, 'KEPT_FREE' => 1, 'MODULES' => 5, 'RAILS' => 4, 'FEET' => 3, 'UNDER_MODULES' => 9, 'HOLES' => 6,
        'DIMENSIONS' => 2, 'TEXT' => 7,
    ];

    private const INCHES_PER_METRE = 1 / 0.0254;
    private const APART_M = 3.0;
    private const TEXT_M = 0.12;
    private const FOOT_M = 0.04;

    /** As DXF, in the job's inches or millimetres. */
    public static function dxf(ProjectPlan $project): string
    {
        $first = array_values($project->plans)[0];

        return self::onto(new DxfWriter($first->design->units === UnitSystem::Us ? self::INCHES_PER_METRE : 1000.0), $project);
    }

    public static function svg(ProjectPlan $project): string
    {
        return self::onto(new SvgWriter(), $project);
    }

    private static function onto(DrawingWriter $drawing, ProjectPlan $project): string
    {
        foreach (self::LAYERS as $name => $colour) {
            $drawing->layer($name, $colour);
        }
        $foot = self::FOOT_M;
        $drawing->block('FOOT', 'FEET', [[[-$foot, -$foot], [$foot, -$foot], [0.0, $foot]]]);
        $left_m = 0.0;
        $number = 0;
        foreach ($project->plans as $plan) {
            (new self($drawing, $plan, $left_m, ++$number))->draw();
            $left_m += $plan->design->surface->width->toMetres() + self::APART_M;
        }

        return $drawing->finished();
    }

    private function __construct(
        private readonly DrawingWriter $drawing,
        private readonly Plan $plan,
        private readonly float $left_m,
        private readonly int $number,
    ) {
    }

    private function draw(): void
    {
        $surface = $this->plan->design->surface;
        $outline = Outline::of($surface);
        $this->drawing->closed('ROOF', $this->moved($outline->corners()));
        $this->drawing->text('TEXT', $this->at(0.0, $surface->slopeLength->toMetres() + 2 * self::TEXT_M), 2 * self::TEXT_M, $surface->name);
        foreach ($this->plan->loads === null ? [] : $this->plan->loads->zones->parts() as $part) {
            $this->drawing->closed('ZONES', $this->moved($part['corners']));
        }
        foreach ($this->plan->members->purlins->purlins ?? [] as $purlin) {
            $this->drawing->line('FRAMING', $this->at($purlin->from_m, $purlin->y_m), $this->at(min($purlin->to_m, $surface->width->toMetres()), $purlin->y_m));
        }
        foreach ($this->plan->members->members as $member) {
            $this->member($member, $outline);
        }
        foreach ($surface->noWorkRectangles as $area) {
            [$x_m, $y_m, $right_m, $top_m] = [
                $area->x->toMetres(), $area->y->toMetres(), $area->x->plus($area->width)->toMetres(), $area->y->plus($area->height)->toMetres(),
            ];
            $this->drawing->closed('KEPT_FREE', $this->moved([[$x_m, $y_m], [$right_m, $y_m], [$right_m, $top_m], [$x_m, $top_m]]));
        }
        foreach ($surface->noWorkCircles as $area) {
            $this->drawing->circle('KEPT_FREE', $this->at($area->x->toMetres(), $area->y->toMetres()), $area->diameter->toMetres() / 2);
        }
        $this->array();
        $this->beneath();
        foreach ($this->plan->design->surface->penetrations as $hole) {
            $this->drawing->circle('HOLES', $this->at($hole->x->toMetres(), $hole->y->toMetres()), self::FOOT_M);
        }
        $this->dimensions();
    }

    private function member(Member $member, Outline $outline): void
    {
        $top_m = $outline->given !== [] ? $member->to_m : min($member->to_m, $outline->top_m($member->x_m));
        if ($top_m > $member->from_m) {
            $this->drawing->line('FRAMING', $this->at($member->x_m, $member->from_m), $this->at($member->x_m, $top_m));
        }
    }

    /** Modules, rails and feet of every block. */
    private function array(): void
    {
        foreach ($this->plan->blocks as $block) {
            [$width_m, $length_m] = [$block->placement->width_m, $block->placement->length_m];
            $name = "MODULE_{$this->number}_{$block->part->number}";
            $this->drawing->block($name, 'MODULES', [[[0.0, 0.0], [$width_m, 0.0], [$width_m, $length_m], [0.0, $length_m]]]);
            foreach ($block->placement->spots() as $spot) {
                $this->drawing->insert($name, 'MODULES', $this->at($spot->x_m, $spot->y_m));
            }
        }
        foreach ($this->plan->everyRun() as $run) {
            $line = $run->run->line;
            if ($run->run->isRail) {
                $this->drawing->line('RAILS', $this->at(...$line->point_m($run->run->x0_m)), $this->at(...$line->point_m($run->run->x1_m)));
            }
            $this->drawing->text('TEXT', $this->at(...$line->point_m($run->run->x0_m - 4 * self::TEXT_M)), self::TEXT_M, $run->run->id);
            foreach ($line->isOnRails ? [] : $run->feet_m() as $x_m) {
                $this->drawing->insert('FOOT', 'FEET', $this->at(...$line->hole_m($x_m)));
            }
        }
    }

    /** Boxes as long as they are along their rails, lugs as small rings. */
    private function beneath(): void
    {
        $half_m = ($this->plan->design->kit->under?->length->toMetres() ?? 0.0) / 2;
        foreach ($this->plan->beneath->boxes ?? [] as $box) {
            if ($box->run !== null) {
                $corners = array_map(
                    static fn (array $by): array => [$box->at_m + $by[0] * $half_m, $by[1] * self::FOOT_M],
                    [[-1, -1], [1, -1], [1, 1], [-1, 1]],
                );
                $line = $box->run->line;
                $this->drawing->closed('UNDER_MODULES', $this->moved(array_map(
                    static fn (array $corner): array => $line->isUpSlope ? [$line->at_m + $corner[1], $corner[0]] : [$corner[0], $line->at_m + $corner[1]],
                    $corners,
                )));
            }
        }
        foreach ($this->plan->beneath->earth->lugs ?? [] as $lug) {
            $this->drawing->circle('UNDER_MODULES', $this->at(...$lug['run']->line->point_m($lug['at_m'])), self::FOOT_M / 2);
        }
    }

    /** Of the plane and of its first block. */
    private function dimensions(): void
    {
        $surface = $this->plan->design->surface;
        $printer = $this->plan->design->printer();
        $spots = $this->plan->blocks[0]->placement->spots();
        [$wide_m, $high_m] = [$surface->width->toMetres(), $surface->slopeLength->toMetres()];
        [$across_m, $up_m] = [[0.0, $wide_m], [0.0, $high_m]];
        if ($spots !== []) {
            $placement = $this->plan->blocks[0]->placement;
            array_push($across_m, min(array_column($spots, 'x_m')), max(array_column($spots, 'x_m')) + $placement->width_m);
            array_push($up_m, min(array_column($spots, 'y_m')), max(array_column($spots, 'y_m')) + $placement->length_m);
        }
        foreach ([[$across_m, false], [$up_m, true]] as [$stops_m, $isUp]) {
            $whole = array_slice($stops_m, 0, 2);
            sort($stops_m);
            $chains = count($stops_m) > 2 ? [$stops_m, $whole] : [$whole];
            foreach ($chains as $row => $chain) {
                foreach (array_slice($chain, 1) as $index => $to_m) {
                    $from_m = $chain[$index];
                    // Beside the plane: below it, and to its right.
                    $line_m = $isUp ? $this->left_m + $wide_m + (2 + 3 * $row) * self::TEXT_M : -(3 + 3 * $row) * self::TEXT_M;
                    $ends = $isUp ? [$this->at($wide_m, $from_m), $this->at($wide_m, $to_m)] : [$this->at($from_m, 0.0), $this->at($to_m, 0.0)];
                    if ($to_m - $from_m > 1e-6) {
                        $this->drawing->dimension('DIMENSIONS', $ends[0], $ends[1], $isUp, $line_m, self::TEXT_M, $printer->tape($to_m - $from_m));
                    }
                }
            }
        }
    }

    /** @return array{float, float} */
    private function at(float $x_m, float $y_m): array
    {
        return [$this->left_m + $x_m, $y_m];
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private function moved(array $points): array
    {
        return array_map(fn (array $point): array => $this->at($point[0], $point[1]), $points);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Layout;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Layout\Fill;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\Proposals;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Filling a plane: never fewer modules than trying every place of the grid, and none where the planner would stop it. */
final class FillTest extends TestCase
{
    private const PLANES = 16;

    private const COLLISIONS = ['outside_surface', 'too_near_edge', 'across_setback', 'over_overhang', 'over_no_work_area', 'blocks_too_near', 'rails_meet', 'rail_end_across', 'no_modules'];

    /** A random plane with up to seven corners and two areas that are kept free. */
    private static function plane(int $seed): Scenario
    {
        mt_srand($seed);
        $count = 3 + $seed % 5;
        $kinds = ['eave', 'rake', 'ridge', 'hip', 'valley'];
        $corners = [];
        for ($corner = 0; $corner < $count; ++$corner) {
            $angle = 2 * M_PI * ($corner + mt_rand(-250, 250) / 1000) / $count - 2.2;
            $far_m = mt_rand(3000, 6500) / 1000;
            $corners[] = ['x_m' => max(0.0, 7 + $far_m * cos($angle)), 'y_m' => max(0.0, 6 + $far_m * sin($angle)), 'edge' => $kinds[mt_rand(0, 4)], 'setback_m' => mt_rand(0, 9) / 10, 'overhang_m' => mt_rand(0, 2) / 10];
        }

        return Scenario::of()->with('/surface/outline', $corners)->with('/surface/width_m', max([0.0, ...array_column($corners, 'x_m')]))->with('/surface/slope_length_m', max([0.0, ...array_column($corners, 'y_m')]))
            ->with('/surface/no_work_circles', [['id' => 'vent', 'kind' => 'pipe_vent', 'x_m' => mt_rand(5000, 9000) / 1000, 'y_m' => mt_rand(4000, 8000) / 1000, 'diameter_m' => 0.3, 'clearance_m' => 0.2]])
            ->with('/surface/no_work_rectangles', [['id' => 'window', 'kind' => 'skylight', 'x_m' => mt_rand(4000, 8000) / 1000, 'y_m' => mt_rand(3000, 7000) / 1000, 'width_m' => 0.6, 'height_m' => 0.9, 'clearance_m' => 0.15]]);
    }

    public function test_no_place_of_the_grid_has_more(): void
    {
        $filled = 0;
        for ($seed = 0; $seed < self::PLANES; ++$seed) {
            $design = self::plane($seed)->design();
            $orientation = Orientation::cases()[$seed % 2];
            $fills = Fill::of($design, $orientation, new Coefficients(), 1);
            self::assertSame($fills[0]->modules ?? 0, max($fills[0]->modules ?? 0, $this->most($design, $orientation)), "seed $seed");
            $filled += ($fills[0]->modules ?? 0) > 0 ? 1 : 0;
            if ($fills !== []) {
                $block = Edits::apply($design, $fills[0]->edits())->block;
                self::assertSame($fills[0]->modules, $block->rows * $block->columns - count($block->leftOut));
            }
        }
        self::assertGreaterThan(0.8 * self::PLANES, $filled);
    }

    /** By points all around each module, at six by six places of the grid. */
    private function most(Design $design, Orientation $orientation): int
    {
        $module = $design->module;
        [$w_m, $l_m] = $orientation === Orientation::Portrait ? [$module->width->toMetres(), $module->length->toMetres()] : [$module->length->toMetres(), $module->width->toMetres()];
        [$stepX_m, $stepY_m] = [$w_m + $design->block->columnGap->toMetres(), $l_m + $design->block->rowGap->toMetres()];
        $polygon = Outline::of($design->surface)->polygon();
        $best = 0;
        for ($x = 0; $x < 6; ++$x) {
            for ($y = 0; $y < 6; ++$y) {
                $count = 0;
                for ($y_m = $y * $stepY_m / 6; $y_m + $l_m < 14; $y_m += $stepY_m) {
                    for ($x_m = $x * $stepX_m / 6; $x_m + $w_m < 15; $x_m += $stepX_m) {
                        $count += $this->fits($design, $polygon, $x_m, $y_m, $w_m, $l_m) ? 1 : 0;
                    }
                }
                $best = max($best, $count);
            }
        }

        return $best;
    }

    private function fits(Design $design, Polygon $polygon, float $x_m, float $y_m, float $w_m, float $l_m): bool
    {
        // With a centimetre to spare, as points are only here and there.
        $h2_m = 2 * $design->block->topAboveRoof->toMetres() + 0.01;
        $past_m = $design->kit->rail->endPastModule->toMetres();
        if (!$polygon->contains($x_m, $y_m) || !$polygon->contains($x_m + $w_m, $y_m + $l_m)) {
            return false;
        }
        foreach ([[0, 0], [0.5, 0], [1, 0], [1, 0.5], [1, 1], [0.5, 1], [0, 1], [0, 0.5], [0.25, 0], [0.75, 0], [0.25, 1], [0.75, 1], [0, 0.25], [0, 0.75], [1, 0.25], [1, 0.75], [0.5, 0.5]] as [$part, $up]) {
            [$px, $py] = [$x_m + $part * $w_m, $y_m + $up * $l_m];
            if (!$polygon->contains($px, $py)) {
                return false;
            }
            foreach ($design->surface->outline as $edge => $corner) {
                $kept_m = max($corner->setback->toMetres() + 0.01, $corner->edge->keepsOff() ? $h2_m : 0.01, $corner->edge->isOuter() ? $corner->overhang->toMetres() + 0.01 : 0.0);
                if (Polygon::fromEdge_m($polygon->edges()[$edge], $px, $py) < $kept_m) {
                    return false;
                }
                foreach ([-$past_m, $past_m] as $end_m) {
                    if (!$polygon->contains($px + $end_m, $py) || Polygon::fromEdge_m($polygon->edges()[$edge], $px + $end_m, $py) < $corner->setback->toMetres() + 0.01) {
                        return false;
                    }
                }
            }
        }
        foreach ($polygon->corners as [$cx, $cy]) {
            if (hypot(max($x_m - $cx, 0, $cx - $x_m - $w_m), max($y_m - $cy, 0, $cy - $y_m - $l_m)) < 1.0) {
                return false;
            }
        }
        $vent = $design->surface->noWorkCircles[0];
        $window = $design->surface->noWorkRectangles[0];
        [$left_m, $right_m] = [$x_m - $past_m, $x_m + $w_m + $past_m];
        $fromVent_m = hypot(max($left_m - $vent->x->toMetres(), 0, $vent->x->toMetres() - $right_m), max($y_m - $vent->y->toMetres(), 0, $vent->y->toMetres() - $y_m - $l_m)) - 0.15;
        $aside_m = max($left_m - $window->x->toMetres() - 0.6, $window->x->toMetres() - $right_m);
        $above_m = max($y_m - $window->y->toMetres() - 0.9, $window->y->toMetres() - $y_m - $l_m);

        return $fromVent_m > 0.21 && max($aside_m, $above_m) > 0.16;
    }

    /** @return list<string> */
    private static function collisions(Plan $plan): array
    {
        return array_values(array_intersect(array_map(static fn (Finding $one): string => $one->code->value, $plan->findings), self::COLLISIONS));
    }

    public function test_what_fills_a_plane_runs_into_nothing(): void
    {
        $bare = ['eave_m' => 0.0, 'ridge_m' => 0.0, 'left_m' => 0.0, 'right_m' => 0.0];
        $roofs = [Scenario::of(), Scenario::to('asce7-16 hip'), Scenario::of('medlar-court'), Scenario::of()->with('/surface/outline', [
            ['x_m' => 0.0, 'y_m' => 0.0, 'edge' => 'eave', 'setback_m' => 0.4, 'overhang_m' => 0.3], ['x_m' => 12.0, 'y_m' => 0.0, 'edge' => 'rake', 'setback_m' => 0.9, 'overhang_m' => 0.0],
            ['x_m' => 12.0, 'y_m' => 3.0, 'edge' => 'valley', 'setback_m' => 0.3, 'overhang_m' => 0.0], ['x_m' => 7.0, 'y_m' => 5.2, 'edge' => 'ridge', 'setback_m' => 0.4, 'overhang_m' => 0.0], ['x_m' => 0.0, 'y_m' => 5.2, 'edge' => 'rake', 'setback_m' => 0.9, 'overhang_m' => 0.0],
        ])->with('/surface/width_m', 12.0)->with('/surface/slope_length_m', 5.2), Scenario::of()->with('/surface/setbacks', $bare)];
        foreach ($roofs as $index => $roof) {
            $design = $roof->design();
            $proposals = Proposals::of($design, static fn (Design $one): Plan => Planner::plan($one, Depth::Checks), 2);
            self::assertSame([Orientation::Portrait, Orientation::Landscape], array_map(static fn (Proposals $one): Orientation => $one->fill->orientation, $proposals));
            foreach ($proposals as $proposal) {
                self::assertSame([], self::collisions($proposal->plan));
                self::assertSame($proposal->fill->modules, $proposal->plan->moduleCount());
                self::assertGreaterThanOrEqual($index % 2 === 0 && $proposal->fill->orientation === $design->block->orientation ? Planner::plan($design, Depth::Checks)->moduleCount() : 1, $proposal->fill->modules);
            }
        }
    }

    public function test_the_best_of_equals_and_room_for_the_other_blocks(): void
    {
        $project = JobEdits::apply(Scenario::of()->with('/block/columns', 3)->with('/block/left_out', [])->project(), [['block' => 'add'], ['of' => 'plane-1-2', 'path' => '/block/x_m', 'value' => 8.0], ['of' => 'plane-1-2', 'path' => '/block/y_m', 'value' => 0.762]]);
        $design = $project->design('plane-1', 'plane-1-2');
        $planned = [];
        $proposals = Proposals::of($design, static function (Design $one) use (&$planned): Plan {
            $plan = Planner::plan($one, Depth::Checks);
            $planned[$one->block->orientation->value][] = [count(array_filter($plan->findings, static fn (Finding $finding): bool => $finding->blocks())), $plan->attachmentCount()];

            return $plan;
        });
        self::assertCount(2, $proposals);
        // Not less than columns added by hand until one is stopped.
        $columns = static fn (int $columns): Plan => Planner::plan(Edits::apply($design, [['path' => '/block/columns', 'value' => $columns]]), Depth::Checks);
        for ($most = 0; self::collisions($columns($most + 1)) === [] && $most < 20; ++$most);
        self::assertSame(2, $most);
        self::assertGreaterThanOrEqual($design->block->rows * $most, max([0, ...array_map(static fn (Proposals $one): int => $one->fill->modules, $proposals)]));
        foreach ($proposals as $proposal) {
            self::assertSame(min($planned[$proposal->fill->orientation->value] ?? [[-1, 0]]), [count(array_filter($proposal->plan->findings, static fn (Finding $finding): bool => $finding->blocks())), $proposal->plan->attachmentCount()]);
            self::assertSame([], self::collisions($proposal->plan));
            self::assertSame(6 + $proposal->fill->modules, $proposal->plan->moduleCount());
        }
        self::assertSame([], Fill::of(Scenario::of()->with('/surface/setbacks', ['eave_m' => 4.0, 'ridge_m' => 4.0, 'left_m' => 0.0, 'right_m' => 0.0])->design(), Orientation::Portrait, new Coefficients(), 3));
    }
}

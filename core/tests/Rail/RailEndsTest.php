<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Design\Kit\Expansion;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\UnitSystem;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Rails reach past the modules, and what is kept free along edges and around areas holds for their ends too. */
final class RailEndsTest extends TestCase
{
    private const OUTLINE = [[0.0, 0.0, 'eave'], [12.0, 0.0, 'rake'], [12.0, 3.0, 'valley'], [7.0, 5.2, 'ridge'], [0.4, 5.2, 'rake']];

    /** @param array<int, float> $setbacks_m By edge */
    private static function roof(array $setbacks_m = [], float $past_m = 0.3): Scenario
    {
        $corners = [];
        foreach (self::OUTLINE as $edge => [$x_m, $y_m, $kind]) {
            $corners[] = ['x_m' => $x_m, 'y_m' => $y_m, 'edge' => $kind, 'setback_m' => $setbacks_m[$edge] ?? 0.0, 'overhang_m' => 0.0];
        }

        return Scenario::of()->with('/surface/outline', $corners)->with('/surface/width_m', 12.0)->with('/surface/slope_length_m', 5.2)->with('/kit/rail/end_past_module_m', $past_m)
            ->with('/surface/framing/layout_from', 'left')->with('/block/rows', 2)->with('/block/columns', 6)->with('/block/x_m', 1.2)->with('/block/y_m', 1.0)->with('/block/left_out', []);
    }

    /** @return array<string, float> By the place that is named, how much is missing */
    private static function across(Plan $plan): array
    {
        $found = array_filter($plan->findings, static fn (Finding $one): bool => $one->code === Code::RailEndAcross);

        return array_column(array_map(static fn (Finding $one): array => [(string) $one->values['edge'], (float) $one->values['by_m']], $found), 1, 0);
    }

    /** @return list<Run> */
    private static function runs(Plan $plan): array
    {
        return array_merge(...array_map(static fn ($block): array => $block->runs, $plan->blocks));
    }

    public function test_every_edge_is_kept_by_the_ends_as_points_along_it_say(): void
    {
        $plan = Planner::plan(self::roof()->design(), Depth::Checks);
        self::assertSame([], self::across($plan));
        $told = [];
        foreach (Outline::of($plan->design->surface)->polygon()->edges() as $edge => [[$x0, $y0], [$x1, $y1]]) {
            $least_m = INF;
            foreach (self::runs($plan) as $run) {
                for ($part = 0; $part <= 4000; ++$part) {
                    [$x_m, $y_m] = [$x0 + $part / 4000 * ($x1 - $x0), $y0 + $part / 4000 * ($y1 - $y0)];
                    $least_m = min($least_m, hypot($run->x0_m - $x_m, $run->line->at_m - $y_m), hypot($run->x1_m - $x_m, $run->line->at_m - $y_m));
                }
            }
            $name = self::OUTLINE[$edge][2].' '.($edge + 1);
            // Where modules reach farther than the rails they are told alone.
            $short = Planner::plan(self::roof([$edge => $least_m + 0.01])->design(), Depth::Checks);
            $ofModules = array_filter($short->findings, static fn (Finding $one): bool => $one->code === Code::AcrossSetback);
            self::assertEqualsWithDelta($ofModules === [] ? [$name => 0.01] : [], self::across($short), 1e-4);
            array_push($told, ...array_keys(self::across($short)));
            self::assertSame([], self::across(Planner::plan(self::roof([$edge => $least_m - 0.001])->design(), Depth::Checks)));
        }
        self::assertSame(['rake 2', 'rake 5'], $told);
    }

    public function test_ends_past_an_edge_and_beside_an_area_are_told_by_how_much(): void
    {
        $plan = Planner::plan(self::roof()->design(), Depth::Checks);
        $run = self::runs($plan)[0];
        $with = static fn (float $clearance_m): Scenario => self::roof()->with('/surface/no_work_circles', [
            ['id' => 'vent', 'kind' => 'pipe_vent', 'x_m' => $run->x1_m + 0.5, 'y_m' => $run->line->at_m, 'diameter_m' => 0.3, 'clearance_m' => $clearance_m],
        ]);
        self::assertEqualsWithDelta(['vent' => 0.02], self::across(Planner::plan($with(0.37)->design(), Depth::Checks)), 1e-9);
        self::assertSame([], self::across(Planner::plan($with(0.349)->design(), Depth::Checks)));
        // A plain rectangle names its sides; what hangs over the edge is told with it.
        $bare = Scenario::of()->with('/surface/setbacks', ['eave_m' => 0.0, 'ridge_m' => 0.0, 'left_m' => 0.0, 'right_m' => 0.1])->with('/kit/rail/end_past_module_m', 0.5)->with('/block/x_m', 0.3);
        self::assertEqualsWithDelta(['left' => 0.2], self::across(Planner::plan($bare->design(), Depth::Checks)), 1e-9);
        $plan = Planner::plan($bare->with('/block/x_m', 1.0)->design(), Depth::Checks);
        $right_m = $plan->design->surface->width->toMetres() - max([0.0, ...array_map(static fn (Run $one): float => $one->x1_m, self::runs($plan))]);
        self::assertEqualsWithDelta(['right' => 0.03], self::across(Planner::plan($bare->with('/block/x_m', 1.0 + $right_m - 0.07)->design(), Depth::Checks)), 1e-9);
    }

    public function test_common_practice_two_rails_end_to_end_leave_room_for_heat(): void
    {
        // 40 ft and 40 ft grow by 12.8e-6 · 120 · 480 in, 0.737; with an eighth 0.862: an inch. In metric steps 21.9 mm are 25.
        $gap = static fn (float $one_ft, float $other_ft, UnitSystem $units): float => Expansion::gap(Length::ofFeet($one_ft), Length::ofFeet($other_ft), $units)->toMetres();
        self::assertEqualsWithDelta([0.0254, 0.0254 / 4, 0.0254 * 0.75], [$gap(40, 40, UnitSystem::Us), $gap(5, 5, UnitSystem::Us), $gap(40, 20, UnitSystem::Us)], 1e-9);
        self::assertEqualsWithDelta([0.025, 0.005], [$gap(40, 40, UnitSystem::Metric), $gap(3, 3, UnitSystem::Metric)], 1e-9);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Layout;

use Garnetine\Core\Attachment\Check\ModuleCheck;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Site\RidgeReading;
use Garnetine\Core\Design\Surface\Corner;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Layout\ToEdge;
use Garnetine\Core\Load\ZoneMap;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Planes by their corners: the same as a rectangle or between hips where they are one, and planned where they are none. */
final class OutlinesTest extends TestCase
{
    /** @param list<array{float, float, string, 3?: float, 4?: float}> $corners Place, edge, setback and overhang */
    private static function by(Scenario $scenario, array $corners): Scenario
    {
        return $scenario->with('/surface/outline', array_map(static fn (array $one): array => ['x_m' => $one[0], 'y_m' => $one[1], 'edge' => $one[2], 'setback_m' => $one[3] ?? 0.0, 'overhang_m' => $one[4] ?? 0.0], $corners))
            ->with('/surface/width_m', max([0.0, ...array_column($corners, 0)]))->with('/surface/slope_length_m', max([0.0, ...array_column($corners, 1)]));
    }

    private static function cornered(Scenario $scenario): Design
    {
        return Edits::apply($scenario->design(), [['command' => 'corners']]);
    }

    /** @return array<string, float> Area by zone */
    private static function areas(?ZoneMap $zones): array
    {
        $areas = [];
        foreach ($zones?->parts() ?? [] as ['zone' => $zone, 'corners' => $corners]) {
            $areas[$zone] = ($areas[$zone] ?? 0.0) + (new Polygon($corners))->area_m2();
        }
        ksort($areas, SORT_STRING);

        return $areas;
    }

    public function test_a_rectangle_by_its_corners_is_planned_as_a_rectangle(): void
    {
        foreach (['asce7-16', 'given'] as $standard) {
            foreach ([false, true] as $far) {
                $scenario = Scenario::to($standard)->with('/rules/ridge_reading', $far ? 'far_eave' : 'ridge')->with('/rules/ridge_reading_by', 'x')->with('/block/y_m', 1.3);
                $plain = Planner::plan($scenario->design());
                $cornered = Planner::plan(self::cornered($scenario));
                $told = static fn (Plan $plan): array => [array_map(static fn (RunPlan $run): array => $run->members(), $plan->supports), array_map(static fn (Finding $one): string => $one->code->value, $plan->findings)];
                self::assertSame($told($plain), $told($cornered));
                self::assertSame(array_keys(self::areas($plain->loads?->zones)), array_keys(self::areas($cornered->loads?->zones)));
                self::assertEqualsWithDelta(self::areas($plain->loads?->zones), self::areas($cornered->loads?->zones), 1e-9);
                $modules = static fn (Plan $plan): array => array_map(static fn (ModuleCheck $one): array => [$one->windUp_Pa, $one->up_Pa, $one->down_Pa], $plan->modules());
                self::assertEqualsWithDelta($modules($plain), $modules($cornered), 1e-6);
                self::assertEqualsWithDelta([$plain->leastReserve(), $plain->clamp?->up_N], [$cornered->leastReserve(), $cornered->clamp?->up_N], 1e-9);
            }
        }
    }

    public function test_a_plane_between_hips_has_the_same_zones_by_its_corners(): void
    {
        foreach (['asce7-16 hip', 'given hip'] as $standard) {
            foreach ([[4.6, 4.6], [6.0, 3.0]] as [$left_m, $right_m]) {
                $scenario = Scenario::to($standard)->with('/surface/left_hip_m', $left_m)->with('/surface/right_hip_m', $right_m);
                $plain = self::areas(Planner::plan($scenario->design())->loads?->zones);
                // Strips end square past their edges; between hips they went on, which is more by a sliver of a corner.
                self::assertEqualsWithDelta($plain, self::areas(Planner::plan(self::cornered($scenario))->loads?->zones), $standard === 'given hip' ? 0.12 : 1e-6);
                self::assertGreaterThan(2, count($plain));
            }
        }
    }

    public function test_a_point_beside_a_hip_lies_in_its_strip_by_the_distance_on_the_level(): void
    {
        // A worked example in inches: eave 480, ridge 160, 200 up the slope at 30°, a 36: (120, 100) is 29.4 from the hip in plan.
        $edge = [[160.0, 200.0], [0.0, 0.0]];
        $slant = cos(deg2rad(30));
        self::assertEqualsWithDelta(29.4, Polygon::fromEdge_m([[160.0, 200.0 * $slant], [0.0, 0.0]], 120.0, 100.0 * $slant), 0.05);
        self::assertSame([true, true, false], [Polygon::within(Polygon::strip($edge, 36.0, $slant), 120.0, 100.0), Polygon::within(Polygon::strip($edge, 29.45, $slant), 120.0, 100.0), Polygon::within(Polygon::strip($edge, 29.35, $slant), 120.0, 100.0)]);
    }

    /** An L: its right half ends lower, at a valley; 12 m by 5.2 m. */
    private const L = [[0.0, 0.0, 'eave'], [12.0, 0.0, 'rake'], [12.0, 3.0, 'valley', 0.3], [7.0, 5.2, 'ridge'], [0.0, 5.2, 'rake']];

    private static function l(): Scenario
    {
        return self::by(Scenario::of()->with('/surface/framing/layout_from', 'left')->with('/block/rows', 2)->with('/block/columns', 6)->with('/block/x_m', 1.2)->with('/block/y_m', 1.0)->with('/block/left_out', []), self::L);
    }

    public function test_a_plane_beside_a_valley_is_planned_and_its_members_end_there(): void
    {
        $plan = Planner::plan(self::l()->design());
        self::assertSame([[], false], [array_values(array_filter(array_map(static fn (Finding $one): string => $one->code->value, $plan->findings), static fn (string $code): bool => in_array($code, ['outside_surface', 'across_setback', 'too_near_edge'], true))), $plan->hasRefusal()]);
        foreach ($plan->members->members as $member) {
            self::assertEqualsWithDelta($member->x_m <= 7.0 ? 5.2 : 5.2 - ($member->x_m - 7.0) * 2.2 / 5.0, $member->to_m, 1e-9);
        }
        // Sides over the valley stand open without end; over the rake it is as far as it is.
        $spots = $plan->blocks[0]->placement->rows[2];
        self::assertContains('right', $spots[6]->exposedSides);
        self::assertNotContains('left', $spots[1]->exposedSides);
        self::assertEqualsWithDelta((new Polygon(Outline::of(self::l()->design()->surface)->corners()))->area_m2(), array_sum(self::areas($plan->loads?->zones)), 1e-9);
        $low = Planner::plan(self::l()->with('/block/x_m', 9.0)->with('/block/columns', 2)->with('/block/rows', 1)->with('/block/y_m', 2.0)->design());
        self::assertSame([], array_filter($low->supports, static fn (RunPlan $run): bool => array_filter($run->run->candidates_m, static fn (float $x_m): bool => $run->run->line->holeAt_m > 5.2 - ($x_m - 7.0) * 0.44 - 0.0762 + 1e-6) !== []));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> What changes, the code found, and what it says of the edge */
    public static function places(): iterable
    {
        yield 'over the valley' => [['/block/x_m' => 3.2], 'outside_surface', 'valley 3'];
        yield 'across its setback' => [['/block/x_m' => 2.35, '/block/y_m' => 0.9], 'across_setback', 'valley 3'];
        yield 'too near the rake' => [['/block/x_m' => 0.2], 'too_near_edge', 'rake 5'];
        yield 'over the eave' => [['/block/y_m' => -0.1], 'outside_surface', 'eave 1'];
        yield 'over the overhang' => [['/surface/outline' => array_map(static fn (array $one): array => ['x_m' => $one[0], 'y_m' => $one[1], 'edge' => $one[2], 'setback_m' => 0.0, 'overhang_m' => $one[2] === 'eave' ? 1.1 : 0.0], self::L)], 'over_overhang', 'eave 1'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('places')]
    public function test_modules_keep_to_an_outline_and_off_its_edges(array $changes, string $code, string $edge): void
    {
        $scenario = self::l();
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $found = array_filter(Planner::plan($scenario->design())->findings, static fn (Finding $one): bool => $one->code->value === $code);
        self::assertSame([$edge], array_values(array_unique(array_column(array_column($found, 'values'), 'edge'))));
        self::assertGreaterThan(0.0, array_values($found)[0]->values['by_m']);
    }

    /** @return iterable<string, array{list<array{float, float, string}>, string, float}> The left boundary from below, its highest corner last; a side of the module; the longest way to the edge over a ridge without its other side */
    public static function ways(): iterable
    {
        yield 'from the lower end' => [[[0.0, 0.0, 'eave'], [4.0, 5.0, 'rake']], 'left', 4.2];
        yield 'from the upper end' => [[[4.0, 0.0, 'eave'], [0.0, 5.0, 'rake']], 'left', 5.0 - 4.0 + 4.0 * 3.0 / 5.0];
        yield 'from the middle' => [[[4.0, 0.0, 'eave'], [4.0, 5.0, 'rake'], [1.0, 2.0, 'rake']], 'left', 4.0];
        yield 'over a valley' => [[[0.0, 0.0, 'eave'], [0.0, 5.0, 'valley']], 'left', INF];
        yield 'to the far eave' => [[[0.0, 0.0, 'eave'], [0.0, 5.0, 'rake']], 'up', 2.0 + 5.0];
        yield 'to the rake, square' => [[[0.0, 0.0, 'eave'], [0.0, 5.0, 'rake']], 'right', 6.0];
    }

    /** @param list<array{float, float, string}> $left */
    #[DataProvider('ways')]
    public function test_the_longest_of_three_ways_to_the_edge_counts(array $left, string $side, float $way_m): void
    {
        $corners = [$left[0], [12.0, 0.0, 'rake'], [12.0, 5.0, 'ridge'], ...array_slice($left, 1)];
        $surface = self::by(Scenario::of(), $corners)->design()->surface;
        self::assertEqualsWithDelta($way_m, ToEdge::of($surface, RidgeReading::FarEave)->from_m(5.0, 1.0, 1.0, 2.0, $side), 1e-5);
    }

    /** @return iterable<string, array{Scenario, string}> */
    public static function refused(): iterable
    {
        yield 'a bow' => [self::by(Scenario::of(), [[0.0, 0.0, 'eave'], [12.0, 5.2, 'rake'], [12.0, 0.0, 'ridge'], [0.0, 5.2, 'rake']]), 'plane_not_simple'];
        yield 'clockwise' => [self::by(Scenario::of(), array_reverse(self::L)), 'plane_not_simple'];
        yield 'a wall' => [self::by(Scenario::of(), [[0.0, 0.0, 'eave'], [12.0, 0.0, 'rake'], [12.0, 5.2, 'wall'], [0.0, 5.2, 'rake']]), 'mono_needs_given'];
        yield 'to EN 1991' => [self::by(Scenario::to('en-1991'), self::L), 'outline_not_covered'];
        yield 'low' => [self::by(Scenario::to('asce7-16 low'), self::L), 'outline_not_covered'];
        yield 'hip and rake' => [self::by(Scenario::of()->with('/surface/roof_kind', 'hip'), [[0.0, 0.0, 'eave'], [14.0, 0.0, 'hip'], [10.0, 5.2, 'ridge'], [0.0, 5.2, 'rake']]), 'figure_missing'];
        yield 'a hip on a gable roof' => [self::by(Scenario::of(), [[0.0, 0.0, 'eave'], [14.0, 0.0, 'hip'], [7.0, 5.2, 'hip']]), 'figure_missing'];
        yield 'narrow' => [self::by(Scenario::of(), [[0.0, 0.0, 'eave'], [1.7, 0.0, 'rake'], [1.7, 5.2, 'ridge'], [0.0, 5.2, 'rake']]), 'zones_overlap'];
    }

    #[DataProvider('refused')]
    public function test_what_no_figure_covers_is_refused_unless_pressures_are_given(Scenario $scenario, string $code): void
    {
        $codes = static fn (Scenario $one): array => array_map(static fn (Finding $finding): string => $finding->code->value, array_filter(Planner::plan($one->design())->findings, static fn (Finding $finding): bool => $finding->kind->value === 'refusal' && $finding->code->value !== 'over_overhang'));
        self::assertContains($code, $codes($scenario));
        self::assertSame($code === 'plane_not_simple', in_array($code, $codes($scenario->with('/given', Scenario::GIVEN)), true));
    }

    public function test_corners_are_drawn_moved_added_taken_out_and_taped(): void
    {
        $design = Edits::apply(Scenario::of()->design(), [['command' => 'corners'], ['corner' => ['after' => 2]], ['corner' => ['index' => 3, 'x_m' => 9.0, 'y_m' => 5.7301]], ['path' => '/surface/outline/3/edge', 'typed' => 'valley']]);
        self::assertSame(['eave', 'rake', 'ridge', 'valley', 'rake'], array_map(static fn (Corner $one): string => $one->edge->value, $design->surface->outline));
        self::assertEqualsWithDelta([9.0, 5.7301, 5.7301, 13.4874], [$design->surface->outline[3]->x->toMetres(), $design->surface->outline[3]->y->toMetres(), $design->surface->slopeLength->toMetres(), $design->surface->width->toMetres()], 0.0016);
        $back = Edits::apply($design, [['path' => '/surface/outline/3', 'remove' => true]]);
        self::assertEqualsWithDelta(Scenario::of()->design()->surface->slopeLength->toMetres(), $back->surface->slopeLength->toMetres(), 1e-9);
        $taped = Edits::apply(Scenario::of()->design(), [['tape' => ['edges' => '480 in, 200 in, 478 in, 202 in', 'diagonals' => '515 in', 'proof' => "43' 8\""]]]);
        self::assertSame(['eave', 'rake', 'ridge', 'rake'], array_map(static fn (Corner $one): string => $one->edge->value, $taped->surface->outline));
        self::assertEqualsWithDelta([Length::ofInches(483.4)->toMetres(), 0.4572], [$taped->surface->width->toMetres(), $taped->surface->outline[0]->setback->toMetres()], 0.002);
        foreach ([
            [['tape' => ['edges' => '480 in, 200 in, 478 in, 202 in', 'diagonals' => '515 in', 'proof' => "43' 6\""]], 'off'], [['tape' => ['edges' => '480 in, 200 in, 478 in, 202 in']], '1 diagonals for 4 edges'],
            [['tape' => ['edges' => '480 in, 20 in, 478 in, 202 in', 'diagonals' => '515 in']], 'none at corner 3'], [['tape' => ['edges' => '480 in, x']], 'edges: '], [['tape' => ['edges' => ['480 in']]], 'lengths of edges'],
            [['tape' => ['edges' => '480 in, 1 in, 2 in']], 'between 2 in and 650 ft'], [['corner' => ['index' => 9, 'x_m' => 1.0, 'y_m' => 1.0]], 'a corner of this outline'], [['corner' => ['index' => 0, 'x_m' => 'far', 'y_m' => 1.0]], 'a number of metres'],
        ] as [$edit, $says]) {
            try {
                Edits::apply($design, [$edit]);
                self::fail($says);
            } catch (DocumentInvalid $invalid) {
                self::assertStringContainsString($says, $invalid->getMessage());
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Under;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\Uneven;
use Garnetine\Core\Under\Beneath;
use Garnetine\Core\Under\Box;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What hangs under the modules, and what joins rails and frames to earth. */
final class BeneathTest extends TestCase
{
    private const BOX = ['name' => 'Box', 'document' => 'data 4', 'modules_each' => 1, 'mass_kg' => 2.0, 'length_m' => 0.25, 'clear_m' => 0.08, 'string_most' => null, 'string_least' => null, 'clips' => 3];
    private const LUG = ['name' => 'Lug', 'document' => 'list 5', 'metal' => 'stainless', 'clamps_bond' => 'yes', 'splices_bond' => 'no', 'jumper' => 'Braid'];

    /**
     * @param array<string, mixed> $changes
     * @param array<string, mixed> $box
     */
    private static function plan(array $changes = [], array $box = [], string $job = 'quince-lane'): Plan
    {
        $scenario = ($job === 'up' ? Uneven::all()['up'] : Scenario::of($job))->with('/kit/under', $box + self::BOX)->with('/kit/bonding', self::LUG);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design(), Depth::Full);
    }

    private static function beneath(Plan $plan): Beneath
    {
        return $plan->beneath ?? self::fail('Nothing is under the modules.');
    }

    /** @return \Generator<string, array{string, array<string, mixed>, array{modules_each?: int, length_m?: float}}> */
    public static function roofs(): \Generator
    {
        yield 'rails across' => ['quince-lane', [], []];
        yield 'two modules on a box' => ['quince-lane', [], ['modules_each' => 2]];
        yield 'rails up the slope' => ['up', [], []];
        yield 'tiles' => ['damson-terrace', [], ['length_m' => 0.4]];
    }

    /**
     * Tried anew, millimetre by millimetre: nothing nearer to the middle is free.
     *
     * @param array<string, mixed> $changes
     * @param array{modules_each?: int, length_m?: float} $box
     */
    #[DataProvider('roofs')]
    public function test_a_box_hangs_as_near_the_middle_of_its_modules_as_there_is_room(string $job, array $changes, array $box): void
    {
        $plan = self::plan($changes, $box, $job);
        $boxes = self::beneath($plan)->boxes;
        $each = $box['modules_each'] ?? 1;
        self::assertGreaterThanOrEqual($plan->moduleCount() / $each, count($boxes));
        $rails = [];
        foreach ($plan->everyRun() as $run) {
            $rails[$run->run->id] = $run;
        }
        $half_m = ($box['length_m'] ?? 0.25) / 2;
        $aside = 0;
        foreach ($boxes as $one) {
            [$rail, $from_m, $to_m] = self::under($plan, $one, $rails);
            $isFree = static function (float $at_m) use ($rail, $half_m, $from_m, $to_m): bool {
                $gap_m = min(INF, ...array_map(static fn (float $x_m): float => abs($x_m - $at_m), [...$rail->feet_m(), ...$rail->run->clamps_m, ...$rail->run->splices_m]));

                return $gap_m >= $half_m + 0.08 - 1e-7 && $at_m - $half_m >= $from_m - 1e-7 && $at_m + $half_m <= $to_m + 1e-7;
            };
            self::assertTrue($isFree($one->at_m), $one->modules());
            $off_m = abs($one->at_m - ($from_m + $to_m) / 2);
            for ($less_m = 0.0; $less_m < $off_m - 0.001; $less_m += 0.001) {
                self::assertFalse($isFree(($from_m + $to_m) / 2 + $less_m) || $isFree(($from_m + $to_m) / 2 - $less_m), $one->modules());
            }
            $aside += (int) ($off_m > 1e-6);
        }
        self::assertGreaterThan(0, $aside);
    }

    /**
     * @param array<string, RunPlan> $rails
     *
     * @return array{RunPlan, float, float} Its rail, and where its modules begin and end along it
     */
    private static function under(Plan $plan, Box $box, array $rails): array
    {
        $rail = $rails[$box->run->id ?? self::fail('No room.')];
        $placement = $plan->blocks[$box->block - 1]->placement;
        [$from_m, $to_m] = $rail->run->line->isUpSlope ? [$box->first->y_m, $box->last->y_m + $placement->length_m] : [$box->first->x_m, $box->last->x_m + $placement->width_m];
        [$beside_m, $wide_m] = $rail->run->line->isUpSlope ? [$box->first->x_m, $placement->width_m] : [$box->first->y_m, $placement->length_m];
        self::assertGreaterThan($beside_m + $wide_m / 2, $rail->run->line->at_m, 'The upper rail, of those up the slope the right one.');
        self::assertLessThan($beside_m + $wide_m, $rail->run->line->at_m);

        return [$rail, $from_m, $to_m];
    }

    public function test_where_the_upper_rail_has_no_room_the_lower_one_carries_it_and_where_none_has_it_is_told(): void
    {
        // A foot of the upper rail is held near the middle of the second module.
        $changes = ['/block/pins' => [['line' => 'B', 'member' => 5]], '/block/rows' => 1, '/block/columns' => 3, '/block/left_out' => [], '/surface/no_work_circles' => []];
        $free = self::beneath(self::plan($changes))->boxes;
        self::assertSame(['B', 'B', 'B'], array_map(static fn (Box $box): ?string => $box->run?->id, $free));
        $rail = static fn (Plan $plan): array => array_map(static fn (Box $box): ?string => $box->run?->id, self::beneath($plan)->boxes);
        self::assertSame([null, 'A', null], $rail(self::plan($changes, ['length_m' => 0.5])));
        $none = self::plan($changes, ['length_m' => 0.95]);
        self::assertSame([null, null, null], $rail($none));
        $said = array_column(array_map(static fn ($finding): array => ['code' => $finding->code->value, 'modules' => $finding->values['modules'] ?? ''], $none->findings), 'modules', 'code');
        self::assertSame('1.1, 1.2, 1.3', $said['under_no_room'] ?? '');
    }

    public function test_rows_are_parted_into_the_fewest_strings_as_even_as_can_be(): void
    {
        $beneath = self::beneath(self::plan(['/block/columns' => 6, '/block/left_out' => [['row' => 1, 'column' => 2]], '/surface/no_work_circles' => []], ['string_most' => 4, 'string_least' => 3]));
        $strings = array_map(static fn (array $one): array => array_values($one), $beneath->strings);
        self::assertSame([[1, 1, 1, 1, 4, 3], [1, 1, 2, 5, 6, 2], [1, 2, 1, 1, 3, 3], [1, 2, 2, 4, 6, 3]], $strings);
        $short = array_values(array_filter($beneath->findings(), static fn ($one): bool => $one->code->value === 'string_short'));
        self::assertSame([['row' => 1, 'modules' => 2, 'least' => 3, 'strings' => 1]], array_map(static fn ($one): array => $one->values, $short));
    }

    public function test_every_rail_has_a_lug_and_every_splice_what_bridges_it(): void
    {
        $plan = self::plan(['/kit/rail/stock_length_m' => 3.0]);
        $splices = array_sum(array_map(static fn (RunPlan $run): int => count($run->run->splices_m), $plan->supports));
        self::assertGreaterThan(0, $splices);
        $items = array_column($plan->materials(), 'count', 'item');
        self::assertSame([count($plan->supports), $splices, $plan->moduleCount(), 3 * $plan->moduleCount()], [$items['lug'] ?? 0, $items['jumper'] ?? 0, $items['box'] ?? 0, $items['cable_clip'] ?? 0]);
        self::assertArrayNotHasKey('frame_bond', $items);
        $bare = self::plan(['/kit/rail/stock_length_m' => 3.0, '/kit/bonding/splices_bond' => 'yes', '/kit/bonding/jumper' => '', '/kit/bonding/clamps_bond' => 'unknown']);
        $items = array_column($bare->materials(), 'count', 'item');
        self::assertSame([0, $bare->moduleCount()], [$items['jumper'] ?? 0, $items['frame_bond'] ?? 0]);
        self::assertNotContains('bond_broken', array_map(static fn ($one): string => $one->code->value, $bare->findings));
        foreach ($plan->supports as $run) {
            $marks = array_values(array_filter($plan->tapes()->run($run), static fn (array $mark): bool => $mark['kind'] === 'lug'));
            $taken_m = [...$run->feet_m(), ...$run->run->clamps_m, ...$run->run->splices_m];
            $first_m = $run->run->x0_m + 0.0254;
            for ($isFree = false; !$isFree; $first_m += $isFree ? 0.0 : 0.0001) {
                $isFree = min(INF, ...array_map(static fn (float $x_m): float => abs($x_m - $first_m), $taken_m)) >= 0.0508 - 1e-9;
            }
            self::assertEqualsWithDelta([$first_m], array_column($marks, 'x_m'), 1.1e-4);
            foreach (self::beneath($plan)->boxes as $box) {
                self::assertTrue($box->run !== $run->run || abs($box->at_m - $first_m) > 0.125 + 0.025);
            }
        }
    }

    public function test_on_the_frames_a_box_wants_no_room_and_weighs_as_its_module_does(): void
    {
        // Pieces of rail under single clamps have no room for any.
        $short = Scenario::of('teasel-yard');
        $plan = static fn (string $on): Plan => Planner::plan($short->with('/kit/under', ['hangs_on' => $on] + self::BOX)->design(), Depth::Full);
        [$rails, $frames] = [$plan('rail'), $plan('frame')];
        $codes = static fn (Plan $one): array => array_map(static fn ($finding): string => $finding->code->value, $one->findings);
        self::assertSame([true, false], [in_array('under_no_room', $codes($rails), true), in_array('under_no_room', $codes($frames), true)]);
        self::assertSame($frames->moduleCount(), array_column($frames->materials(), 'count', 'item')['box'] ?? 0);
        self::assertContains('under_frames', array_column($frames->steps->steps ?? [], 'code'));
        $across = static fn (string $on, float $mass_kg): Plan => self::plan([], ['hangs_on' => $on, 'mass_kg' => $mass_kg]);
        [$with, $without] = [$across('frame', 2.0), $across('frame', 0.05)];
        foreach ($with->supports as $index => $run) {
            $share = $run->run->tributary_m / $with->design->module->length->toMetres();
            self::assertEqualsWithDelta(1.95 * 9.80665 * $share * cos($with->design->modulePitch_rad()), $run->run->deadNormalMost_N - $without->supports[$index]->run->deadNormalMost_N, 1e-6);
        }
    }

    public function test_boxes_weigh_on_their_modules_on_either_rail_and_where_they_are_carried_up(): void
    {
        [$with, $without] = [self::plan([], ['modules_each' => 2]), self::plan([], ['modules_each' => 2, 'mass_kg' => 0.05])];
        $more_N = 1.95 / 2 * 9.80665;
        foreach ($with->supports as $index => $run) {
            $plain = $without->supports[$index]->run;
            self::assertEqualsWithDelta($more_N * cos($with->design->modulePitch_rad()), $run->run->deadNormalMost_N - $plain->deadNormalMost_N, 1e-6);
            self::assertSame($plain->deadNormalLeast_N, $run->run->deadNormalLeast_N);
        }
        $shares = array_map(static fn (Plan $plan): float => array_sum(array_map(static fn ($share): float => $share->load_N, $plan->shares->shares ?? [])), [$with, $without]);
        self::assertGreaterThan($with->moduleCount() * $more_N, $shares[0] - $shares[1]);
        $lifts = array_filter($with->lifts(), static fn (array $lift): bool => $lift['what'] === 'boxes');
        self::assertEqualsWithDelta(2.0 * count(self::beneath($with)->boxes), array_sum(array_column($lifts, 'mass_kg')), 1e-9);
    }
}

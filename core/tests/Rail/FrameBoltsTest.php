<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use Garnetine\Core\Tests\Support\Uneven;
use PHPUnit\Framework\TestCase;

/** Modules bolted through the holes of their frames. */
final class FrameBoltsTest extends TestCase
{
    private const HOLE_M = 0.02;
    private const ZONE = ['side' => 'long', 'from_m' => 0.30, 'to_m' => 0.30, 'down_Pa' => 5400.0, 'up_Pa' => 3600.0, 'basis' => 'test', 'factor' => 1.5, 'document' => 'manual'];

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = [], ?Scenario $of = null): Plan
    {
        $scenario = ($of ?? Scenario::of()->with('/module/ratings', [self::ZONE])->with('/surface/no_work_circles', [])->with('/block/left_out', []))->with('/kit/clamp/frame_hole_m', self::HOLE_M);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    public function test_four_bolts_hold_a_module_where_its_holes_are(): void
    {
        $plan = self::plan(['/block/rows' => 2, '/block/columns' => 3]);
        $design = $plan->design;
        [$wide_m, $x_m, $y_m, $gap_m] = [$design->module->width->toMetres(), $design->block->x->toMetres(), $design->block->y->toMetres(), $design->block->columnGap->toMetres()];
        foreach ($plan->supports as $index => $support) {
            $run = $support->run;
            $bolts_m = [];
            foreach ([0, 1, 2] as $column) {
                $from_m = $x_m + $column * ($wide_m + $gap_m);
                array_push($bolts_m, $from_m + self::HOLE_M, $from_m + $wide_m - self::HOLE_M);
            }
            self::assertEqualsWithDelta($bolts_m, $run->clamps_m, 1e-9);
            // Its rail reaches as far past the modules as one with clamps does, and lies under the holes.
            $past_m = $design->kit->rail->endPastModule->toMetres();
            self::assertEqualsWithDelta([$x_m - $past_m, $bolts_m[5] + self::HOLE_M + $past_m], [$run->x0_m, $run->x1_m], 1e-9);
            $row_m = $y_m + intdiv($index, 2) * ($design->module->length->toMetres() + $design->block->rowGap->toMetres());
            self::assertEqualsWithDelta($row_m + ($index % 2 === 0 ? 0.30 : $design->module->length->toMetres() - 0.30), $run->line->at_m, 1e-9);
        }
        $counts = array_column($plan->materials(), 'count', 'item');
        self::assertSame([24, false, false], [$counts['frame_bolt'] ?? 0, isset($counts['mid_clamp']), isset($counts['end_clamp'])]);
        $steps = array_column($plan->steps->steps ?? [], 'values', 'code');
        self::assertSame(self::HOLE_M, $steps['modules_bolted']['hole_m'] ?? 0.0);
        // A bolt has a quarter of its module, where a clamp between two has a half: its suction is eased less and its force is less.
        self::assertEqualsWithDelta($design->module_m2() / 4, $plan->clamp->area_m2 ?? 0.0, 1e-9);
        self::assertLessThan(0.6 * (self::plan(['/block/rows' => 2, '/block/columns' => 3, '/kit/clamp/frame_hole_m' => null])->clamp->up_N ?? 0.0), $plan->clamp->up_N ?? INF);
    }

    public function test_they_hold_on_the_fewest_feet_as_a_second_way_finds_too(): void
    {
        for ($seed = 1; $seed <= 12; ++$seed) {
            mt_srand($seed);
            $changes = [
                '/block/rows' => 1, '/block/columns' => 3, '/block/x_m' => 2.0 + mt_rand(0, 20) / 10, '/site/ground_snow_Pa' => (float) mt_rand(0, 1500), '/kit/clamp/frame_hole_m' => mt_rand(15, 240) / 1000,
                '/kit/rail/section_modulus_x_m3' => mt_rand(40, 90) / 1e7, '/kit/foot/up_N' => (float) mt_rand(1800, 4500), '/rules/pattern' => 'stacked',
            ];
            foreach (self::plan($changes)->supports as $support) {
                $opinion = new SecondOpinion(self::plan($changes)->design, $support->run);
                if ($support->verdict() !== null) {
                    self::assertEqualsWithDelta($opinion->worst($support->feet_m()), $support->verdict()->worst, 1e-6, "seed $seed, {$support->run->id}");
                }
                self::assertSame(Enumeration::fewest($opinion, $support->run, 9)[0], $support->holds() ? count($support->picks) - $support->forMembers : null, "seed $seed, {$support->run->id}");
            }
        }
    }

    public function test_all_that_acts_on_the_modules_arrives_on_rails_up_the_slope_too(): void
    {
        $clamps = Uneven::all()['up'];
        [$bolted, $clamped] = [self::plan([], $clamps->with('/module/ratings', [['from_m' => 0.25, 'to_m' => 0.25] + self::ZONE])), Planner::plan($clamps->with('/module/ratings', [['from_m' => 0.25, 'to_m' => 0.25] + self::ZONE])->design())];
        self::assertFalse($bolted->hasRefusal());
        $sums = static fn (Plan $plan): array => array_map(static fn ($support): array => [
            array_sum($support->run->shares), array_sum(array_map(array_sum(...), $support->run->windAreas_m2)), ...array_map(array_sum(...), array_values($support->run->upSlope->normal_N ?? [])), $support->run->upSlope?->from_m, $support->run->upSlope?->to_m, $support->run->x0_m, $support->run->x1_m,
        ], $plan->supports);
        self::assertEqualsWithDelta($sums($clamped), $sums($bolted), 1e-6);
        self::assertSame(4 * $bolted->moduleCount(), array_sum(array_map(static fn ($support): int => count($support->run->clamps_m), $bolted->supports)));
    }

    public function test_rails_in_pieces_and_rails_that_rows_share_take_none(): void
    {
        $codes = static fn (Plan $plan): array => array_map(static fn (Finding $one): string => $one->code->value, $plan->findings);
        self::assertContains('frame_bolts_unfit', $codes(self::plan(['/block/arrangement' => ['kind' => 'shared_rails']])));
        self::assertContains('frame_bolts_unfit', $codes(self::plan([], Scenario::of('teasel-yard'))));
        self::assertContains('frame_bolts_unfit', $codes(self::plan(['/kit/clamp/frame_hole_m' => 0.25, '/module/width_m' => 0.5])));
        self::assertNotContains('frame_bolts_unfit', $codes(self::plan()));
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Crew\Materials;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Rail\RailLine;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;

/** Rails that two rows share, in the gaps between them. */
final class SharedRailsTest extends TestCase
{
    private const ALONG = ['side' => 'short', 'from_m' => 0.05, 'to_m' => 0.25, 'down_Pa' => 5400.0, 'up_Pa' => 3600.0, 'basis' => 'test', 'factor' => 1.5, 'document' => 'manual', 'relation' => 'along'];

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = []): Plan
    {
        $scenario = Scenario::of()->with('/block/arrangement', ['kind' => 'shared_rails'])->with('/module/ratings', [self::ALONG])->with('/kit/clamp/grips_both_rails', true)->with('/surface/no_work_circles', [])->with('/block/left_out', []);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    public function test_one_rail_more_than_rows_lies_in_their_gaps(): void
    {
        $plan = self::plan(['/block/rows' => 2, '/block/columns' => 4]);
        $lines = $plan->blocks[0]->lines?->all() ?? self::fail();
        self::assertSame(['A', 'B', 'C'], array_map(static fn (RailLine $line): string => $line->letter, $lines));
        [$gap_m, $long_m, $y_m] = [$plan->design->block->rowGap->toMetres(), $plan->design->module->length->toMetres(), $plan->design->block->y->toMetres()];
        foreach ($lines as $index => $line) {
            self::assertEqualsWithDelta($y_m - $gap_m / 2 + $index * ($long_m + $gap_m), $line->at_m, 1e-9);
        }
        // Each module is clamped in the middle of its zone, 0.15 m from its sides: two clamps on either rail, those of two rows as one.
        [$first, $middle, $last] = array_map(static fn ($support) => $support->run, $plan->supports);
        $x_m = $plan->design->block->x->toMetres();
        self::assertEqualsWithDelta([$x_m + 0.15, $x_m + $plan->design->module->width->toMetres() - 0.15], array_slice($first->clamps_m, 0, 2), 1e-9);
        self::assertSame([8, 8, 8], [count($first->clamps_m), count($middle->clamps_m), count($last->clamps_m)]);
        self::assertSame([8, 0, 8], [$first->endClamps(), $middle->endClamps(), $last->endClamps()]);
        $counts = array_column(Materials::of($plan->design, $plan->supports, ['M' => 8], null, $plan->holes ?? self::fail(), null), 'count', 'item');
        self::assertSame([16, 8], [$counts['end_clamp'], $counts['mid_clamp']]);
        self::assertEqualsWithDelta(0.15, array_column($plan->steps->steps ?? [], 'values', 'code')['modules_shared']['clamp_m'] ?? 0.0, 1e-9);
        self::assertSame([1.0, 2.0, 1.0], array_map(static fn ($run): float => round($run->tributary_m / $first->tributary_m, 9), [$first, $middle, $last]));
    }

    public function test_all_that_acts_on_the_modules_arrives_on_the_rails(): void
    {
        foreach ([[], [['row' => 2, 'column' => 1], ['row' => 2, 'column' => 2]], [['row' => 1, 'column' => 3]], [['row' => 2, 'column' => 1], ['row' => 2, 'column' => 2], ['row' => 2, 'column' => 3], ['row' => 2, 'column' => 4], ['row' => 2, 'column' => 5]]] as $out) {
            $plan = self::plan(['/block/rows' => 3, '/block/columns' => 5, '/block/y_m' => 0.3, '/block/left_out' => $out, '/surface/slope_length_m' => 8.0, '/site/eave_to_ridge_m' => 7.0]);
            $runs = array_map(static fn ($support) => $support->run, $plan->supports);
            $area_m2 = array_sum(array_map(static fn ($run): float => array_sum(array_map(array_sum(...), $run->windAreas_m2)), $runs));
            self::assertEqualsWithDelta($plan->moduleCount() * $plan->design->module_m2(), $area_m2, 1e-6);
            // Two rails under each module, and each rail counts what it bears in modules on it: two halves a module.
            self::assertEqualsWithDelta(2.0 * $plan->moduleCount(), array_sum(array_map(static fn ($run): float => array_sum($run->shares), $runs)), 1e-9);
            foreach ($runs as $run) {
                self::assertLessThanOrEqual(2.0, $run->tributary_m / ($plan->design->module->length->toMetres() / 2));
                self::assertCount(count($run->clamps_m), $run->shares);
            }
        }
        // With the whole middle row gone its neighbours share nothing.
        self::assertSame([1.0, 1.0, 1.0, 1.0], array_map(static fn ($run): float => round($run->tributary_m / ($plan->design->module->length->toMetres() / 2), 9), $runs));
    }

    public function test_they_hold_on_the_fewest_feet_as_a_second_way_finds_too(): void
    {
        for ($seed = 1; $seed <= 10; ++$seed) {
            mt_srand($seed);
            $plan = self::plan([
                '/block/rows' => mt_rand(1, 2), '/block/columns' => 3, '/block/x_m' => 2.0 + mt_rand(0, 20) / 10, '/block/left_out' => $seed % 3 === 0 ? [['row' => 1, 'column' => 1]] : [], '/site/ground_snow_Pa' => (float) mt_rand(0, 1500),
                '/kit/rail/section_modulus_x_m3' => mt_rand(40, 90) / 1e7, '/kit/foot/up_N' => (float) mt_rand(1800, 4500), '/rules/pattern' => 'stacked',
            ]);
            foreach ($plan->supports as $support) {
                $opinion = new SecondOpinion($plan->design, $support->run);
                if ($support->verdict() !== null) {
                    self::assertEqualsWithDelta($opinion->worst($support->feet_m()), $support->verdict()->worst, 1e-6, "seed $seed, {$support->run->id}");
                }
                self::assertSame(Enumeration::fewest($opinion, $support->run, 9)[0], $support->holds() ? count($support->picks) - $support->forMembers : null, "seed $seed, {$support->run->id}");
            }
        }
    }

    public function test_modules_have_to_be_rated_for_it_and_held_by_both_edges(): void
    {
        $codes = static fn (Plan $plan): array => array_map(static fn (Finding $one): string => $one->code->value, array_values(array_filter($plan->findings, static fn (Finding $one): bool => $one->blocks())));
        self::assertContains('shared_unfit', $codes(self::plan(['/kit/clamp/grips_both_rails' => false])));
        self::assertContains('clamp_zone_missing', $codes(self::plan(['/module/ratings' => [['relation' => 'crossing'] + self::ALONG]])));
        // A rating along the side is none for a rail that crosses it.
        self::assertContains('clamp_zone_missing', $codes(self::plan(['/block/arrangement' => ['kind' => 'rails_across'], '/module/ratings' => [['side' => 'long'] + self::ALONG]])));
        self::assertEqualsWithDelta(3600.0 / 1.5, self::plan()->blocks[0]->modules[0]->ratedUp_Pa, 1e-9);
    }
}

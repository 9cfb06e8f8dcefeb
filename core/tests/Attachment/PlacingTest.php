<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Attachment\Check\Placing;
use Garnetine\Core\Attachment\Check\Worked;
use Garnetine\Core\Attachment\Search\FootMoves;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Misplaced;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Feet off their marks, and what is worked out for those who follow it by hand. */
final class PlacingTest extends TestCase
{
    public function test_what_a_moved_foot_costs_stays_under_its_bound_over_hinges_too(): void
    {
        $checked = $close = 0;
        for ($seed = 5200; $seed < 5240; ++$seed) {
            foreach (Planner::plan(Scenario::randomZones($seed, 7)->design(), Depth::Checks)->supports as $plan) {
                mt_srand($seed);
                $feet_m = array_values(array_filter($plan->run->candidates_m, static fn (): bool => mt_rand(0, 2) > 0));
                $worst = $plan->check->worst($feet_m);
                if (is_infinite($worst)) {
                    continue;
                }
                $shape = $plan->check->shape;
                $bounds = [];
                foreach (array_filter([$shape->layout($feet_m), $shape->hasHinges() ? $shape->hinged($feet_m) : null]) as $layout) {
                    $bounds[] = (new FootMoves($plan->check))->bounds($layout, $worst, static fn (): float => $worst);
                }
                foreach ($feet_m as $place => $x_m) {
                    foreach ([-1, 1] as $side) {
                        $moved = $plan->check->worst(array_values(array_replace($feet_m, [$place => $x_m + $side * $plan->check->capacities->placing->tolerance_m])));
                        if (is_finite($moved)) {
                            ++$checked;
                            $bound = max([0.0, ...array_column($bounds, $place)]);
                            $close += $bound < 1.15 * $moved ? 1 : 0;
                            self::assertLessThanOrEqual($bound + 1e-9, $moved, "seed $seed, run {$plan->run->id}, foot $place");
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(500, $checked);
        self::assertGreaterThan(0.5 * $checked, $close, 'a bound that is far off decides nothing');
    }

    public function test_a_quarter_of_an_inch_in_every_foot_costs_less_than_the_factor_on_all_but_a_few_runs(): void
    {
        // 2,000 runs go through bin/bench.
        $placing = Placing::of(Scenario::of()->design());
        self::assertEqualsWithDelta(Length::ofInches(0.25)->toMetres(), $placing->tolerance_m, 1e-12);
        $over = 0;
        for ($seed = 1; $seed <= 150; ++$seed) {
            $over += Misplaced::grows($seed, $placing->tolerance_m) > $placing->factor - 1 ? 1 : 0;
        }
        self::assertLessThan(8, $over);
        self::assertGreaterThan(0.01, Misplaced::grows(1, $placing->tolerance_m));
    }

    public function test_the_span_and_the_foot_that_are_worked_out_have_the_ratios_of_the_checks(): void
    {
        $spans = 0;
        for ($seed = 1; $seed < 40; ++$seed) {
            $runs = Planner::plan(Scenario::randomZones($seed, 8)->design(), Depth::Checks)->supports;
            [$span, $foot] = [Worked::span($runs), Worked::foot($runs)];
            if ($span !== null) {
                ++$spans;
                self::assertEqualsWithDelta($span->run->verdict()?->rail?->ratio, $span->ratio, 1e-6 * max(1.0, $span->ratio), "seed $seed");
                $capacities = $span->run->check->capacities;
                self::assertEqualsWithDelta($span->ratio, $span->normal_Nm / $capacities->railNormal_Nm + $span->along_Nm / $capacities->railAlong_Nm, 1e-9);
            }
            if ($foot !== null) {
                self::assertEqualsWithDelta($foot->run->verdict()?->attachments[(int) $foot->place]->worst->ratio, $foot->ratio, 1e-6 * max(1.0, $foot->ratio), "seed $seed");
            }
        }
        self::assertGreaterThan(30, $spans);
    }
}

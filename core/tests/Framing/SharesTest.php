<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Framing;

use Garnetine\Core\Attachment\MemberLoading;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

final class SharesTest extends TestCase
{
    public function test_what_a_move_relieves_is_the_difference_of_the_whole_sums(): void
    {
        $moves = $relieved = 0;
        for ($seed = 600; $seed < 620; ++$seed) {
            $plan = Planner::plan(Scenario::random($seed)->design(), Depth::Checks);
            if ($plan->loads === null) {
                continue;
            }
            $loading = new MemberLoading($plan->design, $plan->members, $plan->loads, new Coefficients(), array_map(static fn (RunPlan $support) => $support->run, $plan->supports));
            $before = $loading->under($plan->supports);
            foreach ($plan->supports as $index => $support) {
                foreach (count($support->picks) < 2 ? [] : [-1, 1] as $side) {
                    $picks = $support->picks;
                    $picks[0] += $side;
                    if ($picks[0] < 0 || $picks[0] >= $picks[1]) {
                        continue;
                    }
                    $moved = $support->over($picks);
                    $after = $loading->under(array_values([$index => $moved] + $plan->supports));
                    $relief = $loading->relief($before->loads_N(), $loading->of_N($support), $loading->of_N($moved));
                    ++$moves;
                    // The sum lists members with feet only; one that is left without a foot bears the roof alone, under the limit.
                    self::assertEqualsWithDelta($before->excess() - $after->excess(), $relief, 1e-9, "seed $seed, run {$support->run->id}");
                    self::assertEqualsWithDelta(array_sum($before->loads_N()), array_sum($after->loads_N()), 1e-6, 'no load is lost');
                    $relieved += abs($relief) > 1e-9 ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(30, $moves);
        self::assertGreaterThan(5, $relieved);
    }

    public function test_where_only_the_lower_rail_grips_it_carries_all_that_slides_and_no_load_is_lost(): void
    {
        $scenario = Scenario::of()->with('/surface/pitch_rad', deg2rad(40))->with('/block/left_out', [])->with('/site/ground_snow_Pa', 0.0);
        $byGrip = [];
        foreach ([true, false] as $both) {
            $plan = Planner::plan($scenario->with('/kit/clamp/grips_both_rails', $both)->design(), Depth::Checks);
            self::assertNotNull($plan->loads);
            $loading = new MemberLoading($plan->design, $plan->members, $plan->loads, new Coefficients(), array_map(static fn (RunPlan $support) => $support->run, $plan->supports));
            // By line: what its feet bring onto the members.
            $byGrip[] = array_map(static fn (RunPlan $support): float => array_sum($loading->of_N($support)), $plan->supports);
        }
        [$both, $lower] = $byGrip;
        self::assertEqualsWithDelta(array_sum($both), array_sum($lower), 1e-6 * array_sum($both));
        self::assertEqualsWithDelta($both[0], $both[1], 0.03 * $both[0], 'but for how far in they lie');
        // Of a load on a slope of 40° sin² goes along it: all to the lower rail, and cos² normal to it, half to each; each rail bears itself.
        $slide = sin(deg2rad(40)) ** 2;
        $module = $lower[0] + $lower[1];
        self::assertGreaterThan($both[0], $lower[0]);
        self::assertEqualsWithDelta((1 + $slide) / 2, $lower[0] / $module, 0.03);
    }
}

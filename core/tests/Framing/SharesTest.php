<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Framing;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Framing\MemberLoading;
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
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Attachment\FewestSearch;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;

/** The fewest feet, proven by trying everything with a separately written check. */
final class FewestSearchTest extends TestCase
{
    public function test_the_count_and_its_reserve_equal_full_enumeration(): void
    {
        // 200 runs of up to 14 members go through bin/bench.
        $runs = $holding = 0;
        for ($seed = 5000; $runs < 40; ++$seed) {
            $design = Scenario::random($seed, 5)->design();
            foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                $candidates = count($plan->run->candidates_m);
                if ($candidates < 2 || $candidates > 11) {
                    continue;
                }
                ++$runs;
                $found = (new FewestSearch($plan->run, $plan->check))->fewest();
                [$count, $worst] = Enumeration::fewest(new SecondOpinion($design, $plan->run), $plan->run, $found === null ? $candidates : count($found->picks));
                self::assertSame($count, $found === null ? null : count($found->picks), "seed $seed, run {$plan->run->id}");
                if ($found !== null && $found->isBest) {
                    ++$holding;
                    self::assertEqualsWithDelta($worst, $found->worst, 1e-6, "seed $seed, run {$plan->run->id}");
                }
            }
        }
        self::assertGreaterThan(10, $holding);
    }
}

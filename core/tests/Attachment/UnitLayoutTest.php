<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Attachment\Beam\PartialSnow;
use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Rail\ContinuousBeam;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Layouts solved once for a shape, against the beam that is written apart from them, and the laws of sharing. */
final class UnitLayoutTest extends TestCase
{
    /** @return iterable<array{Run, list<float>}> Runs with random feet */
    private static function layouts(int $from, int $to): iterable
    {
        for ($seed = $from; $seed < $to; ++$seed) {
            foreach (Planner::plan(Scenario::randomZones($seed, 9)->design(), Depth::Checks)->supports as $plan) {
                mt_srand($seed);
                $feet_m = array_values(array_filter($plan->run->candidates_m, static fn (): bool => mt_rand(0, 2) > 0));
                if (count($feet_m) > 1) {
                    yield [$plan->run, $feet_m];
                }
            }
        }
    }

    public function test_moments_and_reactions_equal_those_of_the_beam_and_balance_the_loads(): void
    {
        $checked = 0;
        foreach (self::layouts(8100, 8130) as [$run, $feet_m]) {
            $shape = RunShape::of($run);
            $layout = $shape->layout($feet_m);
            $beam = new ContinuousBeam($feet_m);
            foreach ($shape->units as $unit => $loads) {
                ++$checked;
                $state = $beam->under($run->clamps_m, $loads);
                foreach ($feet_m as $foot => $_) {
                    self::assertEqualsWithDelta($state->moments_Nm[$foot], $layout->moments[$unit][$foot], 1e-9);
                    self::assertEqualsWithDelta($state->reactions_N[$foot], $layout->reactions[$unit][$foot], 1e-9);
                }
                self::assertEqualsWithDelta(array_sum($loads), array_sum($layout->reactions[$unit]), 1e-9);
                $turning = array_sum(array_map(static fn (float $load, float $x_m): float => $load * $x_m, $loads, $run->clamps_m));
                self::assertEqualsWithDelta($turning, array_sum(array_map(static fn (float $reaction, float $x_m): float => $reaction * $x_m, $layout->reactions[$unit], $feet_m)), 1e-8);
            }
        }
        self::assertGreaterThan(100, $checked);
    }

    public function test_patterns_of_partial_snow_equal_those_solved_span_by_span(): void
    {
        $checked = 0;
        foreach (self::layouts(8130, 8150) as [$run, $feet_m]) {
            $layout = RunShape::of($run)->layout($feet_m);
            $beam = new ContinuousBeam($feet_m);
            $apart = PartialSnow::under($beam, $feet_m, $run->clamps_m, $run->shares, $beam->under($run->clamps_m, $run->shares), 0.5);
            $snow = $layout->snow();
            self::assertSame($apart === null, $snow === null);
            if ($apart === null || $snow === null) {
                continue;
            }
            foreach ($snow->reactions() as $foot => $patterns) {
                [$low, $high] = $layout->reactionRange($snow, $foot);
                foreach ($patterns as $pattern => $reaction) {
                    ++$checked;
                    self::assertEqualsWithDelta($apart->reactions()[$foot][$pattern] ?? NAN, $reaction, 1e-9);
                    self::assertGreaterThanOrEqual($low - 1e-9, $reaction);
                    self::assertLessThanOrEqual($high + 1e-9, $reaction);
                }
                self::assertEqualsWithDelta($apart->lows[$foot], $snow->lows[$foot], 1e-9);
                self::assertEqualsWithDelta($apart->highs[$foot], $snow->highs[$foot], 1e-9);
            }
        }
        self::assertGreaterThan(500, $checked);
    }

    public function test_lines_of_one_row_have_one_shape_and_their_wind_differs_in_size_alone(): void
    {
        $shared = 0;
        $acting = [0, 0];
        for ($seed = 8150; $seed < 8170; ++$seed) {
            $by = [];
            foreach (Planner::plan(Scenario::randomZones($seed, 9)->design(), Depth::Checks)->supports as $plan) {
                $by[RunShape::key($plan->run)][] = $plan->run;
            }
            foreach ($by as $runs) {
                $units = RunShape::of($runs[0])->units;
                foreach ($runs as $run) {
                    $shared += $run === $runs[0] ? 0 : 1;
                    foreach (RunShape::winds($run) as $suction => [$unit, $size]) {
                        ++$acting[min($unit, 1)];
                        foreach ($run->windAreas_m2[$suction] as $clamp => $area_m2) {
                            self::assertEqualsWithDelta($area_m2, $units[$unit][$clamp] * $size, 1e-6);
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(20, $shared);
        self::assertGreaterThan(20, min($acting), 'some suctions go with the shares, others have a unit of their own');
    }

    public function test_a_plan_leaves_nothing_to_the_cycle_collector(): void
    {
        $design = Scenario::of()->design();
        Planner::plan($design, Depth::Checks);
        gc_collect_cycles();
        Planner::plan($design, Depth::Checks);
        self::assertLessThan(50, gc_collect_cycles(), 'a check or a layout holds what holds it');
    }
}

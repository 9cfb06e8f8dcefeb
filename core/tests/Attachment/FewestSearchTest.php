<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Search\FewestSearch;
use Garnetine\Core\Attachment\Search\Reach;
use Garnetine\Core\Attachment\Search\SearchSpace;
use Garnetine\Core\Design\Design;
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
            $design = Scenario::randomZones($seed, 5)->design();
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
                // Led by what is within reach from the first step on, it finds the same.
                $led = (new FewestSearch($plan->run, $plan->check, [], 0))->fewest();
                self::assertSame([$count, $found === null ? null : round($found->worst, 9)], $led === null ? [null, null] : [count($led->picks), round($led->worst, 9)], "seed $seed, run {$plan->run->id}");
            }
        }
        self::assertGreaterThan(10, $holding);
    }

    /** Ribs every 200 mm under 20 modules: proven on nine lines of ten, by a search that is led; what is out of reach no layout of a longer search comes to. */
    public function test_on_dense_places_what_is_within_reach_leads_to_the_fewest_feet_and_proves_them(): void
    {
        $proven = $lines = $out = 0;
        foreach ([[45.0, 0.0], [50.0, 1000.0], [55.0, 1000.0], [60.0, 0.0], [55.0, 2000.0]] as [$wind_mps, $snow_Pa]) {
            $plans = Planner::plan(self::seams($wind_mps, $snow_Pa), Depth::Checks)->supports;
            foreach ($plans as $plan) {
                ++$lines;
                $proven += $plan->bound === count($plan->picks) ? 1 : 0;
            }
            $count = count($plans[0]->picks);
            $space = new SearchSpace($plans[0]->run, $plans[0]->check, $plans[0]->check->shape);
            $reach = new Reach($space, $plans[0]->check, $plans[0]->check->capacities->placing->limit);
            self::assertFalse($reach->isEmpty($count));
            for ($fewer = $space->start ?? $count; $fewer < $count && $reach->isEmpty($fewer); ++$fewer) {
                ++$out;
            }
        }
        self::assertGreaterThanOrEqual(0.9 * $lines, $proven, "$proven of $lines");
        self::assertGreaterThan(3, $out);
    }

    private static function seams(float $wind_mps, float $snow_Pa): Design
    {
        return Scenario::of('quillwort-lane')->with('/surface/covering/seam_pitch_m', 0.2)->with('/surface/width_m', 26.0)->with('/surface/slope_length_m', 22.0)
            ->with('/surface/no_work_circles', [])->with('/surface/no_work_rectangles', [])->with('/block/rows', 6)->with('/block/columns', 20)->with('/block/left_out', [])
            ->with('/block/x_m', 1.0)->with('/block/y_m', 1.0)->with('/site/building_length_m', 30.0)->with('/site/building_width_m', 40.0)
            ->with('/site/wind_speed_m_per_s', $wind_mps)->with('/site/ground_snow_Pa', $snow_Pa)->design();
    }

    public function test_a_line_that_takes_the_layout_of_another_has_no_more_feet_than_a_search_of_its_own(): void
    {
        $adopted = 0;
        for ($seed = 5200; $seed < 5240; ++$seed) {
            $plans = Planner::plan(Scenario::randomZones($seed, 8)->design(), Depth::Checks)->supports;
            foreach ($plans as $plan) {
                $own = (new FewestSearch($plan->run, $plan->check))->fewest();
                if ($plan->bound === count($plan->picks)) {
                    $adopted += $plan->isBest ? 0 : 1;
                    self::assertSame($plan->bound, count($own->picks ?? []), "seed $seed, run {$plan->run->id}");
                }
            }
        }
        self::assertGreaterThan(20, $adopted);
    }

    public function test_nothing_is_ruled_out_that_a_longer_search_finds_however_few_steps_there_are(): void
    {
        $asked = $out = 0;
        for ($seed = 5300; $seed < 5322; ++$seed) {
            foreach (Planner::plan(Scenario::randomZones($seed, 8)->design(), Depth::Checks)->supports as $plan) {
                $found = (new FewestSearch($plan->run, $plan->check))->fewest([], null, [], 20_000);
                if ($found === null) {
                    continue;
                }
                foreach ([1, 3, 10, 40, 400] as $steps) {
                    foreach ([[], [$plan->check, $plan->check]] as $others) {
                        $search = new FewestSearch($plan->run, $plan->check, $others);
                        foreach ([0, 2] as $more) {
                            ++$asked;
                            self::assertFalse($search->ruledOut(count($found->picks) + $more, [], $steps), "seed $seed, run {$plan->run->id}, $steps steps");
                        }
                        $out += $search->ruledOut(count($found->picks) - 1, [], $steps) ? 1 : 0;
                    }
                }
            }
        }
        self::assertGreaterThan(500, $asked);
        self::assertGreaterThan(200, $out);
    }

    public function test_a_search_for_relief_keeps_off_what_is_barred_with_the_fewest_feet_and_takes_the_first_best(): void
    {
        $relieving = $chosen = 0;
        for ($seed = 5300; $seed < 5322; ++$seed) {
            $design = Scenario::randomZones($seed, 8)->design();
            foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                $barred = array_slice($plan->picks, 1, 1);
                $offered = [];
                $relief = static function (array $picks) use (&$offered): float {
                    $key = implode(',', array_map(strval(...), array_filter($picks, is_int(...))));
                    $offered[$key] = $of = (float) crc32($key);

                    return $of;
                };
                $search = new FewestSearch($plan->run, $plan->check);
                $picks = $plan->holds() ? $search->relieving($barred, 0, count($plan->picks) + 1, $relief, $plan->check, $plan->check->capacities->placing->limit) : null;
                if ($picks === null) {
                    continue;
                }
                ++$relieving;
                self::assertSame([], array_intersect($picks, $barred));
                $fewest = $search->fewest($barred, count($plan->picks) + 1);
                self::assertNotNull($fewest, 'what was looked for before leaves no trace');
                self::assertCount(count($fewest->picks), $picks, "seed $seed, run {$plan->run->id}");
                $feet_m = array_map(static fn (int $pick): float => $plan->run->candidates_m[$pick], $picks);
                $opinion = new SecondOpinion($design, $plan->run);
                self::assertTrue($opinion->holds($feet_m));
                $chosen += count($offered) > 1 ? 1 : 0;
                foreach ($offered as $other => $of) {
                    $other_m = array_map(static fn (string $pick): float => $plan->run->candidates_m[(int) $pick], explode(',', (string) $other));
                    self::assertTrue($of <= $offered[implode(',', $picks)] || !$opinion->holds($other_m, 1e-6), 'a better one that holds was passed over');
                }
            }
        }
        self::assertGreaterThan(30, $relieving);
        self::assertGreaterThan(10, $chosen);
    }

    public function test_relief_found_by_the_search_of_another_run_holds_under_the_loads_of_the_one_it_is_for(): void
    {
        $found = $refused = 0;
        for ($seed = 5300; $seed < 5360; ++$seed) {
            $design = Scenario::randomZones($seed, 8)->design();
            $alike = [];
            foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                $lender = $alike[RunShape::key($plan->run).implode(',', $plan->run->candidates_m)] ??= $plan;
                if ($lender === $plan || !$plan->holds()) {
                    continue;
                }
                $search = new FewestSearch($lender->run, $lender->check);
                $own = $search->fewest();
                // Of one layout as good as of another: what comes first and holds is taken.
                $picks = $search->relieving([], 0, count($plan->picks) + 1, static fn (): float => 0.0, $plan->check, $plan->check->capacities->placing->limit);
                self::assertSame($own?->picks, $search->fewest()?->picks, 'and leaves no trace for the run it belongs to');
                if ($picks === null) {
                    continue;
                }
                $opinion = new SecondOpinion($design, $plan->run);
                $holds = static fn (array $picks): bool => $opinion->holds(array_map(static fn (int $pick): float => $plan->run->candidates_m[$pick], array_values(array_filter($picks, is_int(...)))));
                self::assertTrue($holds($picks), "seed $seed, run {$plan->run->id}");
                ++$found;
                $refused += $own !== null && !$holds($own->picks) ? 1 : 0;
            }
        }
        self::assertGreaterThan(40, $found);
        self::assertGreaterThan(2, $refused, 'some layouts hold for the one and not for the other');
    }

    public function test_a_moved_foot_that_plainly_cannot_stand_holds_in_no_layout(): void
    {
        $out = $holding = 0;
        for ($seed = 5300; $seed < 5312; ++$seed) {
            $design = Scenario::randomZones($seed, 8)->design();
            foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                $searches = [new FewestSearch($plan->run, $plan->check), new FewestSearch($plan->run, $plan->check, [$plan->check, $plan->check])];
                $opinion = new SecondOpinion($design, $plan->run);
                foreach ($plan->holds() ? $plan->picks : [] as $place => $pick) {
                    foreach ([-1, 0, 1] as $side) {
                        $picks = array_replace($plan->picks, [$place => $pick + $side]);
                        if (!isset($plan->run->candidates_m[$pick + $side]) || count(array_unique($picks)) < count($picks)) {
                            continue;
                        }
                        $holds = $opinion->holds(array_map(static fn (int $pick): float => $plan->run->candidates_m[$pick], array_values($picks)), 1e-6);
                        foreach ($searches as $search) {
                            $may = $search->mayStand(array_values($picks), $place);
                            self::assertTrue($may || !$holds, "seed $seed, run {$plan->run->id}, foot $place");
                            $out += $may ? 0 : 1;
                            $holding += $holds ? 1 : 0;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(30, $out);
        self::assertGreaterThan(120, $holding);
    }

    public function test_lines_share_no_member_but_at_their_ends_unless_that_costs_a_foot(): void
    {
        $apart = $shared = 0;
        foreach ([0.0, 300.0, 600.0] as $snow_Pa) {
            // Under so heavy a roof no member is overloaded, so that no run is moved afterwards.
            $scenario = Scenario::of()->with('/block/left_out', [])->with('/surface/no_work_circles', [])->with('/surface/dead_load_Pa', 3000.0)->with('/site/ground_snow_Pa', $snow_Pa);
            $plans = Planner::plan($scenario->design(), Depth::Checks)->supports;
            foreach (array_slice($plans, 1) as $index => $plan) {
                $inner = array_slice($plans[$index]->members(), 1, -1);
                if (array_intersect($inner, array_slice($plan->members(), 1, -1)) === []) {
                    ++$apart;
                    continue;
                }
                ++$shared;
                $barred = array_keys(array_intersect($plan->run->members, $inner));
                self::assertNull((new FewestSearch($plan->run, $plan->check))->fewest($barred, count($plan->picks)), "line {$plan->run->id} at $snow_Pa Pa shares members without need");
            }
        }
        self::assertGreaterThan(2, $apart);
        self::assertGreaterThan(0, $shared);
    }
}

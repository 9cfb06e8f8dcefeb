<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Attachment\Search\FewestSearch;
use Garnetine\Core\Attachment\Search\NotWanted;
use Garnetine\Core\Attachment\Search\SearchSpace;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hinged splices, one-sided overhangs, long runs: where a search could go wrong or never end. */
final class HardCasesTest extends TestCase
{
    /** @return iterable<string, array{RunPlan, Design}> */
    private static function supports(int $from, int $to, int $mostColumns, bool $hinged = false, bool $weak = false): iterable
    {
        for ($seed = $from; $seed < $to; ++$seed) {
            $scenario = Scenario::randomZones($seed, $mostColumns);
            if ($weak) {
                // A strong rail on weak feet: now the feet govern.
                $scenario = $scenario->with('/kit/rail/section_modulus_x_m3', 2e-5)->with('/kit/rail/section_modulus_y_m3', 2e-5)->with('/kit/rail/second_moment_x_m4', 4e-8)
                    ->with('/site/ground_snow_Pa', 1500.0)->with('/kit/foot/down_N', 1800.0 + 100 * ($seed % 9))->with('/kit/foot/up_N', 900.0);
            }
            if ($hinged) {
                $scenario = $scenario->with('/kit/rail/splice_moment_Nm', null)->with('/kit/rail/stock_length_m', 2.6 + 0.1 * ($seed % 8));
            }
            $design = $scenario->design();
            foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                yield "seed $seed, run {$plan->run->id}" => [$plan, $design];
            }
        }
    }

    public function test_over_hinges_the_count_and_its_reserve_equal_full_enumeration(): void
    {
        $hinged = 0;
        foreach (self::supports(4100, 4116, 5, true) as $name => [$plan, $design]) {
            if ($plan->run->splices_m === [] || count($plan->run->candidates_m) > 10) {
                continue;
            }
            ++$hinged;
            [$count, $worst] = Enumeration::fewest(new SecondOpinion($design, $plan->run), $plan->run, 9);
            $found = (new FewestSearch($plan->run, $plan->check))->fewest([], 9);
            self::assertSame($count, $found === null ? null : count($found->picks), $name);
            if ($found !== null) {
                self::assertEqualsWithDelta($worst, $found->worst, 1e-7, $name);
            }
        }
        self::assertGreaterThan(10, $hinged);
    }

    /** @return array<string, array{int, int, float, float}> Rows, columns, metres between members, and feet for one of the bound at most */
    public static function dense(): array
    {
        return ['many short runs' => [10, 20, 0.2, 1.25], 'long runs with short last pieces' => [2, 30, 0.2, 1.3], 'few very long runs' => [4, 50, 0.2, 1.2], 'another grid' => [2, 30, 0.25, 1.35]];
    }

    #[DataProvider('dense')]
    public function test_on_dense_places_every_run_holds_with_few_feet_within_the_work_of_its_plane(int $rows, int $columns, float $spacing_m, float $most): void
    {
        $design = Scenario::of()->with('/surface/width_m', $columns * 1.01 + 4)->with('/surface/slope_length_m', $rows * 1.7 + 3)->with('/surface/covering/upper_butt_m', $rows * 1.7 + 2.7)
            ->with('/surface/covering/courses_between', (int) round(($rows * 1.7 + 2.415) / 0.1437))->with('/surface/no_work_circles', [])->with('/surface/framing/spacing_m', $spacing_m)
            ->with('/block/left_out', [])->with('/block/rows', $rows)->with('/block/columns', $columns)->with('/block/x_m', 2.0)->with('/site/building_length_m', max(10.0, $columns + 4.0))->with('/site/building_width_m', 2 * ($rows * 1.7 + 3))->design();
        $plan = Planner::plan($design, Depth::Checks);
        $bound = 0;
        foreach ($plan->supports as $run) {
            self::assertTrue($run->holds(), $run->run->id);
            $bound += $run->bound ?? 0;
        }
        self::assertLessThanOrEqual($most * $bound, $plan->attachmentCount());
        $work = $plan->supports[0]->check->work;
        self::assertNotNull($work);
        self::assertLessThan(1.25 * $work->budget, $work->taken());
        // Nobody waits any more: it ends at the third look, a small part of its work later.
        $looks = 0;
        try {
            Planner::plan($design, Depth::Checks, static function () use (&$looks): bool {
                return ++$looks < 3;
            });
            self::fail('It was planned to its end.');
        } catch (NotWanted) {
            self::assertSame(3, $looks);
        }
    }

    public function test_a_run_turned_round_needs_the_same_feet_with_the_same_reserve(): void
    {
        $turned = 0;
        foreach (self::supports(4200, 4225, 9) as $name => [$plan, $design]) {
            $run = $plan->run;
            self::assertEqualsWithDelta($run->candidates_m, $run->turned()->turned()->candidates_m, 1e-12, $name);
            self::assertEqualsWithDelta($run->windAreas_m2, $run->turned()->turned()->windAreas_m2, 1e-12, $name);
            self::assertEqualsWithDelta($run->x0_m + $run->x1_m, $run->clamps_m[0] + $run->turned()->clamps_m[count($run->clamps_m) - 1], 1e-12, $name);
            if (count($run->candidates_m) < 2) {
                continue;
            }
            $one = (new FewestSearch($run, $plan->check))->fewest();
            $other = (new FewestSearch($run->turned(), new RunCheck($run->turned(), Capacities::of($design, FastenerInMember::of($design, new Coefficients())), SiteLoads::of($design, new Coefficients())->combinations->strength, CombinationFactors::for($design, new Coefficients()))))->fewest();
            self::assertSame($one === null ? null : count($one->picks), $other === null ? null : count($other->picks), $name);
            if ($one !== null && $other !== null && $one->isBest && $other->isBest) {
                ++$turned;
                self::assertEqualsWithDelta($one->worst, $other->worst, 1e-8, $name);
            }
        }
        self::assertGreaterThan(30, $turned);
    }

    public function test_what_is_ruled_out_beforehand_is_ruled_out_by_the_whole_check(): void
    {
        $bays = $ends = 0;
        $holding = 0;
        foreach ([...iterator_to_array(self::supports(4300, 4320, 6)), ...iterator_to_array(self::supports(4320, 4350, 6, false, true))] as $name => [$plan]) {
            $run = $plan->run;
            $count = count($run->candidates_m);
            if ($count < 4 || $count > 11) {
                continue;
            }
            $space = new SearchSpace($run, $plan->check, RunShape::of($run));
            for ($try = 0; $try < 40; ++$try) {
                mt_srand(1000 * $try + $count);
                $feet = array_values(array_filter(range(0, $count - 1), static fn (): bool => mt_rand(0, 2) > 0));
                $last = count($feet) - 1;
                if ($last < 2) {
                    continue;
                }
                $holds = $plan->check->holds(array_map(static fn (int $foot): float => $run->candidates_m[$foot], $feet));
                $holding += $holds ? 1 : 0;
                for ($place = 0; $place < $last; ++$place) {
                    ++$bays;
                    self::assertFalse($holds && ($space->bays[$feet[$place]][$feet[$place + 1]] ?? null) === null, "$name: a bay of a layout that holds was ruled out");
                    self::assertFalse($holds && $space->after[$feet[$place]][$feet[$place + 1]] > $last - $place - 1, "$name: more feet were asked for than a layout that holds has");
                }
                for ($place = 1; $place < $last; ++$place) {
                    $fewer = $feet;
                    unset($fewer[$place]);
                    ++$ends;
                    self::assertFalse(
                        !$space->mayStandWithout($feet, $place) && count($fewer) > 2
                        && $plan->check->holds(array_map(static fn (int $foot): float => $run->candidates_m[$foot], array_values($fewer))),
                        "$name: a foot was kept that is not needed",
                    );
                }
            }
        }
        self::assertGreaterThan(1000, $bays);
        self::assertGreaterThan(300, $holding);
        self::assertGreaterThan(500, $ends);
    }

    public function test_bounds_on_partial_snow_hold_its_extremes(): void
    {
        $checked = 0;
        foreach (self::supports(4400, 4440, 9) as $name => [$plan]) {
            $layout = count($plan->picks) < 2 ? null : $plan->check->shape->layout($plan->feet_m());
            $snow = $layout?->snow();
            if ($layout === null || $snow === null) {
                continue;
            }
            foreach ($layout->bays as $index => $bay) {
                foreach ($bay->sections as $section => $share) {
                    ++$checked;
                    $simple = $bay->unitSections[0][$section];
                    [$low, $high] = $snow->extremes($index, $share, $simple);
                    [$least, $most] = $snow->range($index, $share, $simple);
                    self::assertLessThanOrEqual($low + 1e-12, $least, $name);
                    self::assertGreaterThanOrEqual($high - 1e-12, $most, $name);
                }
            }
        }
        self::assertGreaterThan(300, $checked);
    }

    public function test_a_long_run_over_hinges_ends_in_bounded_steps_and_stands(): void
    {
        $width_m = 30 * Length::ofInches(39.75)->toMetres();
        $plan = Planner::plan(Scenario::of()->with('/kit/rail/splice_moment_Nm', null)->with('/kit/rail/longest_run_m', null)->with('/surface/no_work_circles', [])->with('/block/left_out', [])
            ->with('/surface/width_m', $width_m + 3)->with('/site/building_length_m', $width_m + 3)->with('/block/columns', 30)->with('/block/rows', 1)->design(), Depth::Checks);
        foreach ($plan->supports as $support) {
            self::assertGreaterThan(40, count($support->run->candidates_m));
            self::assertGreaterThan(4, count($support->run->splices_m));
            $found = (new FewestSearch($support->run, $support->check))->fewest();
            self::assertNotNull($found);
            self::assertLessThan(2 * FewestSearch::STEPS, $found->nodes);
            self::assertTrue($support->check->holds($support->feet_m()));
        }
    }

    public function test_the_next_member_that_would_hold_is_the_nearest_one_that_does(): void
    {
        $named = $alone = 0;
        for ($seed = 4500; $seed < 4512; ++$seed) {
            $plan = Planner::plan(Scenario::randomZones($seed)->design());
            foreach ($plan->supports as $support) {
                $run = $support->run;
                foreach ($support->holds() ? $plan->latitudes[$run->id] ?? [] : [] as $place => $latitude) {
                    $feet_m = $support->feet_m();
                    $own_m = $feet_m[$place];
                    foreach ($run->candidates_m as $pick => $x_m) {
                        $isBetween = $pick > ($support->picks[$place - 1] ?? -1) && $pick < ($support->picks[$place + 1] ?? PHP_INT_MAX) && $pick !== $support->picks[$place];
                        $isNearer = $latitude->other_m === null || abs($x_m - $own_m) < abs($latitude->other_m - $own_m) - 1e-9;
                        if ($isBetween && ($isNearer || $run->members[$pick] === $latitude->otherMember)) {
                            $moved = $feet_m;
                            $moved[$place] = $x_m;
                            self::assertSame(!$isNearer, $support->check->holds(array_values($moved)), "seed $seed, run {$run->id}, foot ".($place + 1));
                        }
                    }
                    $named += $latitude->otherMember === null ? 0 : 1;
                    $alone += $latitude->otherMember === null ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(20, $named);
        self::assertGreaterThan(20, $alone, 'some must land');
    }
}

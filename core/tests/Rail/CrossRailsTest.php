<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Attachment\Check\AxialCheck;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Attachment\Search\AxialSearch;
use Garnetine\Core\Attachment\Search\LowerRails;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Foot\SeamClamp;
use Garnetine\Core\Layout\Fill;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Tests\Support\ElementBeam;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;

/** Rails in two layers: those across on lower ones, these on feet. */
final class CrossRailsTest extends TestCase
{
    private const CROSSING = ['kind' => 'cross_rails', 'name' => 'Crossing clamp', 'document' => 'data 5 (invented)', 'up_N' => 2500.0, 'down_N' => 4000.0, 'along_N' => 900.0];

    /** @param array<string, mixed> $changes */
    private static function terrace(array $changes = []): Plan
    {
        $scenario = Scenario::of('damson-terrace')->with('/block/arrangement', self::CROSSING)->with('/kit/foot/arm/aside_m', 0.15)->with('/block/left_out', [])->with('/block/x_m', 3.2)->with('/block/columns', 3);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    /** What holds a rail on another, as a foot that pierces nothing: for a second way to check it. */
    private static function crossing(Plan $plan, Run $upper): SecondOpinion
    {
        $force = static fn (float $N): Force => Force::ofSi($N);
        $foot = Copy::of(Scenario::of('quillwort-lane')->design()->kit->foot, up: $force(2500.0), down: $force(4000.0), along: $force(900.0));
        self::assertInstanceOf(SeamClamp::class, $foot);
        $kit = Copy::of($plan->design->kit, foot: $foot, bolt: Copy::of($plan->design->kit->bolt, up: null, along: null));

        return new SecondOpinion(Copy::of($plan->design, kit: $kit), $upper);
    }

    public function test_both_layers_hold_as_a_second_way_finds_too(): void
    {
        foreach ([[], ['/block/left_out' => [['row' => 2, 'column' => 2]]], ['/site/ground_snow_Pa' => 700.0, '/surface/pitch_rad' => 0.6], ['/kit/rail/stock_length_m' => 2.1, '/kit/rail/splice_moment_Nm' => null]] as $changes) {
            $plan = self::terrace($changes);
            self::assertNotSame([], $plan->uppers());
            foreach ($plan->uppers() as $upper) {
                self::assertEqualsWithDelta(self::crossing($plan, $upper->run)->worst($upper->feet_m()), $upper->verdict()?->worst, 1e-6, $upper->run->id);
                self::assertTrue($upper->holds());
            }
            foreach ($plan->supports as $lower) {
                self::assertEqualsWithDelta((new SecondOpinion($plan->design, $lower->run))->worst($lower->feet_m()), $lower->verdict()?->worst, 1e-6, $lower->run->id);
                self::assertTrue($lower->holds() && $lower->run->line->isUpSlope);
            }
        }
    }

    public function test_a_lower_rail_bears_what_the_rails_across_bring_to_it(): void
    {
        $plan = self::terrace();
        $brought = ['shares' => 0.0, 'snow' => 0.0, 'along' => 0.0, 'areas' => 0.0];
        foreach ($plan->uppers() as $upper) {
            $feet_m = $upper->feet_m();
            $beam = new ElementBeam($feet_m, $upper->run->clamps_m, [], []);
            $on = $beam->under($upper->run->shares)['reactions'];
            foreach ($upper->members() as $place => $number) {
                $lower = array_values(array_filter($plan->supports, static fn (RunPlan $one): bool => $one->run->line->over === $number))[0]->run;
                $clamp = array_search($upper->run->line->at_m, $lower->clamps_m, true);
                self::assertIsInt($clamp);
                self::assertEqualsWithDelta($feet_m[$place], $lower->line->at_m, 1e-9);
                self::assertEqualsWithDelta($on[$place] * $upper->run->snow_N['balanced'][0], $lower->upSlope?->normal_N['balanced'][$clamp], 1e-6);
                self::assertEqualsWithDelta($on[$place], $lower->shares[$clamp], 1e-9);
            }
            $brought['along'] += array_sum($upper->run->shares) * $upper->run->snow_N['balanced'][1];
            $brought['areas'] += array_sum(array_map(array_sum(...), $upper->run->windAreas_m2));
            $brought['shares'] += array_sum($upper->run->shares) * $upper->run->deadAlong_N;
        }
        $lowers = array_map(static fn (RunPlan $one): Run => $one->run, $plan->supports);
        // All that slides and all that the wind takes hold of arrives.
        self::assertEqualsWithDelta($brought['along'], array_sum(array_map(static fn (Run $one): float => $one->upSlope->along_N['balanced'] ?? 0.0, $lowers)), 1e-6);
        self::assertEqualsWithDelta($brought['areas'], array_sum(array_map(static fn (Run $one): float => array_sum(array_map(array_sum(...), $one->windAreas_m2)), $lowers)), 1e-6);
        $weight_N = $plan->design->kit->rail->lineMass->toSi() * 9.80665 * sin($plan->design->surface->pitch->toRadians());
        self::assertEqualsWithDelta(
            $brought['shares'] + $weight_N * array_sum(array_map(static fn (Run $one): float => $one->x1_m - $one->x0_m, $lowers)),
            array_sum(array_map(static fn (Run $one): float => $one->deadAlong_N * array_sum($one->shares), $lowers)),
            1e-6,
        );
        // Each carries half of the way to its neighbours.
        $x_m = array_map(static fn (Run $one): float => $one->line->at_m, $lowers);
        for ($rail = 1; $rail < count($lowers) - 1; ++$rail) {
            self::assertEqualsWithDelta(($x_m[$rail + 1] - $x_m[$rail - 1]) / 2, $lowers[$rail]->tributary_m, 1e-9);
        }
    }

    public function test_no_set_of_lower_rails_has_fewer_feet(): void
    {
        $tried = 0;
        for ($seed = 1; $seed <= 24; ++$seed) {
            mt_srand($seed);
            $plan = self::terrace([
                '/block/columns' => mt_rand(1, 3), '/block/rows' => mt_rand(1, 2), '/block/x_m' => 2.5 + mt_rand(0, 12) / 10, '/surface/pitch_rad' => mt_rand(30, 65) / 100, '/site/ground_snow_Pa' => (float) mt_rand(300, 1400),
                '/kit/rail/section_modulus_x_m3' => mt_rand(25, 70) / 1e7, '/kit/foot/up_N' => (float) mt_rand(900, 3000), '/surface/framing/spacing_m' => mt_rand(5, 9) / 10,
                '/block/arrangement' => ['up_N' => (float) mt_rand(700, 2500), 'along_N' => (float) mt_rand(400, 1200)] + self::CROSSING,
            ]);
            $layers = $plan->blocks[0]->layers;
            if ($layers === null || $layers->bound === null || !$layers->isComplete) {
                continue;
            }
            $fewest = $this->fewest($plan);
            $feet = array_sum(array_map(static fn (RunPlan $one): int => count($one->picks) - $one->forMembers, $plan->supports));
            self::assertSame($fewest, [$feet, count($plan->supports)], "seed $seed");
            self::assertLessThanOrEqual($feet, $layers->bound);
            ++$tried;
        }
        self::assertGreaterThan(11, $tried);
    }

    /** @return array{int, int} Feet and lower rails, of every set there is that holds: two more than the fewest at most */
    private function fewest(Plan $plan): array
    {
        $uppers = $plan->uppers();
        $numbers = array_values(array_unique(array_merge(...array_map(static fn (RunPlan $one): array => $one->run->members, $uppers))));
        $factors = CombinationFactors::for($plan->design, new Coefficients());
        $combinations = $plan->loads->combinations->strength ?? [];
        [$best, $first] = [null, null];
        $sets = range(1, 2 ** count($numbers) - 1);
        usort($sets, static fn (int $one, int $other): int => substr_count(decbin($one), '1') <=> substr_count(decbin($other), '1'));
        foreach ($sets as $set) {
            $count = substr_count(decbin($set), '1');
            if ($first !== null && $count > $first + 2) {
                break;
            }
            $chosen = array_filter($numbers, static fn (int $index): bool => ($set >> $index & 1) === 1, ARRAY_FILTER_USE_KEY);
            $over = array_map(static fn (RunPlan $one): RunPlan => $one->over(array_keys(array_intersect($one->run->members, $chosen))), $uppers);
            if (array_filter($over, static fn (RunPlan $one): bool => count($one->picks) < 2 || !$one->check->holds($one->feet_m())) !== []) {
                continue;
            }
            $first ??= $count;
            $feet = 0;
            foreach ((new LowerRails($plan->design, $plan->members, 1))->under($over) as $lower) {
                $check = RunCheck::for($lower, $plan->capacities ?? self::fail(), $combinations, $factors);
                $found = $check instanceof AxialCheck ? AxialSearch::of($lower, $check)[0] : null;
                $feet += $found === null ? 1000 : count($found->picks);
            }
            $best = $best === null || [$feet, $count] < $best ? [$feet, $count] : $best;
        }

        return $best ?? self::fail();
    }

    public function test_ribs_in_plenty_are_not_all_tried_and_that_is_said(): void
    {
        $plan = Planner::plan(Scenario::of('feijoa-lane')->with('/block/arrangement', self::CROSSING)->with('/kit/foot/pad_width_m', 0.05)->with('/rules/greatest_bay_m', null)->with('/block/columns', 4)->design());
        $layers = $plan->blocks[0]->layers ?? self::fail();
        self::assertFalse($layers->isComplete);
        $feet = $plan->attachmentCount();
        // Two feet for each of the fewest lower rails that any rail across needs; and no foot more than rails across have.
        self::assertGreaterThanOrEqual($layers->bound ?? INF, $feet);
        self::assertSame($feet - ($layers->bound ?? 0), $plan->overBound());
        self::assertLessThanOrEqual(Planner::plan(Scenario::of('feijoa-lane')->with('/rules/greatest_bay_m', null)->with('/block/columns', 4)->design())->attachmentCount(), $feet);
        self::assertContains('feet_over_bound', array_map(static fn ($one): string => $one->code->value, $plan->findings));
        foreach ($plan->supports as $lower) {
            $rib_m = array_column($plan->members->members, 'x_m', 'number')[$lower->run->line->over ?? 0];
            self::assertEqualsWithDelta($rib_m, $lower->run->line->holeAt_m, 1e-9);
        }
    }

    public function test_both_layers_are_marked_cut_counted_and_told(): void
    {
        $plan = self::terrace();
        $crossings = array_sum(array_map(static fn (RunPlan $one): int => count($one->picks), $plan->uppers()));
        $counts = array_column($plan->materials(), 'count', 'item');
        self::assertSame([$crossings, $plan->attachmentCount(), 2 * 2 * 2, 2 * 2 * 2], [$counts['crossing'], $counts['foot'], $counts['end_clamp'], $counts['mid_clamp']]);
        self::assertSame(count($plan->uppers()) + count($plan->supports), count(array_unique(array_map(static fn (array $piece): string => explode('-', $piece['label'])[0], $plan->cutting->pieces ?? []))));
        $tapes = $plan->tapes();
        self::assertSame([[], count($plan->uppers()), count($plan->supports)], [$tapes->slope(), count($tapes->layer()), count($tapes->uprights())]);
        self::assertSame(2 * $plan->attachmentCount(), count(array_filter($plan->holes->holes ?? [], static fn (array $one): bool => $one['kind'] === 'attachment')));
        self::assertContains('cross_rails', array_column($plan->steps->steps ?? [], 'code'));
        $texts = Texts::of($plan->design);
        foreach (Becauses::paths($plan) as $path) {
            self::assertTrue($texts->has('because.'.Becauses::of($plan, $path)->code), $path);
        }
        self::assertSame('count_crossings', Becauses::of($plan, 'runs/A/count')->code);
        // What holds two rails is not known: a stop, and nothing is left out of it.
        $unknown = self::terrace(['/block/arrangement' => ['down_N' => null] + self::CROSSING]);
        $told = array_values(array_filter($unknown->findings, static fn ($one): bool => $one->code->value === 'crossing_allowable_missing'));
        self::assertSame(['/block/arrangement/down_N'], array_map(static fn ($one): string => $one->at, $told));
        // A member that is barred carries no lower rail; over what is pinned stands a foot.
        $barred = $plan->supports[1]->run->line->over ?? 0;
        $without = self::terrace(['/block/bars' => [['line' => null, 'member' => $barred]]]);
        self::assertNotContains($barred, array_map(static fn (RunPlan $one): ?int => $one->run->line->over, $without->supports));
    }

    public function test_rows_need_find_no_course_where_others_carry_their_rails(): void
    {
        // Rails across stand at heights that the tiles leave them, and one row fewer has its place.
        $narrow = Scenario::of('damson-terrace')->with('/module/ratings/0/to_m', 0.26)->with('/block/left_out', []);
        $modules = static fn (Scenario $roof): int => Fill::of($roof->design(), Orientation::Portrait, new Coefficients(), 1)[0]->modules ?? 0;
        self::assertGreaterThan($modules($narrow), $modules($narrow->with('/block/arrangement', self::CROSSING)));
    }

    public function test_no_lower_rail_lies_where_the_arms_of_its_hooks_find_no_pan(): void
    {
        // Arms that may stand 60 mm aside: pans lie further than that from some rafters.
        $plan = self::terrace(['/kit/foot/arm/aside_m' => 0.06]);
        $tile = $plan->design->surface->covering;
        self::assertInstanceOf(Tile::class, $tile);
        $without = array_filter($plan->members->members, static fn ($member): bool => !$tile->reachesPan(Length::ofMetres(0.06), $member->x_m));
        self::assertNotSame([], $without);
        foreach ($plan->uppers() as $upper) {
            self::assertNotSame([], $upper->run->members);
            self::assertSame([], array_intersect($upper->run->members, array_column($without, 'number')));
        }
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Attachment\Check\AxialCheck;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Attachment\Search\AxialSearch;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Foot\AsideLever;
use Garnetine\Core\Foot\TurnedLever;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Rails up the slope: over the purlins that they cross, on ribs, held against the push along them. */
final class RailsUpTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function shed(array $changes = []): Plan
    {
        $scenario = Scenario::of('feijoa-lane');
        foreach ($changes + [
            '/block/arrangement' => ['kind' => 'rails_up'], '/block/orientation' => 'landscape', '/block/columns' => 4, '/block/rows' => 3, '/kit/foot/pad_width_m' => 0.05,
            '/rules/greatest_bay_m' => null, '/block/left_out' => [], '/surface/covering' => ['kind' => 'metal', 'spaces_between' => 12] + Covering::TYPICAL['metal'],
        ] as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    /** @return array<string, mixed> */
    private static function snowy(float $pitch, float $ground_Pa): array
    {
        return [
            '/kit/capacities' => 'allowable', '/site/standard' => 'asce7-16', '/site/ground_snow_kind' => 'nominal', '/site/ground_snow_Pa' => $ground_Pa, '/surface/pitch_rad' => $pitch,
            '/surface/roof_kind' => 'two_sided_gable', '/site/eave_to_ridge_m' => 9.0, '/site/roof_supports' => 'other', '/site/array_holds_snow' => 'yes', '/site/wind_speed_m_per_s' => 51.4,
            '/kit/rail/section_modulus_x_m3' => 2.2e-6,
        ];
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function sheds(): iterable
    {
        yield 'wind' => [[]];
        yield 'steep, a weak foot' => [['/surface/pitch_rad' => 0.5, '/kit/foot/along_N' => 80.0]];
        yield 'one taken out' => [['/block/left_out' => [['row' => 2, 'column' => 3]]]];
        yield 'snow near the ridge' => [['/surface/dead_load_Pa' => 150.0] + self::snowy(0.3, 1000.0)];
        yield 'little snow' => [['/surface/dead_load_Pa' => 150.0] + self::snowy(0.2, 600.0) + ['/kit/foot/along_N' => 420.0]];
        yield 'a short stock without splices that bear' => [['/kit/rail/stock_length_m' => 2.4, '/kit/rail/splice_moment_Nm' => null]];
        yield 'the planner’s own hand' => [['/block/pins' => [['line' => 'C', 'member' => 3]], '/block/bars' => [['line' => null, 'member' => 4]]]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('sheds')]
    public function test_the_fewest_feet_hold_as_a_second_way_finds_too(array $changes): void
    {
        $plan = self::shed($changes);
        self::assertNotSame([], $plan->supports);
        $known = [];
        $added = 0;
        foreach ($plan->supports as $run) {
            $opinion = new SecondOpinion($plan->design, $run->run);
            self::assertTrue($run->run->line->isUpSlope && $run->holds());
            self::assertEqualsWithDelta($opinion->worst($run->feet_m()), $run->verdict()?->worst, 1e-6, $run->run->id);
            $known[$run->run->signature()] ??= Enumeration::fewest($opinion, $run->run, 6, static fn (array $picks): bool => array_diff($run->run->hand->pinned, $picks) === [], 0.0);
            [$count, $worst] = $known[$run->run->signature()];
            // By itself; afterwards its members may want other feet, or more.
            $fewest = AxialSearch::of($run->run, $run->check instanceof AxialCheck ? $run->check : self::fail())[0] ?? self::fail();
            self::assertSame([$count, $count, $count, true], [count($fewest->picks), $fewest->bound, $run->bound, $fewest->isBest], $run->run->id);
            self::assertEqualsWithDelta($worst, $fewest->worst, 1e-6, $run->run->id);
            self::assertSame(count($run->picks), $count + $run->forMembers);
            $added += $run->forMembers;
        }
        self::assertSame(isset($changes['/surface/dead_load_Pa']), $added > 0);
    }

    public function test_the_snow_of_each_module_comes_to_its_own_bolts(): void
    {
        foreach (self::shed(['/kit/clamp/frame_hole_m' => 0.02] + self::snowy(0.3, 1000.0))->supports as $support) {
            $ofModules_N = array_map(array_sum(...), array_chunk($support->run->upSlope->normal_N['balanced'] ?? [], 2));
            self::assertCount(3, $ofModules_N);
            self::assertGreaterThan(0.0, $ofModules_N[0]);
            self::assertEqualsWithDelta(array_fill(0, 3, $ofModules_N[0]), $ofModules_N, 1e-6);
        }
    }

    /** @param array<string, mixed> $changes */
    #[TestWith(['quince-lane', [], 'up.foot'])]
    #[TestWith(['quillwort-lane', [], 'up.roof'])]
    #[TestWith(['feijoa-lane', ['/surface/framing/kind' => 'rafter'], 'up.roof'])]
    #[TestWith(['feijoa-lane', [], 'up.pad'])]
    #[TestWith(['teasel-yard', ['/surface/framing/kind' => 'steel_purlin', '/surface/framing/steel_thickness_m' => 0.0015], 'up.sheet'])]
    public function test_where_no_foot_holds_such_a_rail_none_is_planned(string $roof, array $changes, string $why): void
    {
        $scenario = Scenario::of($roof)->with('/block/arrangement', ['kind' => 'rails_up']);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $plan = Planner::plan($scenario->design());
        $told = array_values(array_filter($plan->findings, static fn ($one): bool => $one->code->value === 'rails_up_unfit'));
        self::assertSame([$why], array_map(static fn ($one): mixed => $one->values['why'], $told));
        self::assertSame([], $plan->supports);
    }

    public function test_a_turned_base_pulls_by_its_own_length_and_is_pushed_over_half_its_width(): void
    {
        // By hand: base 2½ in across the rail, screw at 1¼, load at 2¼, pad 2 in up the slope, rail 3 in up; 200 lb up and 40 along.
        $lever = new TurnedLever(new AsideLever(3.0, 1.25, 2.25, 2.5), 3.0, 1.0);
        self::assertEqualsWithDelta(200 * 2.25 / 1.25 + 40 * 3, $lever->tension_N(200.0, 40.0, 0.0), 1e-9);
        self::assertEqualsWithDelta(40 * 3 - 30, $lever->tension_N(-10.0, 40.0, 30.0), 1e-9);
        self::assertSame(0.0, $lever->tension_N(-10.0, 10.0, 30.0));
        // Nothing presses a base that is pulled.
        self::assertEqualsWithDelta($lever->tension_N(200.0, 40.0, 0.0), $lever->tension_N(200.0, 40.0, 30.0), 1e-9);
        // A wider pad, or less height, and less of the push is a pull.
        self::assertEqualsWithDelta(200 * 1.8 + 40 * 2 / 2, (new TurnedLever(new AsideLever(2.0, 1.25, 2.25, 2.5), 2.0, 2.0))->tension_N(200.0, 40.0, 0.0), 1e-9);
    }

    public function test_it_is_marked_cut_drawn_and_told_up_the_slope(): void
    {
        $plan = self::shed();
        $tapes = $plan->tapes();
        self::assertSame([[], 8], [$tapes->slope(), count($tapes->uprights())]);
        $run = $plan->supports[0];
        $foot_m = $run->feet_m()[0];
        $purlin = $plan->members->purlins?->byNumber($run->members()[0]);
        // Its holes on the purlin, on the rib, an inch and more from the rail's ends; the base turned aside of the rail.
        self::assertEqualsWithDelta($purlin?->y_m, $foot_m, 1e-9);
        $rib_m = array_column($plan->members->members, 'x_m', 'number')[$run->run->line->over ?? 0];
        $hole = array_values(array_filter($plan->holes->holes ?? [], static fn (array $hole): bool => $hole['id'] === 'A-1'))[0];
        self::assertEqualsWithDelta([$rib_m, $foot_m], [$hole['x_m'], $hole['y_m']], 1e-9);
        self::assertEqualsWithDelta($rib_m + 0.018, $run->run->line->at_m, 1e-9);
        self::assertEqualsWithDelta($rib_m, $tapes->uprights()[0]['tape_m'], 1e-9);
        self::assertEqualsWithDelta($foot_m, $tapes->ofFoot_m($run->run->line, $foot_m), 1e-9);
        // Two rails under a column, in its clamp zone, each as long as three modules, two gaps and what is past them.
        [$left_m, $zone] = [$plan->design->block->x->toMetres(), [0.26 - 1e-9, 0.43 + 1e-9]];
        foreach (array_chunk($plan->supports, 2) as $column => [$left, $right]) {
            $at_m = $left_m + $column * (1.722 + $plan->design->block->columnGap->toMetres());
            foreach ([$left->run->line->at_m - $at_m, $at_m + 1.722 - $right->run->line->at_m] as $offset_m) {
                self::assertTrue($offset_m >= $zone[0] && $offset_m <= $zone[1]);
            }
            self::assertEqualsWithDelta(2.0, array_sum([...$left->run->shares, ...$right->run->shares]) / 3, 1e-9);
            self::assertEqualsWithDelta(1.0, ($left->run->tributary_m + $right->run->tributary_m) / 1.722, 1e-9);
        }
        $long_m = 3 * 1.133 + 2 * $plan->design->block->rowGap->toMetres() + 2 * 0.06;
        self::assertEqualsWithDelta(array_fill(0, 8, $long_m), array_column($plan->cutting->pieces ?? [], 'length_m'), 1e-9);
        self::assertSame(['mark_up_ribs', 'feet_along'], array_values(array_intersect(array_column($plan->steps->steps ?? [], 'code'), ['mark_up_ribs', 'mark_on_screws', 'feet_along'])));
        foreach (Becauses::paths($plan) as $path) {
            self::assertNotSame('', Becauses::of($plan, $path)->code);
        }
        $count = array_sum(array_map(static fn (RunPlan $one): int => count($one->picks), $plan->supports));
        self::assertSame([$count, $count], [$plan->attachmentCount(), count(array_filter($plan->holes->holes ?? [], static fn (array $one): bool => $one['kind'] === 'attachment'))]);
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<int> Purlins that may take a foot of the first rail
     */
    private static function under(array $changes): array
    {
        return self::shed($changes)->supports[0]->run->members;
    }

    public function test_feet_keep_off_the_ends_of_the_sheet_and_stand_where_a_purlin_reaches(): void
    {
        $sheet = static fn (float $clear_m): array => ['/block/x_m' => 1.9, '/surface/covering' => ['kind' => 'metal', 'spaces_between' => 12, 'lower_screws_m' => 0.05, 'clear_m' => $clear_m] + Covering::TYPICAL['metal']];
        // The third purlin lies 958 mm above the eave, and under the rail.
        self::assertSame([[3, 4], [4, 5]], [array_slice(self::under($sheet(0.2)), 0, 2), array_slice(self::under($sheet(1.0)), 0, 2)]);
        $short = ['number' => 4, 'x_m' => 1.45, 'from_m' => 3.0, 'to_m' => null, 'plies' => 1, 'known' => 'probed', 'plus_minus_m' => 0.003];
        self::assertNotContains(4, self::under(['/surface/framing/own' => [$short]]));
    }

    public function test_purlins_carry_what_lies_over_them(): void
    {
        $plan = self::shed(['/surface/dead_load_Pa' => 150.0] + self::snowy(0.2, 600.0));
        $loads = array_column($plan->shares->shares ?? [], 'load_N', 'number');
        $all = array_sum(array_map(static fn (RunPlan $run): float => array_sum($run->reactions()) * ($run->run->deadVertical_N + $run->run->snowVertical_N), $plan->supports));
        self::assertEqualsWithDelta($all, array_sum($loads), 1e-6 * $all);
        // Every purlin between two others has the same band, of the width of the modules and one space high.
        $evens = array_column($plan->shares->shares ?? [], 'even_N', 'number');
        $bands = array_map(static fn (int $number): float => $evens[$number] / $plan->members->purlins?->tributary_m($number), array_intersect([5, 6, 7, 8], array_keys($evens)));
        self::assertGreaterThan(1, count($bands));
        self::assertEqualsWithDelta(array_fill_keys(array_keys($bands), array_sum($bands) / count($bands)), $bands, 1e-6);
    }

    public function test_standoffs_bear_rails_up_along_a_rafter_under_shingles(): void
    {
        $up = static fn (array $changes, string $job = 'sorrel-row'): Plan => Planner::plan(array_reduce(array_keys($changes), static fn (Scenario $scenario, string $path): Scenario => $scenario->with($path, $changes[$path]), Scenario::of($job))->design());
        $changes = [
            '/block/arrangement' => ['kind' => 'rails_up'], '/block/orientation' => 'landscape', '/block/rows' => 3, '/block/columns' => 2, '/block/left_out' => [], '/surface/framing/spacing_m' => 0.4064,
            '/module/ratings/0/from_m' => 0.1, '/module/ratings/0/to_m' => 0.6, '/block/y_m' => 0.6, '/rules/greatest_bay_m' => null,
        ];
        // As it is entered, and with a plate that its cover bounds and that would end among nails.
        foreach ([[], ['/kit/foot/flashing/below_m' => 0.0254, '/kit/foot/flashing/above_m' => 0.1854, '/kit/foot/flashing/makers_cover_m' => 0.1346]] as $plate) {
            $plan = $up($plate + $changes);
            self::assertSame([4, []], [count($plan->supports), array_values(array_filter($plan->supports, static fn (RunPlan $run): bool => !$run->holds()))]);
            $course = Course::of($plan->design->surface) ?? self::fail();
            $flashing = $plan->design->kit->foot->flashing() ?? self::fail();
            foreach ($plan->supports as $run) {
                // Each rail over one rafter, its feet in courses of their own, no butt on the holes, the plates under theirs and beside the nails.
                self::assertNotNull($run->run->line->over);
                $butts = [];
                foreach ($run->feet_m() as $y_m) {
                    [$x_m, $hole_m] = $run->run->line->hole_m($y_m);
                    self::assertContains(round($x_m, 6), array_map(static fn ($one): float => round($one->x_m, 6), $plan->members->members));
                    self::assertGreaterThanOrEqual($flashing->below->toMetres() - 1e-6, $course->aboveButt_m($hole_m));
                    self::assertGreaterThanOrEqual($course->exposure->plus($flashing->makersCover ?? self::fail())->toMetres() - 1e-6, $course->aboveButt_m($hole_m) + $flashing->above->toMetres());
                    self::assertFalse($course->inNailBand($hole_m + $flashing->above->toMetres()));
                    $butts[] = $course->butt($hole_m);
                }
                self::assertSame($butts, array_unique($butts));
                $opinion = new SecondOpinion($plan->design, $run->run);
                self::assertEqualsWithDelta($opinion->worst($run->feet_m()), $run->verdict()->worst ?? 0.0, 1e-6);
            }
        }
        [$first] = $plan->supports;
        self::assertSame(Enumeration::fewest(new SecondOpinion($plan->design, $first->run), $first->run, 3)[0], count($first->picks) - $first->forMembers);
        self::assertContains('feet_along', array_column($plan->steps->steps ?? [], 'code'));
        // One lag under a plate is told nothing of: its bracket would turn. On a deck alone there is no rafter to lie over.
        $why = static fn (Plan $one): array => array_values(array_map(static fn ($finding): mixed => $finding->values['why'], array_filter($one->findings, static fn ($finding): bool => $finding->code->value === 'rails_up_unfit')));
        self::assertSame([['up.foot'], ['up.roof']], [$why($up($changes, 'quince-lane')), $why($up(['/surface/framing/kind' => 'deck_only'] + $changes))]);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Crew\Materials;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;

/** Modules on feet alone, without rails. */
final class OnFeetTest extends TestCase
{
    private const AT_FEET = ['side' => 'long', 'from_m' => 0.1, 'to_m' => 0.7, 'down_Pa' => 5400.0, 'up_Pa' => 3600.0, 'basis' => 'test', 'factor' => 1.5, 'document' => 'manual', 'relation' => 'at_feet'];

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = []): Plan
    {
        $scenario = Scenario::of()->with('/block/arrangement', ['kind' => 'on_feet'])->with('/block/orientation', 'landscape')->with('/module/ratings', [self::AT_FEET])->with('/kit/clamp/grips_both_rails', true)
            ->with('/surface/no_work_circles', [])->with('/block/left_out', [])->with('/block/rows', 2)->with('/block/columns', 3)->with('/rules/greatest_bay_m', null);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    public function test_two_feet_under_every_edge_and_nothing_between_them(): void
    {
        $plan = self::plan();
        self::assertSame(['A1', 'A2', 'A3', 'B1', 'B2', 'B3', 'C1', 'C2', 'C3'], array_map(static fn (RunPlan $pair): string => $pair->run->id, $plan->supports));
        $counts = array_column(Materials::of($plan->design, $plan->supports, ['M' => 6], $plan->cutting, $plan->holes ?? self::fail(), null), 'count', 'item');
        self::assertSame([18, 18, 12, 6], [$counts['foot'], $counts['fastener'], $counts['end_clamp'], $counts['mid_clamp']]);
        self::assertSame([], array_intersect(['rail', 'splice', 'rail_bolt'], array_keys($counts)));
        self::assertSame([[], 0], [$plan->cutting->pieces ?? null, count($plan->cutting->stock ?? [])]);
        $steps = array_column($plan->steps->steps ?? [], 'code');
        self::assertSame(['modules_on_feet'], array_values(array_intersect(['rails', 'align', 'torque', 'modules', 'modules_shared', 'modules_on_feet'], $steps)));
        // What rails and their bolts bear is not asked, and how far they are off a line neither.
        $without = self::plan(['/kit/rail/allowable_stress_Pa' => null, '/kit/bolt/up_N' => null, '/kit/rail/end_past_module_m' => 0.0]);
        self::assertSame([], array_intersect(['allowable_missing', 'rail_end_short', 'line_tight', 'no_foot_at_end', 'stagger_partly'], self::codes($without)));
        self::assertSame($plan->supports[0]->verdict()?->worst, $without->supports[0]->verdict()?->worst);
    }

    public function test_each_pair_shares_its_edges_as_a_beam_does(): void
    {
        // 1722-mm modules end to end 20 mm apart from 2 m on, rafters every 610 mm: the pair of column 3 is 223 and 889 mm from its ends.
        foreach ([[], [['row' => 2, 'column' => 2]], [['row' => 1, 'column' => 1], ['row' => 1, 'column' => 3]]] as $out) {
            $plan = self::plan(['/block/left_out' => $out]);
            $area_m2 = 0.0;
            foreach ($plan->supports as $pair) {
                [$long_m, $gap_m] = [$plan->design->module->length->toMetres(), $plan->design->block->columnGap->toMetres()];
                $left_m = $plan->design->block->x->toMetres() + ($pair->run->firstColumn - 1) * ($long_m + $gap_m);
                [$a_m, $b_m] = [$pair->feet_m()[0] - $left_m, $left_m + $long_m - $pair->feet_m()[1]];
                $edges = array_sum($pair->run->shares);
                self::assertEqualsWithDelta($edges * ($long_m / 2 - $b_m) / ($long_m - $a_m - $b_m), $pair->reactions()[0], 1e-9);
                self::assertSame($pair->feet_m(), $pair->run->clamps_m);
                self::assertSame(round($edges) === 2.0 ? 0 : 2, $pair->run->endClamps());
                $area_m2 += array_sum(array_map(array_sum(...), $pair->run->windAreas_m2));
            }
            self::assertEqualsWithDelta($plan->moduleCount() * $plan->design->module_m2(), $area_m2, 1e-6);
        }
    }

    public function test_what_a_second_way_finds_and_the_most_even_pair_in_the_zones(): void
    {
        for ($seed = 1; $seed <= 12; ++$seed) {
            mt_srand($seed);
            $plan = self::plan([
                '/block/x_m' => 2.0 + mt_rand(0, 60) / 100, '/block/left_out' => $seed % 3 === 0 ? [['row' => 1, 'column' => 2]] : [], '/site/ground_snow_Pa' => (float) mt_rand(0, 1500),
                '/kit/foot/up_N' => (float) mt_rand(1800, 4500), '/surface/framing/spacing_m' => 0.4064,
                // The second way knows rails: one that never bends is none.
                '/kit/rail/section_modulus_x_m3' => 1e-3, '/kit/rail/section_modulus_y_m3' => 1e-3, '/kit/bolt/up_N' => 99_000.0, '/kit/bolt/along_N' => 99_000.0,
            ]);
            $pairs = 0;
            foreach (array_filter($plan->supports, static fn (RunPlan $pair): bool => count($pair->picks) === 2) as $pair) {
                ++$pairs;
                self::assertEqualsWithDelta((new SecondOpinion($plan->design, $pair->run))->worst($pair->feet_m()), $pair->verdict()->worst ?? 0.0, 1e-6, "seed $seed, {$pair->run->id}");
                $long_m = $plan->design->module->length->toMetres();
                $left_m = $plan->design->block->x->toMetres() + ($pair->run->firstColumn - 1) * ($long_m + $plan->design->block->columnGap->toMetres());
                $uneven = static fn (float $one_m, float $other_m): float => max($left_m + $long_m / 2 - $one_m, $other_m - $left_m - $long_m / 2) / ($other_m - $one_m);
                foreach ($plan->members->members as $one) {
                    foreach ($plan->members->members as $other) {
                        [$from_m, $to_m] = [$one->x_m - $left_m, $left_m + $long_m - $other->x_m];
                        if (min($from_m, $to_m) >= 0.101 && max($from_m, $to_m) <= 0.699) {
                            self::assertLessThan($uneven($one->x_m, $other->x_m) + 2e-3, $uneven(...$pair->feet_m()));
                        }
                    }
                }
            }
            self::assertGreaterThan(5, $pairs);
        }
    }

    public function test_a_zone_without_a_place_is_told_with_where_every_zone_has_one(): void
    {
        $narrow = ['/module/ratings' => [['to_m' => 0.45] + self::AT_FEET], '/surface/framing/spacing_m' => 0.4064, '/block/columns' => 2];
        $finding = array_values(array_filter(self::plan($narrow)->findings, static fn (Finding $one): bool => $one->code->value === 'feet_miss_zone'))[0] ?? self::fail();
        self::assertSame(['A1', 3, 6, 'cure.zones'], [$finding->values['run'], $finding->values['pairs'], $finding->values['of'], $finding->values['cure']]);
        self::assertNotContains('feet_miss_zone', self::codes(self::plan(['/block/x_m' => $finding->values['to_m']] + $narrow)));
        $never = array_values(array_filter(self::plan(['/surface/framing/spacing_m' => 2.0] + $narrow)->findings, static fn (Finding $one): bool => $one->code->value === 'feet_miss_zone'))[0] ?? self::fail();
        self::assertSame('cure.none_zones', $never->values['cure']);
        // What the planner pins or bars in a zone is heeded.
        $near = ['/surface/framing/spacing_m' => 0.25];
        [$first, $last] = self::plan($near)->supports[0]->members();
        self::assertNotContains($first, self::plan(['/block/bars' => [['member' => $first, 'line' => 'A']]] + $near)->supports[0]->members());
        self::assertSame($last - 1, self::plan(['/block/pins' => [['member' => $last - 1, 'line' => 'A']]] + $near)->supports[0]->members()[1]);
    }

    public function test_modules_have_to_be_rated_for_it_and_feet_to_carry_them(): void
    {
        self::assertContains('shared_unfit', self::codes(self::plan(['/kit/clamp/grips_both_rails' => false])));
        self::assertContains('clamp_zone_missing', self::codes(self::plan(['/module/ratings' => [['relation' => 'along'] + self::AT_FEET]])));
        // The first zone counts alone: feet stand anywhere in it, and a better one may not reach as far.
        $two = self::plan(['/module/ratings' => [self::AT_FEET, ['from_m' => 0.35, 'to_m' => 0.45, 'up_Pa' => 7200.0] + self::AT_FEET]]);
        self::assertEqualsWithDelta(3600.0 / 1.5, $two->blocks[0]->modules[0]->ratedUp_Pa, 1e-9);
        $codes = self::codes(Planner::plan(Scenario::of('teasel-yard')->with('/block/arrangement', ['kind' => 'on_feet'])->with('/kit/clamp/grips_both_rails', true)->design()));
        self::assertContains('on_feet_unfit', $codes);
        // Glass has no frame to be the beam, nor holes to be bolted through, nor a path to earth of its own; its clamps are made for it, and as high.
        $glass = ['/module/frame' => 'frameless', '/kit/clamp/grips' => 'frameless'];
        self::assertContains('on_feet_unfit', self::codes(self::plan($glass)));
        $across = ['/block/arrangement' => ['kind' => 'rails_across'], '/module/ratings' => [['relation' => 'crossing', 'side' => 'short'] + self::AT_FEET], '/kit/bonding' => ['name' => 'Lug', 'document' => 'list 5', 'metal' => 'stainless', 'clamps_bond' => 'no', 'splices_bond' => 'no', 'jumper' => '']];
        self::assertSame([6, 0], [self::plan($across)->beneath->earth->frames ?? null, self::plan($glass + $across)->beneath->earth->frames ?? null]);
        self::assertContains('frame_bolts_unfit', self::codes(self::plan($glass + $across + ['/kit/clamp/frame_hole_m' => 0.02])));
        self::assertNotContains('frame_bolts_unfit', self::codes(self::plan($across + ['/kit/clamp/frame_hole_m' => 0.02])));
        self::assertContains('glass_edges', array_merge(...array_column(self::plan($glass + $across)->steps->steps ?? [], 'cautions')));
        foreach ([[0.03, 0.04, 0.03, []], [0.03, 0.04, 0.04, []], [0.03, 0.04, 0.0299, ['clamp_height']], [0.03, 0.04, 0.0401, ['clamp_height']], [null, null, 0.05, []], [0.03, 0.04, null, []]] as [$from_m, $to_m, $high_m, $told]) {
            $plan = self::plan($across + ['/kit/clamp/height_from_m' => $from_m, '/kit/clamp/height_to_m' => $to_m, '/module/frame_height_m' => $high_m]);
            self::assertSame($told, array_values(array_intersect(self::codes($plan), ['clamp_height', 'clamp_not_for_frame'])));
        }
    }

    public function test_what_hangs_under_them_hangs_on_frames_and_each_frame_has_its_path_to_earth(): void
    {
        $box = ['name' => 'Box', 'document' => 'sheet 7', 'mass_kg' => 1.2, 'length_m' => 0.2, 'clear_m' => 0.05, 'modules_each' => 2, 'hangs_on' => 'frame', 'string_least' => null, 'string_most' => null, 'clips' => 2];
        $bonding = ['name' => 'Lug', 'document' => 'list 5', 'metal' => 'stainless', 'clamps_bond' => 'yes', 'splices_bond' => 'no', 'jumper' => ''];
        $plan = self::plan(['/kit/under' => $box, '/kit/bonding' => $bonding]);
        $earth = $plan->beneath->earth ?? self::fail();
        self::assertSame([4, 6, [], []], [count($plan->beneath->boxes), $earth->frames, $earth->lugs, $earth->broken]);
        self::assertNotContains('under_no_room', self::codes($plan));
        self::assertContains('under_no_room', self::codes(self::plan(['/kit/under' => ['hangs_on' => 'rail'] + $box])));
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Finding $one): string => $one->code->value, $plan->findings);
    }
}

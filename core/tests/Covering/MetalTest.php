<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Covering;

use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Foot\AsideLever;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Layout\Fill;
use Garnetine\Core\Layout\LineBands;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Rail\RailLine;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Screwed sheets on purlins: rails lie on lines of screws, feet stand by ribs, screws hold across the grain. */
final class MetalTest extends TestCase
{
    private const IN = 0.0254;

    /** @param array<string, string> $typed By place */
    private static function shed(array $typed = []): Design
    {
        return Edits::apply(Scenario::of('feijoa-lane')->design(), array_map(static fn (string $path, string $text): array => ['path' => $path, 'typed' => $text], array_keys($typed), $typed));
    }

    /** @return list<RailLine> */
    private static function lines(Plan $plan): array
    {
        return array_map(static fn (RunPlan $run): RailLine => $run->run->line, $plan->supports);
    }

    public function test_an_angle_pulls_its_screw_by_where_the_load_comes_down(): void
    {
        // Base 2½ in, screw at 1¼, load at 2¼, rail 3 in up: 200 lb up and 40 along pull 456; common practice, an example by hand.
        $lever = new AsideLever(3.0, 1.25, 2.25, 2.5);
        self::assertEqualsWithDelta(456.0, $lever->tension_N(200.0, 40.0, 0.0), 1e-9);
        self::assertEqualsWithDelta((40 * 3 - 30 * 2.25) / 1.25, $lever->tension_N(0.0, 40.0, 30.0), 1e-9);
        // A load below its screw tips the base about the upper edge.
        self::assertEqualsWithDelta((200 * 2.0 - 10 * 3) / 1.25, (new AsideLever(3.0, 1.25, 0.5, 2.5))->tension_N(200.0, 10.0, 0.0), 1e-9);
        mt_srand(18);
        for ($try = 0; $try < 400; ++$try) {
            [$height, $screw, $length] = [mt_rand(5, 40) / 10, mt_rand(5, 19) / 10, mt_rand(20, 40) / 10];
            $load = mt_rand(1, (int) (10 * $length)) / 10;
            $lever = new AsideLever($height, $screw, $load, $length);
            [$up, $along, $down] = [(float) mt_rand(-100, 300), (float) mt_rand(0, 200), (float) mt_rand(0, 100)];
            $pull = $lever->tension_N($up, $along, $down);
            // Equilibrium: with that pull no edge of the base lifts, and with less one does.
            $press = max(0.0, -$up) > 0.0 ? $down : 0.0;
            $about = static fn (float $pull): array => [
                $pull * $screw - max(0.0, $up) * $load - $along * $height + $press * $load,
                $up > 0.0 ? $pull * ($length - $screw) - $up * ($length - $load) + $along * $height : INF,
                $up > 0.0 ? $pull - $up : INF,
            ];
            self::assertGreaterThanOrEqual(-1e-9, min($about($pull)));
            self::assertTrue($pull === 0.0 || min($about($pull - 1e-3)) < 0.0);
            self::assertLessThanOrEqual($lever->bound_N($up, $along, $down) + 1e-9, $pull);
            self::assertLessThanOrEqual(max(0.0, $up) * $lever->mostPerUp() + $along * $lever->perAlong() + 1e-9, $lever->bound_N($up, $along, $down));
            self::assertGreaterThanOrEqual($lever->leastPerUp() * $up - 1e-9, $pull);
        }
    }

    public function test_rails_find_purlins_within_the_clamp_zones_or_none(): void
    {
        // Modules of 1,722 mm held from 260 to 430 mm over purlins 900 mm apart: the lower rail from 392 to 430; over 1,300 none.
        $bands = LineBands::of(self::shed());
        $offsets = array_map(static fn (array $range): array => [round(1000 + 18 - 1000 * $range[1]), round(1000 + 18 - 1000 * $range[0])], $bands?->heights_m(self::shed(), 1) ?? []);
        self::assertContains([392.0, 430.0], $offsets);
        $apart = self::shed(['/surface/covering/upper_screws_m' => '5300 mm', '/surface/covering/spaces_between' => '4', '/block/rows' => '1']);
        self::assertSame([], LineBands::of($apart)?->heights_m($apart, 1));
        $plan = Planner::plan($apart);
        self::assertSame([null, null], array_map(static fn (RailLine $line): ?int => $line->purlin, self::lines($plan)));
        self::assertSame(0, $plan->attachmentCount());
    }

    public function test_a_block_is_told_where_its_rails_find_purlins(): void
    {
        foreach (['550 mm' => '78 mm', '700 mm' => '78 mm', '608 mm' => '20 mm'] as $at => $gap) {
            $plan = Planner::plan(self::shed(['/block/columns' => '2', '/block/y_m' => (string) $at, '/block/row_gap_m' => $gap]), Depth::Checks);
            $told = array_values(array_filter($plan->findings, static fn ($one): bool => $one->code->value === 'line_off_purlin'));
            self::assertNotSame([], $told);
            self::assertSame($gap === '20 mm', isset($told[0]->values['gap_m']));
            [$to_m, $gap_m] = [(float) $told[0]->values['to_m'], (float) ($told[0]->values['gap_m'] ?? 0.078)];
            $moved = self::shed(['/block/columns' => '2', '/block/y_m' => 1000 * $to_m.' mm', '/block/row_gap_m' => 1000 * $gap_m.' mm']);
            self::assertSame([2, 3, 4, 5], array_map(static fn (RailLine $line): ?int => $line->purlin, self::lines(Planner::plan($moved, Depth::Checks))));
        }
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function sheets(): iterable
    {
        yield 'as it ships' => [[]];
        yield 'trapezoidal, in the pans' => [['/surface/covering/rib_pitch_m' => '200 mm', '/surface/covering/first_rib_m' => '130 mm', '/kit/foot/stands_on' => 'pan', '/rules/greatest_bay_m' => '800 mm']];
        yield 'hip at the right' => [['/surface/roof_kind' => 'hip', '/surface/right_hip_m' => '900 mm', '/surface/covering/clear_m' => '350 mm', '/rules/greatest_bay_m' => '']];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('sheets')]
    public function test_every_foot_stands_by_its_rib_over_its_purlin_clear_of_the_edges(array $typed): void
    {
        $design = self::shed($typed);
        $sheet = $design->surface->covering;
        self::assertInstanceOf(ScrewedMetal::class, $sheet);
        $plan = Planner::plan($design);
        self::assertGreaterThan(16, $plan->attachmentCount());
        $beside_m = ($typed['/kit/foot/stands_on'] ?? 'crest') === 'pan' ? $sheet->ribPitch->toMetres() / 2 : 0.0;
        [$wide_m, $high_m, $hip_m] = [$design->surface->width->toMetres(), $design->surface->slopeLength->toMetres(), $design->surface->rightHip->toMetres()];
        foreach ($plan->supports as $run) {
            $purlin_m = $sheet->lowerScrews->toMetres() + (($run->run->line->purlin ?? 0) - 1) * 0.9;
            self::assertEqualsWithDelta($purlin_m, $run->run->line->holeAt_m, 1e-9);
            foreach ($run->feet_m() as $place => $x_m) {
                self::assertEqualsWithDelta($sheet->firstRib->toMetres() + ($run->members()[$place] - 1) * $sheet->ribPitch->toMetres() + $beside_m, $x_m, 5.001e-4, 'on the mark of a tape');
                $toHip_m = ($wide_m - $hip_m * $purlin_m / $high_m - $x_m) * $high_m / hypot($high_m, $hip_m);
                self::assertGreaterThanOrEqual($sheet->clear->toMetres() - 1e-9, min($x_m, $toHip_m, $purlin_m, $high_m - $purlin_m));
            }
        }
        // All that the array weighs goes into the purlins.
        $weight_N = $plan->moduleCount() * ($design->module->mass->toSi() + $design->kit->extraMassPerModule->toSi()) * 9.80665;
        foreach ($plan->supports as $run) {
            $weight_N += $design->kit->rail->lineMass->toSi() * 9.80665 * 7 * (1.133 + 0.02);
        }
        self::assertEqualsWithDelta($weight_N, array_sum(array_map(static fn ($share): float => $share->load_N, $plan->shares->shares ?? [])), 1e-6 * $weight_N);
    }

    public function test_a_purlin_carries_its_rail_over_half_of_the_way_to_its_neighbours(): void
    {
        $design = self::shed(['/surface/dead_load_Pa' => '3000 Pa']);
        $shares = Planner::plan($design)->shares->shares ?? [];
        self::assertSame([2, 3, 4, 5], array_map(static fn ($share): int => $share->number, $shares));
        // Per purlin: what one rail bears, over 0.9 m of roof along eight metres of modules, at the array's weight per area.
        $perArea_Pa = (21.0 + 0.9) * 9.80665 / (1.133 * 1.722) + 2 * 1.1 * 9.80665 / 1.722;
        foreach ($shares as $share) {
            self::assertEqualsWithDelta(0.9 * 8.051 * $perArea_Pa, $share->even_N, 1e-6);
            self::assertEqualsWithDelta((3000 + $share->load_N / $share->even_N * $perArea_Pa) / 3000, $share->ratio, 1e-9);
        }
        // A purlin that lies elsewhere takes its rail with it, and shares with its neighbours as they then lie.
        $own = Edits::apply($design, [['path' => '/surface/framing/own', 'value' => [['number' => 3, 'x_m' => 1.89, 'from_m' => null, 'to_m' => 6.0, 'plies' => 1, 'known' => 'probed', 'plus_minus_m' => null]]]]);
        $moved = Planner::plan($own);
        self::assertEqualsWithDelta(1.89, self::lines($moved)[1]->holeAt_m, 1e-9);
        self::assertLessThanOrEqual(6.0, max([0.0, ...$moved->supports[1]->run->candidates_m]));
        self::assertEqualsWithDelta(0.9, Members::of($own->surface)->purlins?->tributary_m(3), 1e-9);
        self::assertEqualsWithDelta((0.89 + 0.9) / 2, Members::of($own->surface)->purlins?->tributary_m(2), 1e-9);
    }

    /** @return iterable<string, array{string, float, float}> */
    public static function bearing(): iterable
    {
        // NDS 2018, Table 12.3.3 at G 0.50: lb/in² across the grain, recalled.
        yield '1/4' => ['1/4', 0.173, 4450.0];
        yield '5/16' => ['5/16', 0.227, 4000.0];
        yield '3/8' => ['3/8', 0.265, 3650.0];
    }

    #[DataProvider('bearing')]
    public function test_a_lag_in_a_purlin_bears_across_the_grain(string $diameter, float $root_in, float $printed_psi): void
    {
        // Half an inch in the wood under a thick plate: crushing of the purlin along the whole screw, Im, or its tilt, II; both go by the bearing.
        $of = static fn (string $kind): FastenerInMember => FastenerInMember::of(Edits::apply(Scenario::of('feijoa-lane')->with('/kit/capacities', 'allowable')->with('/surface/framing/kind', $kind)->design(), [
            ['path' => '/kit/fastener/kind', 'typed' => 'lag'], ['path' => '/kit/fastener/diameter', 'typed' => $diameter], ['path' => '/kit/fastener/length_m', 'typed' => '3 in'], ['path' => '/kit/foot/base/material', 'typed' => 'steel_a36'],
            ['path' => '/surface/framing/species', 'typed' => 'douglas_fir_larch'], ['path' => '/kit/foot/stands_on', 'typed' => 'pan'], ['path' => '/kit/foot/pad_m', 'typed' => '0.5 mm'],
        ]), new Coefficients());
        [$held, $d_in] = [$of('purlin'), ['1/4' => 0.25, '5/16' => 0.3125, '3/8' => 0.375][$diameter]];
        self::assertEqualsWithDelta(4 * $d_in * self::IN, $held->edge?->toMetres(), 1e-9);
        self::assertEqualsWithDelta(1.5 * $d_in * self::IN, $of('rafter')->edge?->toMetres(), 1e-9);
        [$p_in, $gap_in, $plate_in] = [$held->inMember->minus($held->tip)->toInches(), $held->gap->toInches(), 5 / 25.4];
        $z_lb = self::bisected($root_in, ['1/4' => 70e3, '5/16' => 60e3, '3/8' => 45e3][$diameter], $printed_psi, $p_in, 87e3, $plate_in, $gap_in) * $held->penetrationFactor / (1.25 * (['Im' => 4.0, 'Is' => 4.0, 'II' => 3.6][$held->mode ?? ''] ?? 3.2));
        self::assertEqualsWithDelta($z_lb, $held->lateral?->toPounds(), 0.01 * $z_lb, (string) $held->mode);
    }

    /** The greatest shear across a gap that the bearing of both pieces and the bent screw can balance, bisected. */
    private static function bisected(float $d, float $fyb, float $member, float $p, float $plate, float $t, float $g): float
    {
        [$qm, $qs, $bend] = [$member * $d, $plate * $d, $fyb * $d ** 3 / 6];
        // Shear P crosses the gap; in each piece it is borne over a length a from the gap, and the moment at the gap's side is M.
        $ends = static function (float $force, float $q, float $length, float $bend): array {
            $a = $force / $q;
            // A piece that stays straight and tilts about a point: bearing turns at x, P = q(2x − L), M = q(L²/2 − x²) with its sign.
            $x = ($force / $q + $length) / 2;

            return [$length >= $x ? $q * ($length ** 2 / 2 - $x ** 2) : -INF, $bend - $q * $a ** 2 / 2];
        };
        $holds = static function (float $force) use ($ends, $qm, $qs, $p, $t, $g, $bend): bool {
            // What moment each piece can take up at its side of the gap, at most: straight, or bent once inside itself.
            [$straight, $bent] = $ends($force, $qm, $p, $bend);
            [$straightPlate, $bentPlate] = $ends($force, $qs, $t, $bend);

            return $force <= min($qm * $p, $qs * $t) && min($straight, $bent) + min($straightPlate, $bentPlate) >= $force * $g;
        };
        [$low, $high] = [0.0, 1e5];
        for ($step = 0; $step < 80; ++$step) {
            $middle = ($low + $high) / 2;
            $holds($middle) ? $low = $middle : $high = $middle;
        }

        return $low;
    }

    public function test_a_mirrored_shed_stands_on_mirrored_ribs(): void
    {
        // As wide as whole ribs, so that the first from the right is the last from the left.
        $design = self::shed(['/surface/width_m' => 76 * 126 + 20 + 38 .' mm', '/surface/covering/first_rib_m' => '20 mm', '/block/x_m' => '791.5 mm', '/rules/greatest_bay_m' => '']);
        $mirrored = Copy::of($design, surface: $design->surface->mirrored());
        [$one, $other] = [Members::of($design->surface), Members::of($mirrored->surface)];
        foreach ($one->members as $index => $rib) {
            self::assertEqualsWithDelta($design->surface->width->toMetres() - $rib->x_m, $other->members[count($one->members) - 1 - $index]->x_m, 1e-9);
        }
        self::assertSame(Planner::plan($design, Depth::Checks)->attachmentCount(), Planner::plan($mirrored, Depth::Checks)->attachmentCount());
    }

    public function test_a_plane_is_filled_where_its_rails_find_purlins(): void
    {
        foreach (Orientation::cases() as $orientation) {
            foreach (Fill::of(self::shed(['/surface/covering/rib_pitch_m' => '300 mm', '/rules/greatest_bay_m' => '']), $orientation, new Coefficients(), 2) as $fill) {
                $plan = Planner::plan(Edits::apply(self::shed(['/surface/covering/rib_pitch_m' => '300 mm', '/rules/greatest_bay_m' => '']), $fill->edits()), Depth::Checks);
                self::assertSame($fill->modules, $plan->moduleCount());
                self::assertNotContains(null, array_map(static fn (RailLine $line): ?int => $line->purlin, self::lines($plan)));
            }
        }
        self::assertSame(14, Fill::of(self::shed(['/surface/covering/rib_pitch_m' => '300 mm', '/rules/greatest_bay_m' => '']), Orientation::Portrait, new Coefficients(), 1)[0]->modules);
    }

    /** @return iterable<string, array{array<string, string>, int}> Changes, and feet of the lowest line as they were found; fewer are welcome */
    public static function longLines(): iterable
    {
        yield '107 ribs' => [['/rules/greatest_bay_m' => ''], 5];
        yield '107 ribs, ten spaces at most' => [[], 10];
        yield 'a windy place' => [['/rules/greatest_bay_m' => '', '/site/as_nzs/region' => 'C'], 11];
        yield '20 modules over ribs of 200 mm, six lengths of rail' => [['/rules/greatest_bay_m' => '', '/surface/covering/rib_pitch_m' => '200 mm', '/surface/width_m' => '25060 mm', '/site/building_length_m' => '25 m', '/block/columns' => '20', '/kit/rail/longest_run_m' => ''], 13];
    }

    /** @param array<string, string> $typed */
    #[DataProvider('longLines')]
    public function test_no_even_layout_needs_fewer_feet_on_a_line_of_many_ribs(array $typed, int $found): void
    {
        $plan = Planner::plan(self::shed($typed), Depth::Checks);
        self::assertLessThanOrEqual($found, count($plan->supports[0]->picks));
        foreach ($plan->supports as $run) {
            self::assertTrue($run->holds());
            $places_m = $run->run->candidates_m;
            for ($apart = 1; $apart < count($places_m); ++$apart) {
                for ($first = 0; $first < $apart && $first + $apart < count($places_m); ++$first) {
                    $picks = range($first, count($places_m) - 1, $apart);
                    if (count($picks) < count($run->picks) && $run->run->hand->allows($places_m, $picks)) {
                        $even_m = array_map(static fn (int $pick): float => $places_m[$pick], $picks);
                        self::assertGreaterThan($run->check->capacities->placing->limit, $run->check->worst($even_m), "every {$apart}th of run {$run->run->id}");
                    }
                }
            }
        }
    }

    public function test_crews_are_told_of_ribs_screws_and_pads(): void
    {
        $plan = Planner::plan(self::shed());
        $texts = Texts::of($plan->design);
        $steps = array_column($plan->steps->steps ?? [], 'cautions', 'code');
        self::assertSame(['mark_on_screws', 'find_on_metal', 'attach_on_metal', 'seal_l_foot'], array_slice(array_keys($steps), 2, 4));
        self::assertSame(['edges', 'slippery_metal', 'thin_sheet'], $steps['mark_on_screws']);
        self::assertSame(['swarf'], $steps['attach_on_metal']);
        foreach (array_keys($steps) as $code) {
            self::assertTrue($texts->has("step.$code"), $code);
        }
        $materials = array_column($plan->materials(), 'count', 'item');
        self::assertSame([40, 40, 40, 2], [$materials['foot'], $materials['pad'], $materials['fastener'], $materials['sealed_hole']]);
        self::assertSame([2, 3, 4, 5], array_column($plan->tapes()->slope(), 'purlin'));
        // Seven modules of 1,133 mm, from stock of 4,600: common practice.
        self::assertSame(array_merge(...array_fill(0, 4, [4.6, 3.571])), array_map(static fn (array $piece): float => round($piece['length_m'], 4), $plan->cutting->pieces ?? []));
        // Every fifth screw, one on every other rib, is ten ribs on.
        self::assertSame(range(19, 109, 10), $plan->supports[0]->members());
    }

    public function test_another_covering_begins_with_sizes_to_be_entered(): void
    {
        $roof = Edits::apply(self::shed(), [['path' => '/surface/covering/kind', 'typed' => 'asphalt_shingles']]);
        self::assertInstanceOf(Shingles::class, $roof->surface->covering);
        self::assertCount(5, preg_grep('~^/surface/covering/~', array_keys($roof->origins)) ?: []);
        $back = Edits::apply($roof, [['path' => '/surface/covering/kind', 'typed' => 'metal']]);
        self::assertCount(8, preg_grep('~^/surface/covering/~', array_keys($back->origins)) ?: []);
        self::assertContains('examples_left', array_map(static fn ($one): string => $one->code->value, Planner::plan($back)->findings));
        self::assertSame(DesignFile::write(Scenario::of('feijoa-lane')->project()), (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/feijoa-lane.json'));
    }
}

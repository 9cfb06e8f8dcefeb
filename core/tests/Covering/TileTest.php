<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Covering;

use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Crew\Tools;
use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Foot\HookArm;
use Garnetine\Core\Foot\TileHook;
use Garnetine\Core\Foot\TwoInLineLever;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Layout\Fill;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hooks under tiles: plates on rafters between battens, arms that bend and must clear the tile. */
final class TileTest extends TestCase
{
    private static function roof(): Scenario
    {
        return Scenario::of('damson-terrace');
    }

    /** The same as a gable under pressures that are computed. */
    private static function gable(): Scenario
    {
        return self::roof()->with('/given', null)->with('/surface/roof_kind', 'two_sided_gable')->with('/surface/left_hip_m', 0.0)->with('/surface/right_hip_m', 0.0)->with('/surface/covering/first_pan_m', null);
    }

    public function test_an_arm_bends_as_an_example_by_hand(): void
    {
        // 1½ × 5/16 in, E 28,000 and Fb 18 ksi, 3 in long, the rail 3½ in over it; 90 lb down and 25 along: 0.81, and it sinks by 0.008 in.
        $in = Length::ofInches(...);
        $arm = new HookArm($in(3.0), $in(3.5), $in(1.5), $in(0.3125), Pressure::ofSi(18e3 * 6894.757293168), Pressure::ofSi(28e6 * 6894.757293168), $in(3.0));
        self::assertEqualsWithDelta(0.8135, (90 + 25 * $arm->perAlong()) * 4.4482216152605 / $arm->end_N(), 1e-3);
        self::assertEqualsWithDelta(0.00758, $arm->sinks_m(90 * 4.4482216152605) / 0.0254, 1e-5);
    }

    public function test_an_arm_that_sinks_to_its_tile_is_stopped(): void
    {
        $plan = Planner::plan(self::roof()->with('/kit/foot/arm/elastic_modulus_Pa', 2.5e10)->design(), Depth::Checks);
        $told = array_values(array_filter($plan->findings, static fn ($one): bool => $one->code->value === 'arm_touches_tile'));
        $most_N = max(0.0, ...array_merge(...array_map(static fn ($run): array => array_map(static fn ($foot): float => $foot->down_N, $run->verdict()->attachments ?? []), $plan->supports)));
        self::assertEqualsWithDelta(0.008 - $most_N * 0.13 ** 3 / (3 * 2.5e10 * 0.05 * 0.012 ** 3 / 12), $told[0]->values['left_m'] ?? 0.0, 1e-9);
    }

    public function test_a_load_beside_its_plate_pulls_a_screw_whichever_way_it_acts(): void
    {
        mt_srand(19);
        for ($try = 0; $try < 400; ++$try) {
            [$height, $lower, $s, $past, $reach] = [mt_rand(5, 40) / 10, mt_rand(3, 15) / 10, mt_rand(10, 40) / 10, mt_rand(2, 15) / 10, mt_rand(5, 40) / 10];
            [$upper, $length] = [$lower + $s, $lower + $s + $past];
            $lever = new TwoInLineLever($height, $lower, $upper, -$reach, $length);
            [$up, $along, $heel] = [(float) mt_rand(-300, 300), (float) mt_rand(0, 200), (float) mt_rand(0, 100)];
            $pull = $lever->tension_N($up, $along, $heel);
            // With that pull in one of the screws alone, and the other helping where it can, the plate turns about none of its edges.
            if ($up <= 0.0) {
                self::assertEqualsWithDelta(-$up * $reach + $along * $height, $pull * $upper, 1e-9, 'about the lower edge, with all that presses');
                self::assertGreaterThan($pull, $lever->tension_N($up - 10.0, $along, $heel));
            } else {
                self::assertGreaterThanOrEqual(-1e-9, $pull * ($length - $lower) - $up * ($length + $reach) + $along * $height, 'about the upper edge');
                self::assertGreaterThanOrEqual($up - 1e-9, $pull);
            }
            self::assertLessThanOrEqual($lever->bound_N($up, $along, $heel) + 1e-9, $pull);
            self::assertLessThanOrEqual(max(0.0, $up) * $lever->mostPerUp() + max(0.0, -$up) * $lever->mostPerDown() + $along * $lever->perAlong() + 1e-9, $lever->bound_N($up, $along, $heel));
            self::assertGreaterThanOrEqual($lever->leastPerUp() * $up - 1e-9, $pull);
            self::assertGreaterThanOrEqual($pull - 1e-9, $lever->bound_N($up, $along + 5.0, 0.0));
        }
    }

    /** @return iterable<string, array{array<string, mixed>, Link}> */
    public static function hooks(): iterable
    {
        $strong = ['/kit/foot/up_N' => 2e4, '/kit/foot/down_N' => 2e4, '/kit/foot/along_N' => 2e4, '/kit/bolt/up_N' => 2e4, '/kit/bolt/along_N' => 2e4, '/kit/rail/section_modulus_x_m3' => 2e-5, '/kit/rail/section_modulus_y_m3' => 2e-5];
        yield 'the arm under snow' => [$strong + ['/kit/foot/arm/thickness_m' => 0.01], Link::Arm];
        yield 'the arm lifted' => [$strong + ['/site/ground_snow_Pa' => 0.0, '/site/en/basic_velocity_m_per_s' => 44.0], Link::Arm];
        yield 'screws under snow' => [$strong + ['/kit/foot/arm/thickness_m' => 0.03, '/kit/fastener/pull_out_N' => 900.0], Link::LagCombined];
        yield 'screws lifted' => [$strong + ['/kit/foot/arm/thickness_m' => 0.03, '/kit/fastener/pull_out_N' => 2100.0, '/kit/foot/base/lateral_N' => 1e5, '/site/ground_snow_Pa' => 0.0, '/site/en/basic_velocity_m_per_s' => 44.0], Link::LagCombined];
        yield 'snow that stays in patches' => [$strong + ['/site/ground_snow_Pa' => 2500.0, '/site/array_holds_snow' => 'yes', '/kit/foot/arm/thickness_m' => 0.012], Link::LagCombined];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('hooks')]
    public function test_every_link_of_a_hook_agrees_with_a_second_opinion(array $changes, Link $weakest): void
    {
        $scenario = self::gable();
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $design = $scenario->design();
        $links = [];
        foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
            $opinion = new SecondOpinion($design, $plan->run);
            foreach ([1, 2, 3] as $apart) {
                $feet_m = array_values(array_filter($plan->run->candidates_m, static fn (int $at): bool => $at % $apart === 0, ARRAY_FILTER_USE_KEY));
                $other = $opinion->worst($feet_m);
                if (is_finite($other)) {
                    $verdict = $plan->check->of($feet_m);
                    self::assertEqualsWithDelta($other, $verdict->worst, 1e-6 * max(1.0, $other));
                    self::assertEqualsWithDelta($other, $plan->check->worst($feet_m), 1e-6 * max(1.0, $other));
                    array_push($links, ...array_map(static fn ($foot): Link => $foot->worst->link, $verdict->attachments));
                }
            }
            self::assertSame($opinion->holds($plan->feet_m()), $plan->holds());
            if ($plan->holds() && $plan->run->line->isUpper) {
                self::assertSame(Enumeration::fewest($opinion, $plan->run, count($plan->picks))[0], count($plan->picks));
            }
        }
        self::assertContains($weakest, $links);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function courses(): iterable
    {
        yield 'as it ships' => [[]];
        yield 'low on the roof' => [['/block/y_m' => 0.44]];
        yield 'a long plate' => [['/kit/foot/length_m' => 0.21, '/block/y_m' => 0.62]];
        yield 'narrow courses' => [['/surface/covering/batten_spaces' => 16, '/rules/slope_datum' => 'ridge', '/kit/foot/length_m' => 0.12, '/block/y_m' => 0.44]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('courses')]
    public function test_plates_lie_between_battens_and_arms_come_out_in_pans(array $changes): void
    {
        $scenario = self::roof();
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $design = $scenario->design();
        [$tile, $hook] = [$design->surface->covering, $design->kit->foot];
        self::assertInstanceOf(Tile::class, $tile);
        self::assertInstanceOf(TileHook::class, $hook);
        $plan = Planner::plan($design, Depth::Checks);
        self::assertSame([], array_intersect(['plate_on_batten', 'arm_under_tile'], array_map(static fn ($one): string => $one->code->value, $plan->findings)));
        $gauge_m = ($tile->upperBatten->toMetres() - $tile->lowerBatten->toMetres()) / $tile->battenSpaces;
        foreach ($plan->supports as $run) {
            $line = $run->run->line;
            // The rail lies its arm's reach below the plate, in the clamp zone.
            self::assertEqualsWithDelta($line->at_m + 0.13 + 0.025, $line->holeAt_m, 1e-9);
            $plate_m = [$line->holeAt_m - 0.025, $line->holeAt_m - 0.025 + $hook->length->toMetres()];
            for ($batten = -1; $batten <= 20; ++$batten) {
                $middle_m = $tile->lowerBatten->toMetres() + $batten * $gauge_m;
                self::assertTrue($plate_m[1] <= $middle_m - 0.024 - 0.0127 + 1e-6 || $plate_m[0] >= $middle_m + 0.024 + 0.0127 - 1e-6, "batten $batten, line {$line->letter}");
            }
            // And 70 mm or more below the batten that the tile above laps over.
            $below_m = $tile->lowerBatten->toMetres() + floor(($plate_m[0] - $tile->lowerBatten->toMetres()) / $gauge_m) * $gauge_m;
            self::assertLessThanOrEqual($below_m - 0.07 + 1e-6, $line->at_m);
            foreach ($run->run->candidates_m as $x_m) {
                $beside_m = fmod($x_m - 0.19 + 300.0, 0.3);
                self::assertLessThanOrEqual(0.13 + 1e-9, min($beside_m, 0.3 - $beside_m));
            }
        }
        self::assertSame(array_map(static fn (array $mark): float => round($mark['above_butt_m'] + ($mark['butt'] - 1) * $gauge_m + 0.32, 6), $plan->tapes()->slope()), array_map(static fn (array $mark): float => round($mark['y_m'], 6), $plan->tapes()->slope()));
    }

    public function test_a_block_is_told_where_its_lines_find_their_courses(): void
    {
        // Arms that leave 8 mm, and clamp zones of 60: few heights will do.
        $narrow = self::roof()->with('/kit/foot/arm/reach_m', 0.115)->with('/module/ratings/0/from_m', 0.3)->with('/module/ratings/0/to_m', 0.36);
        $cures = [];
        foreach ([0.41, 0.5, 0.62, 0.7] as $y_m) {
            $plan = Planner::plan($narrow->with('/block/y_m', $y_m)->design(), Depth::Checks);
            $told = array_values(array_filter($plan->findings, static fn ($one): bool => in_array($one->code->value, ['plate_on_batten', 'arm_under_tile'], true)));
            self::assertNotSame([], $told);
            $cures[] = $cure = $told[0]->values['cure'];
            $cured = Planner::plan($narrow->with('/block/y_m', $told[0]->values['to_m'])->with('/block/row_gap_m', $told[0]->values['gap_m'] ?? 0.02)->design(), Depth::Checks);
            self::assertNotContains($told[0]->code, array_map(static fn ($one) => $one->code, $cured->findings), (string) $cure);
        }
        self::assertContains('cure.gap', $cures);
        $fill = Fill::of($narrow->design(), Orientation::Portrait, new Coefficients(), 1)[0];
        $filled = Planner::plan(Edits::apply($narrow->design(), $fill->edits()), Depth::Checks);
        self::assertSame([$fill->modules, []], [$filled->moduleCount(), array_filter($filled->findings, static fn ($one): bool => in_array($one->code->value, ['plate_on_batten', 'arm_under_tile'], true))]);
    }

    public function test_what_is_told_and_mirrored_is_of_tiles(): void
    {
        $plan = Planner::plan(self::roof()->design());
        $steps = array_column($plan->steps->steps ?? [], 'cautions', 'code');
        self::assertSame(['mark_on_tile', 'find_under_tile', 'attach_under_tile', 'seal_tile_hook'], array_slice(array_keys($steps), 2, 4));
        self::assertSame([['edges', 'tiles_break'], ['stone_dust']], [$steps['mark_on_tile'], array_slice($steps['seal_tile_hook'], 1)]);
        $texts = Texts::of($plan->design);
        foreach ($steps as $code => $cautions) {
            self::assertSame([], array_filter(["step.$code", ...array_map(static fn (string $one): string => "caution.$one", $cautions)], static fn (string $key): bool => !$texts->has($key)));
        }
        self::assertSame([['tile_wedges', 'grinder'], []], [array_values(array_intersect(array_column(Tools::of($plan->design, $plan->fastener), 'code'), ['tile_wedges', 'probe', 'grinder', 'flat_bar'])), array_keys(array_filter($plan->steps->steps ?? [], static fn (array $step): bool => $step['at_foot'] !== (preg_match('/^(anchors$|find_|attach_|seal_)/', $step['code']) === 1)))]);
        $materials = array_column($plan->materials(), 'count', 'item');
        self::assertSame([$plan->attachmentCount(), 2 * $plan->attachmentCount()], [$materials['foot'], $materials['fastener']]);
        self::assertSame([$plan->attachmentCount(), 0], [$materials['tape'], $materials['pad'] ?? 0]);
        $design = $plan->design;
        $mirrored = Copy::of($design, surface: $design->surface->mirrored());
        self::assertInstanceOf(Tile::class, $mirrored->surface->covering);
        $aside = Length::ofMetres(0.1);
        foreach (Members::of($design->surface)->members as $member) {
            self::assertTrue($design->surface->covering instanceof Tile && $design->surface->covering->reachesPan($aside, $member->x_m) === $mirrored->surface->covering->reachesPan($aside, $design->surface->width->toMetres() - $member->x_m));
        }
        self::assertSame(DesignFile::write(self::roof()->project()), (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/damson-terrace.json'));
    }
}

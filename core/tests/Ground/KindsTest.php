<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Ground\Racking\PileTable;
use Garnetine\Core\Design\Ground\Racking\PipeTable;
use Garnetine\Core\Design\Ground\Racking\PullTests;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Design\Ground\Racking\SpikeFrames;
use Garnetine\Core\Design\Ground\Racking\Timber;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Loading\Asce7Table;
use Garnetine\Core\Ground\OneHead;
use Garnetine\Core\Ground\PipeTable\PipeTableKind;
use Garnetine\Core\Ground\Pole\BlockFooting;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\PostInGround;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\Spikes\ResinPlan;
use Garnetine\Core\Ground\Stick;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKinds;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\Tested;
use Garnetine\Core\Ground\TestedPile;
use Garnetine\Core\Ground\TimberMember;
use Garnetine\Core\Ground\TwoRows\Stance;
use Garnetine\Core\Ground\TwoRows\TwoRowsCases;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Duration;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Message\DayTexts;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\KindBeside;
use Garnetine\Core\Plan\TableChooser;
use Garnetine\Core\Plan\TableDocument;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Tests\Support\OneMorePipeTable;
use Garnetine\Core\Tests\Support\PlaneFrame;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Tables of the other kinds: worked examples, statics by a second way, what may only grow, and a kind that is made up here. */
final class KindsTest extends TestCase
{
    private const IN = 0.0254;
    private const FT = 0.3048;
    private const PSF = 47.880258980336;
    private const PSI = 6894.757293168361;

    private static function lb(float $lb): float
    {
        return $lb * Dimension::Force->units()['lb'];
    }

    /** @param array<string, mixed> $changes */
    private static function plan(string $table, array $changes = []): TablePlan
    {
        return TablePlanner::plan(TableScenario::kind($table)->with($changes)->design(), Depth::Checks);
    }

    private static function timber(float $breadth_in, float $depth_in, float $fb, float $fc, YesNo $incised = YesNo::Yes): Timber
    {
        $psi = static fn (float $value): Pressure => Pressure::ofSi($value * self::PSI);

        return new Timber('post', '', Length::ofInches($breadth_in), Length::ofInches($depth_in), $psi($fb), $psi(862.5), $psi($fc), $psi(180), $psi(1.6e6), $psi(0.58e6), $incised, Length::ofFeet(10));
    }

    /** A 4×4 of Fb 1350 and Fc 1552 psi, incised and wet, and a 2×10 that nothing holds over 8 ft, by hand from the clauses of NDS 2018. */
    public function test_timber_bears_what_the_clauses_give(): void
    {
        $post = TimberMember::of(self::timber(3.5, 3.5, 1350, 1552.5), new Coefficients());
        self::assertNotNull($post);
        $inlb = Dimension::Moment->units()['lbin'];
        self::assertEqualsWithDelta([10495.8, 7543.9, 5903.9], array_map(static fn (Duration $lasts): float => $post->moment_Nm($lasts) / $inlb, [Duration::Wind, Duration::Snow, Duration::Dead]), 0.1);
        self::assertEqualsWithDelta(1825.2, $post->shear_N(Duration::Wind) / self::lb(1), 0.1);
        self::assertEqualsWithDelta(17_107_125, $post->stiffness_Nm2() / self::lb(1) / self::IN ** 2, 10);
        self::assertEqualsWithDelta(0.55679, $post->together(self::lb(2000), 3000 * $inlb, 48 * self::IN, Duration::Wind), 1e-4);
        self::assertEqualsWithDelta(0.43371, $post->together(self::lb(-2000), 3000 * $inlb, 48 * self::IN, Duration::Wind), 1e-4);
        self::assertSame(1000.0, $post->together(self::lb(20_000), 0.0, 48 * self::IN, Duration::Wind));
        // Fb of 990 psi is spared by water; CL 0.4975 at RB 27.5.
        $joist = TimberMember::of(self::timber(1.5, 9.25, 990, 1500, YesNo::No), new Coefficients(), 8 * self::FT);
        self::assertEqualsWithDelta(16_856.7, $joist?->moment_Nm(Duration::Wind) / $inlb, 0.5);
        self::assertEqualsWithDelta(100.0 + 50.0 * 9.25 / 1.5, (float) $joist?->bentBy(-100.0, 50.0), 1e-9);
        // A 5½-in post is a timber: wet it keeps its bending and loses little in compression. Turned, a 4×6 is as deep as it was broad.
        $six = TimberMember::of(self::timber(5.5, 5.5, 1350, 1552.5), new Coefficients());
        self::assertEqualsWithDelta(1350 * 1.6 * 0.8 * 5.5 ** 3 / 6, $six?->moment_Nm(Duration::Wind) / $inlb, 0.5);
        $flat = TimberMember::of(self::timber(5.5, 3.5, 1350, 1552.5), new Coefficients());
        self::assertEqualsWithDelta(5.5 / 3.5, $flat === null ? 0.0 : $flat->turned()->moment_Nm(Duration::Wind) / $flat->moment_Nm(Duration::Wind), 1e-9);
        self::assertNull(TimberMember::of(self::timber(3.5, 3.5, 1350, 1552.5, YesNo::Unknown), new Coefficients()));
    }

    /** @return array{TableLoads, TableFace} */
    private static function loads(float $tilt_deg, float $chord_m, float $width_m, float $q_psf): array
    {
        $face = new TableFace(deg2rad($tilt_deg), $chord_m, $width_m, 1.0, 1.5, 0, 0.3);
        $design = TableScenario::kind('post')->with(['/site/ground_snow_Pa' => 0.0])->design();

        return [(new Asce7Table())->loads($design, $face, $q_psf * self::PSF, new Coefficients(), new Figures()), $face];
    }

    /** 78 in along the row by 72 in, 30°, head 60 in up, 20.37 psf: 304 lb and 2,136 lb·ft at the ground, 490 lb up. */
    public function test_the_worked_single_post_fails_as_built(): void
    {
        [$loads, $face] = self::loads(30.0, 72 * self::IN, 78 * self::IN, 20.37);
        $found = array_values(array_filter(Stick::all($loads, $face, 60 * self::IN, 6 * self::IN, self::lb(60)), static fn (Stick $stick): bool => [$stick->case->combination, $stick->case->wind] === ['table_combination.06d_w', 'open_wind.0_b_clear']));
        self::assertCount(2, $found);
        [$down_N, $across_N, $moment_Nm] = $found[0]->case->posts[0];
        $ftlb = self::lb(1) * self::FT;
        self::assertEqualsWithDelta([304.0, 490.0, 2136.0, 7.03], [$across_N / self::lb(1), -$down_N / self::lb(1), $moment_Nm / $ftlb, $moment_Nm / $across_N / self::FT], 1.0);
        // In an 8-in tube in sand 6.75 ft hold it sideways, and 3 ft hold 91 lb up.
        $ground = PostInGround::of(TableScenario::kind('post')->with(['/table/footing/hole_m' => 8 * self::IN])->design()->table, new Coefficients());
        self::assertEqualsWithDelta(1.0, $across_N / $ground->sideways_N(6.75 * self::FT, $moment_Nm / $across_N), 0.005);
        self::assertEqualsWithDelta(91.0, $ground->up_N(3 * self::FT) / self::lb(1), 0.5);
        self::assertEqualsWithDelta(3590.0, $moment_Nm / (self::lb(1) * self::IN) / (3.5 ** 3 / 6), 5.0);
    }

    /** Forces in plane coordinates, turned about the foot of the post. */
    public function test_what_one_post_bears_is_in_equilibrium(): void
    {
        mt_srand(3);
        for ($try = 0; $try < 50; ++$try) {
            [$tilt_deg, $height_m, $offset_m, $dead_N] = [mt_rand(0, 60), mt_rand(50, 300) / 100, mt_rand(0, 40) / 100, (float) mt_rand(100, 3000)];
            [$loads, $face] = self::loads(min(45.0, $tilt_deg), 2.0, 1.8, 25.0);
            $sticks = array_values(array_filter(Stick::all($loads, $face, $height_m, $offset_m, $dead_N), static fn (Stick $stick): bool => !$stick->case->isAlong() && !$stick->case->isSoft));
            [$sin, $cos] = [sin($face->tilt_rad), cos($face->tilt_rad)];
            self::assertCount(count($loads->together()), $sticks);
            foreach ($loads->together() as $index => $acts) {
                [$y, $z, $turn] = [0.0, 0.0, 0.0];
                foreach ([[-0.5, $acts->lower_Pa, $acts->snowLower_Pa], [0.5, $acts->upper_Pa, $acts->snowUpper_Pa], [0.0, 0.0, 0.0]] as [$along_m, $wind_Pa, $snow_Pa]) {
                    $at = [-$offset_m * $sin + $along_m * $cos, $height_m + $offset_m * $cos + $along_m * $sin];
                    $weight_N = $snow_Pa * 1.8 * $cos + ($along_m === 0.0 ? $acts->dead * $dead_N : 0.0);
                    [$push_N, $press_N] = [$wind_Pa * 1.8 * $sin, $wind_Pa * 1.8 * $cos + $weight_N];
                    [$y, $z, $turn] = [$y + $push_N, $z + $press_N, $turn + $push_N * $at[1] + $press_N * $at[0]];
                }
                [$down_N, $across_N, $moment_Nm] = $sticks[$index]->case->posts[0];
                self::assertEqualsWithDelta([$z, abs($y), $y < 0.0 ? -$turn : $turn], [$down_N, $across_N, $moment_Nm], 1e-6);
            }
        }
    }

    /** 66 in up the slope at 15° on feet 48 in apart, 45.1 in to a frame, 115 and 160 mph in the open: the rear spike of an inner frame. */
    public function test_the_worked_frame_lifts_its_spikes(): void
    {
        $lift = static function (float $q_psf): array {
            $plan = self::plan('spikes', [
                '/module/length_m' => 66 * self::IN, '/module/width_m' => 44.6 * self::IN, '/module/mass_kg' => 38.5 * 0.45359237, '/table/racking/dead_Pa' => 0.0, '/table/racking/edge_height_m' => 14 * self::IN,
                '/table/racking/front_foot_m' => (66 * cos(deg2rad(15)) - 48) / 2 * self::IN, '/site/ground_snow_Pa' => 0.0, '/site/ground_elevation_m' => 0.0, '/site/wind_speed_m_per_s' => 105 * sqrt($q_psf / 20.37) * 0.44704,
            ]);

            return [$plan->checks['posts/C2/lift']->demand_si / self::lb(1), $plan->checks['posts/A2/lift']->demand_si / self::lb(1), $plan->checks['posts/C1/lift']->demand_si / self::lb(1), $plan->checks['posts/C2/lift']->case->wind ?? ''];
        };
        [$rear, $end, $front, $wind] = $lift(24.43);
        self::assertSame('open_wind.0_b_obstructed', $wind);
        self::assertEqualsWithDelta([267.0, 133.5], [$rear, $end], 4.0);
        // Both halves lifting alike, in obstructed flow, ask more of the front than the 108 lb of free flow.
        self::assertEqualsWithDelta(129.0, $front, 4.0);
        $plan = self::plan('spikes');
        self::assertEqualsWithDelta([0.5, 0.5], [$plan->checks['posts/A1/press']->ratio / $plan->checks['posts/B1/press']->ratio, $plan->checks['posts/G2/lift']->ratio / $plan->checks['posts/D2/lift']->ratio], 1e-9);
        // Seven frames, fourteen spikes, 38 in clear, a conduit of 6 · 38 + 7 · 1½ + 4 in; 46-min resin on a hot day.
        self::assertSame(['module' => 6, 'frame' => 7, 'conduit' => 1, 'spike' => 14, 'resin' => 14], array_column($plan->materials(), 'count', 'item'));
        self::assertEqualsWithDelta([38.0, 242.5], array_map(static fn (mixed $m): float => (is_float($m) ? $m : 0.0) / self::IN, [$plan->stand->sizes['clear_m'] ?? 0, $plan->stand->sizes['conduit_m'] ?? 0]), 1e-6);
    }

    public function test_ballast_on_frames_is_weight_and_no_more(): void
    {
        [$bare, $laden] = [self::plan('spikes'), self::plan('spikes', ['/table/racking/rear_ballast_kg' => 40.0])];
        $less_N = 0.6 * 40.0 * 9.80665;
        foreach (['A2', 'C2'] as $post) {
            self::assertEqualsWithDelta(max(0.0, $bare->checks["posts/$post/lift"]->demand_si - $less_N), $laden->checks["posts/$post/lift"]->demand_si, 1e-6);
            self::assertEqualsWithDelta($bare->checks["posts/$post/press"]->demand_si + $less_N / 0.6, $laden->checks["posts/$post/press"]->demand_si, 1e-6);
        }
        self::assertEqualsWithDelta($bare->checks['posts/C1/lift']->demand_si, $laden->checks['posts/C1/lift']->demand_si, 1e-6);
        self::assertEqualsWithDelta($bare->checks['posts/C2/sideways']->demand_si, $laden->checks['posts/C2/sideways']->demand_si, 1e-6);
        self::assertSame(7, array_column($laden->materials(), 'count', 'item')['ballast'] ?? 0);
        self::assertContains('table_ballast', array_column($laden->stand->steps ?? [], 'code'));
    }

    public function test_frames_hand_on_all_that_acts_and_nothing_more(): void
    {
        $plan = self::plan('spikes');
        $kind = TableKinds::of($plan->design, new Coefficients());
        [$loads, $face] = [self::loads(15.0, $kind->face()->chord_m, $kind->face()->width_m, 24.0)[0], $kind->face()];
        $winds = array_column($loads->winds, null, 'code');
        $seen = 0;
        foreach ($kind->stand($loads)->checks as $check) {
            $case = $check->case;
            if ($case === null || !isset($winds[$case->wind]) || $case->combination !== 'table_combination.06d_w') {
                continue;
            }
            [$lower_Pa, $upper_Pa] = [$winds[$case->wind]->lower_Pa, $winds[$case->wind]->upper_Pa];
            $half_N = 0.6 * $face->area_m2() / 2;
            $dead_N = 0.6 * ($plan->design->modules_N() + self::PSF * $face->area_m2());
            self::assertEqualsWithDelta(($lower_Pa + $upper_Pa) * $half_N * cos(deg2rad(15)) + $dead_N, array_sum(array_column($case->posts, 0)), 1.0);
            self::assertEqualsWithDelta(abs($lower_Pa + $upper_Pa) * $half_N * sin(deg2rad(15)), array_sum(array_column($case->posts, 1)), 1e-3);
            // About the front feet: each half at its quarter, the weight in the middle, and what the rear spikes bear.
            [$front_m, $edge_m, $turn_Nm] = [8 * self::IN, 12 * self::IN, 0.0];
            foreach ([[0.25, $lower_Pa * $half_N, 0.0], [0.75, $upper_Pa * $half_N, 0.0], [0.5, 0.0, $dead_N]] as [$share, $wind_N, $weight_N]) {
                [$y_m, $z_m] = [$share * $face->chord_m * cos(deg2rad(15)) - $front_m, $edge_m + $share * $face->chord_m * sin(deg2rad(15))];
                $turn_Nm += $wind_N * (sin(deg2rad(15)) * $z_m + cos(deg2rad(15)) * $y_m) + $weight_N * $y_m;
            }
            self::assertEqualsWithDelta($turn_Nm / (48 * self::IN), array_sum(array_column(array_slice($case->posts, 7), 0)), 1.0);
            ++$seen;
        }
        self::assertGreaterThan(10, $seen);
    }

    /** @return array<string, array{float, float, float}> Day in °F, minutes to work, hours to wait */
    public static function days(): array
    {
        return ['the paper’s' => [75.0, 45.0, 8.0], 'hot' => [95.0, 20.8, 8.0], 'warmer by a step' => [93.0, 22.5, 8.0], 'colder by a step' => [57.0, 45.0, 16.0]];
    }

    #[DataProvider('days')]
    public function test_resin_stiffens_sooner_when_it_is_warm_and_hardens_later_when_it_is_cold(float $day_F, float $pot_min, float $wait_h): void
    {
        $racking = TableScenario::kind('spikes')->with(['/table/racking/resin/wait_hours' => 8.0, '/table/racking/resin/day_celsius' => ($day_F - 32) / 1.8])->design()->table->racking;
        self::assertInstanceOf(SpikeFrames::class, $racking);
        $resin = $racking->resin;
        self::assertNotNull($resin);
        self::assertEqualsWithDelta([$pot_min, $wait_h], [ResinPlan::pot_min($resin), ResinPlan::wait_h($resin)], 0.05);
        // 0.8 of the time less two minutes of mixing, three a spike; six litres are six spikes of 0.9.
        self::assertSame(min(6, (int) floor((0.8 * $pot_min - 2) / 3)), ResinPlan::perMix($resin));
        self::assertSame((int) ceil(14 / ResinPlan::perMix($resin)), ResinPlan::mixes($resin, 14));
    }

    public function test_a_block_presses_as_a_footing_in_and_out_of_its_kern(): void
    {
        // 4 by 4 ft, 6,000 lb: 800 psf under 4,500 lb·ft, twice out of its kern; 656 psf at half a foot.
        foreach ([[4500.0, 800.0], [3000.0, 656.25], [0.0, 375.0]] as [$moment_lbft, $psf]) {
            self::assertEqualsWithDelta($psf, BlockFooting::pressure_Pa($moment_lbft * self::lb(1) * self::FT, self::lb(6000), 4 * self::FT, 4 * self::FT) / self::PSF, 0.1);
        }
        self::assertGreaterThan(1e8, BlockFooting::pressure_Pa(1.0, 1.0, 2.0, 1.0));
        // By its shorter side whichever way it lies; 0.6 of its weight and of what stands on it hold it.
        $plan = self::plan('pole');
        $turned = self::plan('pole', ['/table/racking/block/side_m' => 80 * self::IN]);
        $tips = $plan->checks['table/tips'];
        $block_N = (6 * self::FT) ** 2 * 3.5 * self::FT * 145 * self::PSF / self::FT;
        self::assertEqualsWithDelta($block_N, $tips->values['weight_N'], 1.0);
        self::assertEqualsWithDelta(0.6 * $block_N + ($tips->case->posts[0][0] ?? 0.0), $tips->capacity_si / (3 * self::FT), 1.0);
        self::assertEqualsWithDelta(abs($tips->case->posts[0][2] ?? 0.0) + ($tips->case->posts[0][1] ?? 0.0) * 3.5 * self::FT, $tips->demand_si, 1e-6);
        self::assertEqualsWithDelta($tips->capacity_si + 0.6 * $block_N * 8 / 72 * 3 * self::FT, $turned->checks['table/tips']->capacity_si, 2.0);
        // Sand slides at a quarter of what presses, clay by its cohesion, and never by more than half of the weight.
        $slides = static fn (string $soil): float => self::plan('pole', ['/table/soil/kind' => $soil])->checks['table/slides']->capacity_si;
        self::assertEqualsWithDelta(0.35 / 0.25, $slides('gravel') / $slides('sand'), 1e-9);
        self::assertEqualsWithDelta(130 * 36 * self::lb(1), $slides('clay'), 1.0);
        $light = self::plan('pole', ['/table/soil/kind' => 'clay', '/table/racking/block/thick_m' => 24 * self::IN])->checks['table/slides'];
        self::assertEqualsWithDelta((0.6 * $block_N * 24 / 42 + ($light->case->posts[0][0] ?? 0.0)) / 2, $light->capacity_si, 1.0);
        // What pulls a bolt: the moment over its lever and its line of two, less a quarter of the weight; both shares added.
        $anchor = $plan->checks['table/anchor'];
        [$down_N, $across_N, $moment_Nm] = $anchor->case->posts[0] ?? [0.0, 0.0, 0.0];
        self::assertEqualsWithDelta(abs($moment_Nm) / (2 * self::FT) - $down_N / 4, $anchor->demand_si, 1e-6);
        self::assertEqualsWithDelta($anchor->demand_si / self::lb(9000) + $across_N / 4 / self::lb(4000), $anchor->ratio, 1e-9);
        // Its reason is the wind at the tilt at which it tips, with that pressure.
        $told = Summary::because($plan, Becauses::of($plan, 'table/tips'));
        self::assertStringContainsString('tilted 45.00°', $told);
        self::assertSame('loads/at_45/open_wind.180_a_clear', $tips->case?->windPath());
        self::assertSame([2.2, 2.5], [$plan->figures->at($tips->case->windPath())?->values['cn_lower'], $plan->figures->at($tips->case->windPath())?->values['cn_upper']]);
        self::assertStringContainsString('(CN 2.2)', $told);
        self::assertSame(231.0, $plan->posts[0]->bags);
        self::assertSame([true, false], array_map(static fn (float $thick_in): bool => array_filter(self::plan('pole', ['/table/racking/block/thick_m' => $thick_in * self::IN])->findings, static fn ($one): bool => $one->code->value === 'foot_over_frost') !== [], [33.9, 34.0]));
    }

    public function test_a_proven_stow_spares_tilted_heads_alone_and_a_steeper_head_bears_more(): void
    {
        $stow = ['up_to_m_per_s' => 20.0, 'sensor' => 'a cup', 'without_power' => 'a spring', 'by' => 'E. Sorrel'];
        [$full, $stowed, $unproven] = [self::plan('pole'), self::plan('pole', ['/table/racking/stow' => $stow]), self::plan('pole', ['/table/racking/stow' => ['sensor' => ' '] + $stow])];
        $ratio = static fn (TablePlan $plan, string $what): float => $plan->checks["table/$what"]->ratio;
        self::assertLessThan(0.8 * $ratio($full, 'tips'), $ratio($stowed, 'tips'));
        self::assertEqualsWithDelta($ratio($full, 'tips'), $ratio($unproven, 'tips'), 1e-12);
        self::assertEqualsWithDelta($ratio($full, 'tips'), $ratio(self::plan('pole', ['/table/racking/stow' => ['up_to_m_per_s' => 90.0] + $stow]), 'tips'), 1e-12);
        self::assertLessThan($ratio($full, 'slides'), $ratio(self::plan('pole', ['/table/racking/steepest_rad' => deg2rad(30)]), 'slides'));
        // Flat, a head bears the full wind, stow or none.
        $flat = ['/table/tilt_rad' => 0.0, '/table/racking/steepest_rad' => 0.0, '/site/wind_speed_m_per_s' => 70.0];
        self::assertEqualsWithDelta($ratio(self::plan('pole', $flat), 'bracket_up'), $ratio(self::plan('pole', $flat + ['/table/racking/stow' => $stow]), 'bracket_up'), 1e-12);
    }

    public function test_tests_prove_half_of_the_least_and_less_high_over_it(): void
    {
        $plan = self::plan('piles');
        self::assertEqualsWithDelta([4700 / 2, 4700 / 2], [$plan->checks['posts/B2/lift']->capacity_si / self::lb(1), $plan->checks['posts/B1/press']->capacity_si / self::lb(1)], 0.1);
        // 1,020 lb at 30 in is the least test sideways; the front piles stand 30 in and a little higher, the rear ones far over it.
        $sideways = static fn (string $post): float => $plan->checks["posts/$post/sideways"]->capacity_si / self::lb(1);
        self::assertEqualsWithDelta(510.0, $sideways('D1'), 0.1);
        self::assertEqualsWithDelta(510.0 * (72 + 1.09 * 30) / (72 + 1.09 * (30.0 + 80 * (tan(deg2rad(30)) - tan(deg2rad(2))))), $sideways('D2'), 0.5);
        // None sideways: as an embedded post of the screw's own width.
        $none = self::plan('piles', ['/table/racking/tests/each' => array_fill(0, 3, ['up_N' => 2e4])]);
        $ground = PostInGround::of($none->design->table, new Coefficients(), [], 3 * self::IN);
        self::assertEqualsWithDelta($ground->sideways_N(72 * self::IN, 30 * self::IN), $none->checks['posts/D1/sideways']->capacity_si, 1e-3);
        $two = self::plan('piles', ['/table/racking/tests/each' => [['up_N' => 2e4, 'sideways_N' => 9e3], ['up_N' => 2e4, 'sideways_N' => 9e3], ['up_N' => 2e4]]]);
        self::assertEqualsWithDelta($none->checks['posts/D1/sideways']->capacity_si, $two->checks['posts/D1/sideways']->capacity_si, 1e-9);
        self::assertSame([null, null], [$plan->posts[0]->cut_m, $plan->posts[0]->bags]);
        self::assertNotNull(Tested::bears_N($this->tests($plan), false));
    }

    private function tests(TablePlan $plan): PullTests
    {
        $racking = $plan->design->table->racking;
        self::assertInstanceOf(PileTable::class, $racking);

        return $racking->tests;
    }

    public function test_stiffer_posts_take_more_and_the_top_of_a_post_is_cut_at_the_tilt(): void
    {
        $alike = self::plan('timber');
        $stout = self::plan('timber', ['/table/racking/rear_post/depth_m' => 0.2, '/table/racking/rear_post/breadth_m' => 0.2]);
        $push = static fn (TablePlan $plan, string $post): float => $plan->checks["posts/$post/sideways"]->demand_si;
        self::assertGreaterThan(1.5 * $push($alike, 'B2'), $push($stout, 'B2'));
        self::assertLessThan($push($alike, 'B1'), $push($stout, 'B1'));
        self::assertEqualsWithDelta(4.0, ($alike->posts[0]->cut_m - $alike->posts[0]->place->height_m - $alike->posts[0]->depth_m) / self::IN, 1e-6);
        $post = self::plan('post');
        self::assertEqualsWithDelta(5.5 * tan(deg2rad(30)), (is_float($cut = $post->stand->sizes['top_cut_m'] ?? 0.0) ? $cut : 0.0) / self::IN, 1e-6);
        self::assertEqualsWithDelta(60.0 + 48.0 + 5.5 * tan(deg2rad(30)) / 2, $post->posts[0]->cut_m / self::IN, 1e-6);
        // Lower at its head than its low edge may hang.
        $face = OneHead::face($post->design, 48 * self::IN, 6 * self::IN);
        self::assertEqualsWithDelta(48 + 6 * cos(deg2rad(30)) - 33 * sin(deg2rad(30)) + 33 * cos(deg2rad(30)) * tan(deg2rad(2)) - 78.75 / 2 * tan(deg2rad(0.5)), $face->lowEdge_m / self::IN, 0.01);
    }

    /** Three screws a row do where four are planned, under nine overhangs of those that are tried, the best of them; none with two. */
    public function test_the_fewest_posts_are_those_that_any_overhang_does_with(): void
    {
        $wind = ['/site/wind_speed_m_per_s' => 44.0];
        $design = TableScenario::kind('piles')->with($wind)->design();
        $fewest = TablePlanner::fewest($design, TablePlanner::ways($design));
        self::assertNotNull($fewest);
        $held = [];
        foreach ([2, 3] as $posts) {
            for ($step = 0; $step <= 60; ++$step) {
                $plan = self::plan('piles', $wind + ['/table/racking/posts' => $posts, '/table/racking/end_overhang_m' => $step * self::IN]);
                if ($plan->posts !== [] && ($plan->leastReserve() ?? -1.0) >= 0.0) {
                    $held[$posts][$step] = round($plan->leastReserve() ?? 0.0, 9);
                }
            }
        }
        self::assertSame([3], array_keys($held));
        self::assertCount(9, array_filter($held[3] ?? [], static fn (int $step): bool => $step > 0, ARRAY_FILTER_USE_KEY));
        $three = $held[3] ?? [0.0];
        self::assertInstanceOf(PileTable::class, $racking = $fewest->design->table->racking);
        self::assertEqualsWithDelta([6, array_search(max($three), $three, true) * self::IN, max($three)], [$fewest->posts, $racking->endOverhang->toMetres(), $fewest->reserve], 1e-9);
        // Nothing is looked for where no fewer can be.
        $two = TableScenario::kind('piles')->with(['/site/wind_speed_m_per_s' => 20.0, '/site/ground_snow_Pa' => 0.0])->design();
        self::assertNull(TablePlanner::fewest($two, TablePlanner::ways($two)));
    }

    /** A pile whose box measures 0.508 m round, 0.9 m of frost, 100 kPa: 45.7 kN. */
    public function test_frost_grips_what_stands_in_it(): void
    {
        $soil = ['/table/soil/kind' => 'clay', '/table/soil/frost_prone' => 'yes', '/table/soil/parted' => 'no', '/table/soil/frost_depth_m' => 0.9];
        $ground = PostInGround::of(TableScenario::kind('piles')->with($soil)->design()->table, new Coefficients(), [], 0.127);
        [$grip_N, $holds_N] = (new TestedPile($ground, 1.8, 20_000.0, null, 0.0))->frozen_N(1.8) ?? [0.0, 0.0];
        self::assertEqualsWithDelta([45_720.0, 10_000.0], [$grip_N, $holds_N], 1.0);
        // In a hole of 0.3 m: 65 kPa on its side; its concrete and 130 lb/ft² of its side below the frost hold it.
        $post = PostInGround::of(TableScenario::of()->with($soil + ['/table/footing/hole_m' => 0.3])->design()->table, new Coefficients());
        [$grip_N, $holds_N] = $post->frozen_N(2.0) ?? [0.0, 0.0];
        $concrete_N = M_PI / 4 * 0.09 * 2.0 * 145 * self::PSF / self::FT;
        self::assertEqualsWithDelta([65e3 * M_PI * 0.3 * 0.9, $concrete_N + 130 * self::PSF * M_PI * 0.3 * 1.1], [$grip_N, $holds_N], 1.0);
        // What stands on it holds too, without wind; parted from the ground nothing grips it.
        $shallow = self::plan('piles', ['/table/soil/frost_depth_m' => 0.05] + $soil);
        $check = $shallow->checks['posts/B1/frost'];
        $presses = array_filter(TableScenario::of()->cases()->bound(false, 0.0), static fn (TableCase $case): bool => $case->combination === 'table_combination.d');
        self::assertCount(2, $presses);
        self::assertEqualsWithDelta(100e3 * 4 * 0.0762 * 0.05, $check->demand_si, 1e-6);
        self::assertGreaterThan(20906.6416 / 2 * (1 - 0.05 / 1.8288) + 100.0, $check->capacity_si);
        self::assertLessThan(20906.6416 / 2 + 2000.0, $check->capacity_si);
        self::assertArrayNotHasKey('posts/B1/frost', self::plan('piles', ['/table/soil/frost_depth_m' => 0.05, '/table/soil/parted' => 'yes'] + $soil)->checks);
        // What it would lift is no reserve of the table, and can be asked why.
        $lifted = self::plan('piles', $soil);
        self::assertEqualsWithDelta(self::plan('piles', ['/table/soil/frost_prone' => 'no'] + $soil)->leastReserve(), $lifted->leastReserve(), 1e-12);
        self::assertContains('posts/A1/frost', Becauses::paths($lifted));
    }

    /** A post that buckles under the weight alone fails by a number that can be written down, and by no less under more. */
    public function test_under_any_snow_a_table_is_planned_and_its_plan_can_be_written(): void
    {
        foreach (['timber', 'piles', 'post', 'spikes', 'pole', 'row', 'blocks'] as $table) {
            foreach ([7e3, 2e4] as $snow_Pa) {
                $plan = TablePlanner::plan(TableScenario::kind($table)->with(['/site/ground_snow_Pa' => $snow_Pa])->design());
                self::assertNotSame('', CanonicalJson::encode(TableDocument::of($plan)), $table);
            }
        }
        $post = TimberMember::of(self::timber(3.5, 3.5, 1350, 1552.5), new Coefficients()) ?? self::fail();
        $ratios = array_map(static fn (int $kN): float => $post->together(1e3 * $kN, 50.0, 3.0, Duration::Snow), range(1, 60));
        $sorted = $ratios;
        sort($sorted);
        self::assertSame($sorted, $ratios);
        self::assertTrue($ratios[0] < 1.0 && is_finite($ratios[59]) && $ratios[59] > 100.0);
    }

    public function test_a_post_is_bent_most_at_the_ground_or_at_its_head(): void
    {
        $post = TimberMember::of(self::timber(3.5, 3.5, 1350, 1552.5), new Coefficients());
        $place = new PostPlace('A1', false, 0.0, 0.0, 0.0, 2.0, $post, '/table/racking/stick');
        $bent = static fn (float $moment_Nm): float => PostChecks::member($place, 0, [new TableCase('table_combination.d_w', 'open_wind.least_up', '', false, [[0.0, 100.0, $moment_Nm]])], 0.0)[0]->demand_si;
        // 100 N at the head of 2 m: what is left there of the moment at the ground is 200 N·m less.
        self::assertSame([200.0, 180.0, 250.0, 300.0], [$bent(200.0), $bent(20.0), $bent(250.0), $bent(-100.0)]);
    }

    /** @return array<string, array{string}> */
    public static function kinds(): array
    {
        return ['timber' => ['timber'], 'piles' => ['piles'], 'post' => ['post'], 'spikes' => ['spikes'], 'pole' => ['pole'], 'row' => ['row'], 'blocks' => ['blocks']];
    }

    #[DataProvider('kinds')]
    public function test_every_figure_of_a_kind_is_told_and_more_wind_never_asks_less(string $table): void
    {
        $plan = self::plan($table);
        self::assertNotSame([], $plan->posts);
        self::assertNotSame([], $plan->materials());
        foreach (Becauses::paths($plan) as $path) {
            self::assertDoesNotMatchRegularExpression('/[{}]|because\.|formula\.|table_(case|combination|snow)|open_wind\.|bound\.|word\./', Summary::because($plan, Becauses::of($plan, $path)), $path);
        }
        foreach ($plan->steps() as $step) {
            self::assertDoesNotMatchRegularExpression('/[{}]|step\./', Texts::of($plan->design)->say('step.'.$step['code'], $step['values']));
        }
        $work = ['from' => '2026-06-01'] + (array) Typical::entry('/table/crew', []);
        $days = DayTexts::of(self::plan($table, ['/table/crew' => $work, ...$table === 'timber' ? ['/table/racking/brace' => ['front_at_m' => 0.1, 'rear_at_m' => 0.1] + (array) Typical::entry('/table/racking/brace', [])] : []]));
        self::assertNotSame([], $days);
        self::assertDoesNotMatchRegularExpression('/[{}]|day\./', implode("\n", array_merge(...array_column($days, 'says'))));
        $windy = self::plan($table, ['/site/wind_speed_m_per_s' => 48.0]);
        self::assertGreaterThanOrEqual(array_sum(array_column($plan->posts, 'blocks')), array_sum(array_column($windy->posts, 'blocks')));
        if ($table !== 'blocks' && ($plan->posts[0]->depth_m ?? 0.0) === ($windy->posts[0]->depth_m ?? 1.0)) {
            foreach ($plan->checks as $path => $check) {
                self::assertGreaterThanOrEqual($check->ratio - 1e-9, $windy->checks[$path]->ratio, $path);
            }
        }
        self::assertGreaterThanOrEqual($plan->posts[0]->depth_m, $windy->posts[0]->depth_m ?? INF);
    }

    #[DataProvider('kinds')]
    public function test_a_table_becomes_of_another_kind_keeps_its_sizes_and_forgets_what_was_proven(string $table): void
    {
        $project = TableScenario::of()->project();
        foreach ([Kinds::nameOf(TableScenario::kind($table)->design()->table->racking::class) ?? '', 'pipe_table'] as $kind) {
            $project = JobEdits::apply($project, [['path' => '/table/racking/kind', 'typed' => $kind]]);
            self::assertSame($kind, Kinds::nameOf($project->table('table-1')->table->racking::class));
        }
        $racking = $project->table('table-1')->table->racking;
        self::assertInstanceOf(PipeTable::class, $racking);
        self::assertNull($racking->holds->teeUp);
        self::assertSame('unknown', $racking->crossBolt->value);
    }

    public function test_the_same_modules_stand_beside_themselves_on_every_kind(): void
    {
        $design = TableScenario::of()->design();
        $told = self::beside($design);
        self::assertSame(array_keys(Kinds::of(Racking::class)), array_keys($told));
        self::assertSame(['pipe_table'], array_keys(array_filter($told, static fn (KindBeside $one): bool => $one->isHere)));
        self::assertSame(CanonicalJson::encode(TableDocument::of(TablePlanner::plan($design, Depth::Checks))), CanonicalJson::encode(TableDocument::of($told['pipe_table']->plan ?? self::plan('post'))));
        self::assertSame(['too_few_tests', 'too_wide_for_one', 'frames_one_row'], array_map(static fn (string $kind): string => $told[$kind]->refusal->code->value ?? '', ['pile_table', 'single_post', 'spike_frames']));
        // On the fewest timber posts that the ground holds, in the hole that is planned: what is begun by hand stands alike.
        $timber = $told['timber_table']->plan;
        self::assertNotNull($timber);
        $byHand = Edits::apply($design, $told['timber_table']->edits);
        self::assertSame(count($timber->posts), count(TablePlanner::plan($byHand, Depth::Checks)->posts));
        self::assertGreaterThan(6, $told['timber_table']->missing);
        $stormy = TableScenario::of()->with(['/site/wind_speed_m_per_s' => 62.0, '/table/footing/hole_m' => 0.2])->design();
        $most = self::beside($stormy)['timber_table'];
        self::assertGreaterThan(4, $posts = count($most->plan->posts ?? []));
        $fewer = Edits::apply($stormy, [$most->edits[0], ['path' => '/table/racking/posts', 'typed' => (string) (intdiv($posts, 2) - 1)]]);
        self::assertSame([], TablePlanner::plan($fewer, Depth::Checks)->posts);
        self::assertContains($told['pole']->failing()?->what, ['tips', 'bears']);
        // Sizes that one kind allows and another does not.
        $wide = TableScenario::kind('spikes')->with(['/table/racking/between_m' => 0.25])->design();
        self::assertNull(self::beside($wide)['timber_table']->plan);
    }

    /** @return array<string, KindBeside> By kind */
    private static function beside(TableDesign $design): array
    {
        return array_column(TableChooser::of($design), null, 'kind');
    }

    /** In clay a 12-in hole was planned 72 in deep and reached 63: 300 lb at 36 in are too much for it, 500 lb up are not. */
    public function test_a_hole_that_stops_short_is_judged_and_cut_as_it_is(): void
    {
        $ground = PostInGround::of(TableScenario::of()->design()->table, new Coefficients());
        // It would have to be 1.10 times as deep for that, and bears 0.34 of what lifts it.
        self::assertGreaterThan($ground->sideways_N(63 * self::IN, 36 * self::IN), self::lb(300));
        self::assertEqualsWithDelta([1.0, 0.34], [self::lb(300) / $ground->sideways_N(1.095 * 63 * self::IN, 36 * self::IN), self::lb(500) / $ground->up_N(63 * self::IN)], 0.01);
        $built = static fn (string $post, float $depth_in): array => ['post' => $post, 'depth_m' => $depth_in * self::IN, 'by' => 'E. Sorrel', 'on' => '2026-06-02'];
        $with = static fn (array ...$holes): TablePlan => TablePlanner::plan(TableScenario::of()->with(['/table/built' => $holes])->design(), Depth::Checks);
        $plan = $with();
        self::assertEqualsWithDelta(84.0, $plan->posts[0]->depth_m / self::IN, 1e-6);
        // As planned: nothing changes.
        $same = $with($built('B1', 84.0));
        self::assertEqualsWithDelta($plan->checks['posts/B1/sideways']->ratio, $same->checks['posts/B1/sideways']->ratio, 1e-9);
        // Of one post the last counts. Its cut is as much less; the others stay as deep as they were.
        $short = $with($built('B1', 90.0), $built('B1', 70.0));
        self::assertEqualsWithDelta([70.0, 84.0, 14.0], [$short->posts[1]->depth_m / self::IN, $short->posts[0]->depth_m / self::IN, ($plan->posts[1]->cut_m - $short->posts[1]->cut_m) / self::IN], 1e-6);
        self::assertGreaterThan($plan->checks['posts/B1/sideways']->ratio, $short->checks['posts/B1/sideways']->ratio);
        self::assertLessThan($plan->posts[1]->bags, $short->posts[1]->bags);
        $codes = static fn (TablePlan $one): array => array_values(array_intersect(['built_short', 'foundation_too_deep', 'built_unknown'], array_map(static fn (Finding $finding): string => $finding->code->value, $one->findings)));
        self::assertSame([['built_short'], [], ['built_unknown']], [$codes($short), $codes($with($built('B2', 84.0))), $codes($with($built('Z1', 84.0)))]);
        // A post that gives way less deep is stiffer, and takes more of what pushes its row.
        $pushed = static fn (array $holes): TwoRowsCases => TableScenario::of()->with(['/table/built' => $holes])->cases();
        $most = static fn (array $holes): float => max([0.0, ...array_map(static fn (TableCase $case): float => $case->posts[0][1], $pushed($holes)->bound(true, 84 * self::IN))]);
        self::assertGreaterThan(1.1 * $most([]), $most([$built('A1', 40.0), $built('B1', 40.0), $built('C1', 40.0), $built('D1', 40.0)]));
        // Too deep for all others, and one that stands: both are told.
        $both = TablePlanner::plan(TableScenario::of()->with(['/table/built' => [$built('A1', 40.0)], '/table/racking/posts' => 2, '/site/wind_speed_m_per_s' => 80.0, '/table/footing/hole_m' => 0.15])->design(), Depth::Checks);
        self::assertSame(['built_short', 'foundation_too_deep'], $codes($both));
        // A hole that ends above the frost is no foundation, whatever it bears.
        $frozen = static fn (float $depth_in): bool => array_filter($with($built('B2', $depth_in))->findings, static fn (Finding $finding): bool => [$finding->code->value, $finding->at] === ['foot_over_frost', '/table/built']) !== [];
        self::assertSame([true, false], [$frozen(29.9), $frozen(30.0)]);
        // The front posts, which ask most, stand deep enough: the rear ones need less.
        self::assertLessThan(83.0, $with($built('A1', 120.0), $built('B1', 120.0), $built('C1', 120.0), $built('D1', 120.0))->posts[4]->depth_m / self::IN);
        // What stopped short of its tests bears nothing.
        $pile = new TestedPile($ground, 2.0, 1000.0, null, 0.0);
        self::assertSame([0.0, 0.0, 1000.0], [$pile->up_N(1.99), $pile->down_N(1.99), $pile->up_N(2.0)]);
        foreach (['piles' => [71.9, 72.0], 'spikes' => [31.9, 32.0]] as $table => [$less, $enough]) {
            self::assertSame([[], ['built_short']], [$codes(self::plan($table, ['/table/built' => [$built('A1', $enough)]])), $codes(self::plan($table, ['/table/built' => [$built('A1', $less)]]))]);
        }
        self::assertEqualsWithDelta(50.0, self::plan('post', ['/table/built' => [$built('A1', 50.0)]])->posts[0]->depth_m / self::IN, 1e-6);
    }

    public function test_a_further_table_is_like_the_one_it_was_made_of_and_nothing_of_it_is_dug_or_signed(): void
    {
        $hole = ['post' => 'A1', 'depth_m' => 2.2, 'by' => 'E. Sorrel', 'on' => null];
        $job = TableScenario::of()->with(['/table/built' => [$hole], '/confirmations' => [['subject' => 'table/table-1/stop/table_slenderness', 'value' => '', 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'calculation 12', 'account' => '']]])->project();
        $job = JobEdits::apply($job, [['on' => 'table-1', 'path' => '/table/racking/front_height_m', 'typed' => '36 in'], ['on' => 'table-1', 'plane' => 'copy'], ['on' => 'table-2', 'path' => '/table/tilt_rad', 'typed' => '25 deg']]);
        self::assertSame(['table-1', 'table-2'], $job->tableIds());
        [$one, $other] = [$job->table('table-1'), $job->table('table-2')];
        self::assertSame(['Table 2', 1, 0, 1, 0, '36 in'], [$other->table->name, count($one->table->built), count($other->table->built), count($one->confirmations), count($other->confirmations), $other->asTyped['/table/racking/front_height_m'] ?? '']);
        self::assertEqualsWithDelta([30.0, 25.0], [$one->table->tilt()->toDegrees(), $other->table->tilt()->toDegrees()], 1e-6);
        $left = JobEdits::apply($job, [['on' => 'table-1', 'plane' => 'remove']]);
        self::assertSame([['table-2'], 0, []], [$left->tableIds(), count($left->confirmations), array_filter(array_keys($left->asTyped), static fn (string $at): bool => str_starts_with($at, '/tables/table-1'))]);
        foreach ([[$left, 'remove', 'the only one'], [$job, 'mirror', 'copy or remove']] as [$of, $what, $says]) {
            try {
                JobEdits::apply($of, [['on' => 'table-2', 'plane' => $what]]);
                self::fail($what);
            } catch (DocumentInvalid $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
    }

    /** Thirty random tables of one bay against a plane frame: posts that stand firm or give way below, rails that do not bend, hinged on both. */
    public function test_front_and_rear_share_as_a_plane_frame_does(): void
    {
        mt_srand(30);
        $of = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
        for ($try = 0; $try < 30; ++$try) {
            $shape = TableScenario::worked()->with([
                '/table/tilt_rad' => deg2rad($of(0, 50)), '/table/racking/front_pipe_m' => $of(0.1, 0.8), '/table/racking/between_m' => $of(0.6, 1.2), '/table/racking/offset_m' => $of(0.02, 0.3),
                '/table/racking/front_height_m' => $of(0.9, 1.6), '/table/ground/across_rad' => deg2rad($of(-6, 6)),
            ])->shape();
            [$sin, $cos] = [sin($shape->tilt_rad), cos($shape->tilt_rad)];
            [$below_m, $frontEi, $rearEi] = [$try % 2 === 0 ? 0.0 : $of(0.5, 1.5), $of(1e4, 1e5), $of(1e4, 1e5)];
            $plane = static fn (float $along_m): array => [$along_m * $cos, $along_m * $sin];
            $pipe = static fn (float $along_m): array => [$along_m * $cos + $shape->offset_m * $sin, $along_m * $sin - $shape->offset_m * $cos];
            $frame = new PlaneFrame();
            // Ways: 0 to 2 and 3 to 5 the feet; 6, 7 and 9, 10 the pipes, their posts turning by 8 and 11, the rails by 12 and 13; then places on the rails.
            $stiff = 1e13;
            foreach ([[$shape->frontPipe_m, $shape->front_m[0], [0, 1, 2, 6, 7, 8], $frontEi], [$shape->rearPipe_m, $shape->rear_m[0], [3, 4, 5, 9, 10, 11], $rearEi]] as [$along_m, $height_m, $ways, $ei]) {
                $top = $pipe($along_m);
                $frame->bar([$top[0], $top[1] - $height_m - $below_m], $top, $ways, $stiff, $ei);
            }
            $places = [0.0, $shape->chord_m / 4, $shape->frontPipe_m, $shape->chord_m / 2, 3 * $shape->chord_m / 4, $shape->rearPipe_m, $shape->chord_m];
            sort($places);
            $way = static fn (int $place): int => 20 + 3 * $place;
            for ($place = 1; $place < count($places); ++$place) {
                [$before_m, $here_m] = array_slice($places, $place - 1, 2);
                if ($here_m - $before_m > 1e-9) {
                    $frame->bar($plane($before_m), $plane($here_m), [$way($place - 1), $way($place - 1) + 1, $way($place - 1) + 2, $way($place), $way($place) + 1, $way($place) + 2], $stiff, $stiff / 1e3);
                }
            }
            foreach ([[$shape->frontPipe_m, [6, 7, 12]], [$shape->rearPipe_m, [9, 10, 13]]] as [$along_m, $ways]) {
                $place = (int) array_search($along_m, $places, true);
                $frame->bar($pipe($along_m), $plane($along_m), [...$ways, $way($place), $way($place) + 1, $way($place) + 2], $stiff, $stiff / 1e3);
            }
            [$lower_N, $upper_N, $weight_N] = [$of(-4e3, 4e3), $of(-4e3, 4e3), $of(0, 3e3)];
            foreach ([[0.25, $lower_N * $sin, -$lower_N * $cos], [0.75, $upper_N * $sin, -$upper_N * $cos], [0.5, 0.0, -$weight_N]] as [$share, $across_N, $up_N]) {
                $place = (int) array_search($share === 0.75 ? 3 * $shape->chord_m / 4 : ($share === 0.25 ? $shape->chord_m / 4 : $shape->chord_m / 2), $places, true);
                $frame->load($way($place), $across_N);
                $frame->load($way($place) + 1, $up_N);
            }
            $forces = $frame->heldBy([0, 1, 2, 3, 4, 5]);
            [$k1, $k2] = [$frontEi / ($shape->front_m[0] + $below_m) ** 3, $rearEi / ($shape->rear_m[0] + $below_m) ** 3];
            $stance = Stance::under($shape, $lower_N, $upper_N, [[$weight_N, $shape->chord_m / 2]], $k2 / ($k1 + $k2));
            $most_N = max(abs($lower_N), abs($upper_N), $weight_N);
            self::assertEqualsWithDelta([$stance->front_N, $stance->rear_N, $stance->frontAcross_N, $stance->rearAcross_N], [$forces[1], $forces[4], -$forces[0], -$forces[3]], 1e-4 * $most_N);
            // What bends the foot of a post is what pushes its head.
            self::assertEqualsWithDelta(abs($stance->frontAcross_N * ($shape->front_m[0] + $below_m)), abs($forces[2]), 2e-4 * $most_N);
        }
    }

    /** A kind from elsewhere is a class of the design, one that plans it, and a line in each list. */
    public function test_a_further_kind_needs_nothing_else(): void
    {
        Kinds::add(Racking::class, 'one_more', OneMorePipeTable::class);
        TableKinds::add(OneMorePipeTable::class, static fn ($design, $coefficients) => new PipeTableKind($design, TableScenario::of()->pipes(), $coefficients));
        try {
            $scenario = TableScenario::of();
            $plan = TablePlanner::plan($scenario->with(['/table/racking' => ['kind' => 'one_more', 'posts' => 4]])->design(), Depth::Checks);
            self::assertEqualsWithDelta(TablePlanner::plan($scenario->design(), Depth::Checks)->leastReserve() ?? 0.0, $plan->leastReserve() ?? 1.0, 1e-12);
        } finally {
            Kinds::remove(Racking::class, 'one_more');
        }
        self::assertCount(8, Kinds::of(Racking::class));
        self::assertSame(Copy::of($plan->design)->name, $plan->design->name);
    }
}

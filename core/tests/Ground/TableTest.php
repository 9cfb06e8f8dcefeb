<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\Ground\Field\Bag;
use Garnetine\Core\Design\Ground\Racking\BeamJoints;
use Garnetine\Core\Design\Ground\Racking\Pipe;
use Garnetine\Core\Ground\AlongRow;
use Garnetine\Core\Ground\Curing;
use Garnetine\Core\Ground\Loading\Asce7Table;
use Garnetine\Core\Ground\Loading\OpenRoof;
use Garnetine\Core\Ground\Loading\OpenRoofElements;
use Garnetine\Core\Ground\OpenWind;
use Garnetine\Core\Ground\PostInGround;
use Garnetine\Core\Ground\RoundPipe;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableSnow;
use Garnetine\Core\Ground\TwoRows\Stance;
use Garnetine\Core\Ground\TwoRows\TwoRowsCases;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Plan\TableWay;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A table of steel pipes: published tables and worked examples, statics by a second way, what may only grow, and depth to the step. */
final class TableTest extends TestCase
{
    private const IN = 0.0254;
    private const FT = 0.3048;
    private const PSF = 47.880258980336;

    private static function lb(float $lb): float
    {
        return $lb * Dimension::Force->units()['lb'];
    }

    /** @return array<string, array{float, string, float, float, float, float}> Tilt, case, and both halves and their mean in psf at 24.43 psf */
    public static function winds(): array
    {
        return [
            // Worked at 30° and qh 24.43 psf.
            'A lifting' => [30.0, '0_a_clear', -37.4, -37.4, 24.43, 0.05], 'B lifting' => [30.0, '0_b_clear', -10.4, -51.9, 24.43, 0.05],
            'A pressing' => [30.0, '180_a_clear', 43.6, 43.6, 24.43, 0.05], 'B pressing' => [30.0, '180_b_clear', 54.0, 20.8, 24.43, 0.05],
            // Printed cells, as G·qh = 1.
            'obstructed' => [15.0, '180_a_obstructed', 0.4, -1.1, 1 / 0.85, 1e-9], 'flat row' => [7.0, '0_b_clear', -0.1, -1.1, 1 / 0.85, 1e-9],
            'from 7.5° on' => [7.5, '0_b_clear', 0.0, -1.4, 1 / 0.85, 1e-9], 'between rows' => [26.25, '180_b_clear', 2.4, 0.85, 1 / 0.85, 1e-9], 'last row' => [45.0, '180_a_clear', 2.2, 2.5, 1 / 0.85, 1e-9],
        ];
    }

    #[DataProvider('winds')]
    public function test_wind_on_the_halves_is_that_of_the_figure(float $tilt_deg, string $case, float $lower_psf, float $upper_psf, float $q_psf, float $within): void
    {
        $cases = OpenRoof::cases($tilt_deg, $q_psf * self::PSF, new Coefficients(), new Figures());
        self::assertCount(10, $cases);
        $found = array_values(array_filter($cases, static fn (OpenWind $one): bool => $one->code === "open_wind.$case"))[0];
        self::assertEqualsWithDelta($lower_psf, $found->lower_Pa / self::PSF, $within);
        self::assertEqualsWithDelta($upper_psf, $found->upper_Pa / self::PSF, $within);
        self::assertSame([-16.0, 16.0], array_map(static fn (OpenWind $one): float => round($one->lower_Pa / self::PSF, 9), array_slice($cases, 0, 2)));
    }

    /** Fig. 30.7-1 against Fig. 27.3-4: the field takes the extreme of the whole table, the strip half as much again, the corner twice. */
    public function test_wind_on_elements_is_in_step_with_that_on_the_table(): void
    {
        foreach ([[15.0, 1.8, 1.9], [30.0, 2.6, 2.5], [45.0, 2.6, 2.3]] as [$tilt_deg, $down, $up]) {
            $shape = TableScenario::worked()->with(['/table/tilt_rad' => deg2rad($tilt_deg)])->shape();
            $wind = OpenRoofElements::on($shape, 100 * self::PSF / 0.85, new Coefficients());
            self::assertEqualsWithDelta(3 * self::FT, $wind->strip_m, 1e-9);
            foreach ([[9.0, 3, 2.0], [36.0, 2, 1.5], [37.0, 1, 1.0]] as [$area_ft2, $zone, $times]) {
                $area_m2 = $area_ft2 * self::FT ** 2;
                self::assertSame($zone, $wind->zone($area_m2));
                self::assertEqualsWithDelta($down * $times, $wind->pressure_Pa($area_m2, 'down') / self::PSF / 100, 0.051);
                self::assertEqualsWithDelta($up * $times, $wind->pressure_Pa($area_m2, 'up') / self::PSF / 100, $zone === 1 ? 0.21 : 0.41);
            }
        }
    }

    public function test_the_strip_of_a_large_high_table_is_a_tenth_of_it_and_least_wind_counts(): void
    {
        $shape = TableScenario::of()->with(['/table/rows' => 8, '/table/columns' => 12, '/table/racking/between_m' => 6.0])->shape();
        $wind = OpenRoofElements::on($shape, 10.0, new Coefficients());
        $least_m = min($shape->width_m, $shape->chord_m * cos($shape->tilt_rad));
        self::assertEqualsWithDelta(min(0.1 * $least_m, 0.4 * $shape->meanHeight_m), $wind->strip_m, 1e-9);
        self::assertGreaterThan(3 * self::FT, $wind->strip_m);
        self::assertEqualsWithDelta(16.0, $wind->pressure_Pa(1.0, 'up') / self::PSF, 1e-9);
    }

    /** @return iterable<string, array{string, float, float, float}> IBC 2018, §1807.3.2.1, solved for the depth: P 500 lb, h 6 ft */
    public static function depths(): iterable
    {
        $printed = ['sedimentary_rock' => [6.04, 4.61, 3.94], 'gravel' => [7.99, 6.04, 5.15], 'sand' => [8.99, 6.78, 5.77], 'clay' => [10.65, 7.99, 6.78]];
        foreach ($printed as $soil => $depths_ft) {
            foreach ([0.5, 1.0, 1.5] as $index => $hole_ft) {
                yield "$soil, $hole_ft ft" => [$soil, $hole_ft, $depths_ft[$index], 1.0];
            }
        }
        yield 'clay, doubled' => ['clay', 1.0, 6.04, 2.0];
    }

    #[DataProvider('depths')]
    public function test_an_embedded_post_holds_what_the_printed_clause_gives(string $soil, float $hole_ft, float $depth_ft, float $times): void
    {
        $doubling = $times > 1.0 ? ['by' => 'E. Sorrel', 'why' => 'a fence'] : null;
        $table = TableScenario::of()->with(['/table/soil/kind' => $soil, '/table/footing/hole_m' => $hole_ft * self::FT, '/table/footing/doubling' => $doubling])->design()->table;
        $post = PostInGround::of($table, new Coefficients());
        // The printed depth is rounded to a hundredth of a foot, in which what it holds grows with the third power.
        self::assertEqualsWithDelta(1.0, $post->sideways_N($depth_ft * self::FT, 6 * self::FT) / self::lb(500), 0.006);
        // The clause as it is printed, iterated.
        $allowable_N = $post->sideways_N($depth_ft * self::FT, 6 * self::FT);
        $a = 2.34 * $allowable_N / ($post->side_Pa($depth_ft * self::FT) * $hole_ft * self::FT);
        self::assertEqualsWithDelta($depth_ft * self::FT, 0.5 * $a * (1 + sqrt(1 + 4.36 * 6 * self::FT / $a)), 1e-9);
    }

    public function test_a_pier_is_held_down_by_concrete_and_clay_and_bags_fill_it(): void
    {
        $post = PostInGround::of(TableScenario::of()->with(['/table/soil/frost_depth_m' => 0.0])->design()->table, new Coefficients());
        // 12 in, 4 ft deep, class 5, the top foot not counted: 0.6 · 456 lb + 1225 lb.
        self::assertEqualsWithDelta(self::lb(1499), $post->up_N(4 * self::FT), self::lb(1));
        // On its foot 1,178 lb, less what 3.14 ft³ of concrete weigh over soil.
        self::assertEqualsWithDelta(self::lb(1225 - 3.1416 * 35), $post->down_N(4 * self::FT), self::lb(1));
        self::assertEqualsWithDelta(self::lb(1178.1 - 0.7854 * 35), $post->down_N(1 * self::FT), self::lb(1));
        $frozen = PostInGround::of(TableScenario::of()->design()->table, new Coefficients());
        self::assertEqualsWithDelta(self::lb(0.6 * 145 * 3.1416 + 130 * 3.1416 * 1.5), $frozen->up_N(4 * self::FT), self::lb(1));
        self::assertSame([0.0, 1.0], [round($frozen->least_m() - 30 * self::IN, 9), round($post->least_m() / (12 * self::IN), 9)]);
        // Sand has no cohesion: concrete alone.
        $sand = PostInGround::of(TableScenario::of()->with(['/table/soil/kind' => 'sand'])->design()->table, new Coefficients());
        self::assertEqualsWithDelta(self::lb(0.6 * 145 * 3.1416), $sand->up_N(4 * self::FT), self::lb(1));
        // 15 times the value of the table is reached at 45 ft of depth only: within 12 ft it grows all the way.
        self::assertEqualsWithDelta(400.0 * self::PSF, $post->side_Pa(12 * self::FT), 1e-6);
        // 84 in of a 12-in hole round a pipe of 2 3/8 in, 0.60 ft³ a bag, a tenth more.
        self::assertSame(9.75, $post->bags(84 * self::IN, M_PI / 4 * (2.375 * self::IN) ** 2, Bag::Lb80));
        self::assertSame(2.5, $post->bags(1 * self::FT, 0.0, Bag::Kg20) - $post->bags(1 * self::FT, 0.0, Bag::Lb40) + 2.75);
    }

    public function test_a_steel_pipe_bears_what_the_manual_gives(): void
    {
        $pipe = RoundPipe::of(new Pipe('2-in schedule 40', '', Length::ofInches(2.375), Length::ofInches(0.154), Pressure::ofSi(35 * Dimension::Pressure->units()['ksi']), Length::ofFeet(21)), new Coefficients());
        self::assertNotNull($pipe);
        self::assertEqualsWithDelta(15_946.0, $pipe->moment_Nm() / Dimension::Moment->units()['lbin'], 1.0);
        self::assertEqualsWithDelta(1.0745, $pipe->area_m2 / self::IN ** 2, 1e-3);
        self::assertEqualsWithDelta(0.6657, $pipe->secondMoment_m4 / self::IN ** 4, 1e-3);
        // KL/r 96: 0.658^(Fy/Fe)·Fy = 21.84 ksi; KL/r 253: 0.877·Fe = 3.92 ksi.
        self::assertEqualsWithDelta(21.84 * 1.0745 / 1.67, $pipe->compression_N(36 * self::IN) / self::lb(1000), 0.02);
        self::assertEqualsWithDelta(3.92 * 1.0745 / 1.67, $pipe->compression_N(94.8 * self::IN) / self::lb(1000), 0.02);
        self::assertEqualsWithDelta(0.6 * 35 * 1.0745 / 2 / 1.67, $pipe->shear_N() / self::lb(1000), 0.01);
        $half = $pipe->moment_Nm() / 2;
        self::assertEqualsWithDelta(0.5 + 0.19 / 2, $pipe->together(0.19 * $pipe->compression_N(1.0), $half, 1.0), 1e-9);
        self::assertEqualsWithDelta(0.2 + 8 / 9 * 0.5, $pipe->together(0.2 * $pipe->compression_N(1.0), $half, 1.0), 1e-9);
        self::assertEqualsWithDelta(0.5 + 0.1 / 2, $pipe->together(-0.1 * $pipe->yield_Pa * $pipe->area_m2 / 1.67, $half, 1.0), 1e-9);
    }

    /** @return array{TableCase, TableCase} The firm and the soft one */
    private static function case(TwoRowsCases $cases, string $combination, string $wind, float $depth_m): array
    {
        $found = array_values(array_filter($cases->at($depth_m), static fn (TableCase $case): bool => [$case->combination, $case->wind] === ["table_combination.$combination", "open_wind.$wind"]));
        self::assertCount(2, $found);
        self::assertSame([false, true], [$found[0]->isSoft, $found[1]->isSoft]);

        return [$found[0], $found[1]];
    }

    public function test_the_worked_table_stands_84_in_deep_and_its_front_posts_are_bent_too_much(): void
    {
        $scenario = TableScenario::worked();
        $shape = $scenario->shape();
        self::assertEqualsWithDelta([134.0, 94.0, 46.19, 24.6], array_map(static fn (float $m): float => $m / self::IN, [$shape->chord_m, $shape->width_m, $shape->rise_m, $shape->lowEdge_m]), 0.01);
        [$firm, $soft] = self::case($scenario->cases(), '06d_w', '0_b_clear', 84 * self::IN);
        // Of a row: lifted 72 and 951 lb firm, 133 and 890 lb soft; pushed 629 and 53, 523 and 159 lb.
        foreach ([[$firm, 72, 951, 629, 53], [$soft, 133, 890, 523, 159]] as [$case, $front, $rear, $frontAcross, $rearAcross]) {
            self::assertEqualsWithDelta([$front, $frontAcross, $rear, $rearAcross], array_map(
                static fn (float $force): float => 2 * $force / self::lb(1),
                [-$case->posts[0][0], $case->posts[0][1], -$case->posts[2][0], $case->posts[2][1]],
            ), 1.5);
        }
        $plan = TablePlanner::plan($scenario->design());
        self::assertSame(['A1', 'B1', 'A2', 'B2'], array_map(static fn (TablePost $post): string => $post->place->id, $plan->posts));
        self::assertEqualsWithDelta([84.0, 118.5, 164.7], [$plan->posts[0]->depth_m / self::IN, $plan->posts[0]->cut_m / self::IN, $plan->posts[2]->cut_m / self::IN], 0.02);
        self::assertEqualsWithDelta(440.0, $plan->checks['posts/A1/sideways']->demand_si / self::lb(1), 1.0);
        self::assertEqualsWithDelta(0.92, $plan->checks['posts/A1/sideways']->ratio, 0.01);
        self::assertEqualsWithDelta(15_840.0, $plan->checks['posts/A1/bend']->demand_si / Dimension::Moment->units()['lbin'], 15.0);
        self::assertEqualsWithDelta(1.01, $plan->checks['posts/A1/bend']->ratio, 0.005);
        // H·h³/3EI = 440 · 36³ / (3 · 29e6 · 0.666) = 0.354 in, of 36/60.
        self::assertEqualsWithDelta([0.354, 0.6], [$plan->checks['posts/A1/sway']->demand_si / self::IN, $plan->checks['posts/A1/sway']->capacity_si / self::IN], 0.002);
    }

    public function test_three_posts_share_a_row_as_a_continuous_beam_and_joints_are_looked_at_too(): void
    {
        // Four columns of 42 in on posts 70 in apart: 0.246, 0.508, 0.246.
        $scenario = TableScenario::worked()->with(['/module/width_m' => 42 * self::IN, '/table/columns' => 4, '/table/column_gap_m' => 0.0, '/table/racking/posts' => 3, '/table/racking/end_overhang_m' => 14 * self::IN]);
        [$whole] = AlongRow::under($scenario->shape()->posts_m, $scenario->shape()->rails_m, BeamJoints::None);
        self::assertEqualsWithDelta([0.246, 0.508, 0.246], $whole->posts, 5e-4);
        [, $jointed] = AlongRow::under($scenario->shape()->posts_m, $scenario->shape()->rails_m, BeamJoints::AtPosts);
        self::assertEqualsWithDelta([0.3, 0.4, 0.3], $jointed->posts, 1e-9);
        // Snow on the right span alone, half on the left: a sixteenth less on each rail there.
        [, $uneven] = AlongRow::under($scenario->shape()->posts_m, $scenario->shape()->rails_m, BeamJoints::AtPosts, [0.5, 1.0]);
        self::assertEqualsWithDelta([0.15, 0.35, 0.3], $uneven->posts, 0.051);
        self::assertEqualsWithDelta(0.75, array_sum($uneven->posts), 1e-9);
    }

    public function test_what_a_table_hands_to_its_posts_is_in_equilibrium(): void
    {
        mt_srand(19);
        $of = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
        for ($try = 0; $try < 200; ++$try) {
            $shape = TableScenario::worked()->with(['/table/tilt_rad' => deg2rad($of(0, 60)), '/table/racking/front_pipe_m' => $of(0.1, 1.0), '/table/racking/between_m' => $of(0.5, 1.0), '/table/racking/offset_m' => $of(0, 0.3)])->shape();
            [$lower_N, $upper_N, $weight_N, $s_m, $rearShare] = [$of(-5e3, 5e3), $of(-5e3, 5e3), $of(0, 3e3), $of(0, $shape->chord_m), $of(0, 1)];
            $stance = Stance::under($shape, $lower_N, $upper_N, [[$weight_N, $s_m]], $rearShare);
            // The table alone, cut off at the pipes: forces in plane coordinates, turned about its low edge.
            [$sin, $cos] = [sin($shape->tilt_rad), cos($shape->tilt_rad)];
            $pipe = static fn (float $along_m): array => [$along_m * $cos + $shape->offset_m * $sin, $along_m * $sin - $shape->offset_m * $cos];
            $forces = [
                [$shape->chord_m / 4 * $cos, $shape->chord_m / 4 * $sin, $lower_N * $sin, -$lower_N * $cos],
                [3 * $shape->chord_m / 4 * $cos, 3 * $shape->chord_m / 4 * $sin, $upper_N * $sin, -$upper_N * $cos],
                [$s_m * $cos, $s_m * $sin, 0.0, -$weight_N],
                [...$pipe($shape->frontPipe_m), -$stance->frontAcross_N, $stance->front_N],
                [...$pipe($shape->rearPipe_m), -$stance->rearAcross_N, $stance->rear_N],
            ];
            self::assertEqualsWithDelta(0.0, array_sum(array_column($forces, 2)), 1e-6);
            self::assertEqualsWithDelta(0.0, array_sum(array_column($forces, 3)), 1e-6);
            self::assertEqualsWithDelta(0.0, array_sum(array_map(static fn (array $one): float => $one[0] * $one[3] - $one[1] * $one[2], $forces)), 1e-6);
            self::assertEqualsWithDelta($rearShare * ($stance->frontAcross_N + $stance->rearAcross_N), $stance->rearAcross_N, 1e-6);
        }
    }

    /** Both tops sway alike: every post takes 3EI/(h + f)³ of it, and what all take is what pushes. */
    public function test_posts_are_pushed_by_their_stiffness(): void
    {
        $scenario = TableScenario::of()->with(['/table/ground/along_rad' => deg2rad(8), '/table/ground/across_rad' => deg2rad(-4), '/table/racking/joints' => 'none']);
        $shape = $scenario->shape();
        foreach (self::case($scenario->cases(), 'd_w', 'along', 2.0) as $case) {
            $below_m = $case->isSoft ? 1.4 : 0.0;
            $sway = $case->posts[0][1] * ($shape->front_m[0] + $below_m) ** 3;
            foreach ([...$shape->front_m, ...$shape->rear_m] as $post => $height_m) {
                [, $across_N, $moment_Nm] = $case->posts[$post];
                self::assertEqualsWithDelta($sway, $across_N * ($height_m + $below_m) ** 3, 1e-6 * $sway);
                self::assertEqualsWithDelta($across_N * $height_m, $moment_Nm, 1e-9 * $sway);
            }
        }
        // A twentieth of the greatest push on the face, which is more than the least wind on the end.
        $most_N = max(array_map(static fn (OpenWind $wind): float => abs($wind->lower_Pa + $wind->upper_Pa) / 2, $scenario->winds())) * $shape->area_m2();
        $pushed_N = array_sum(array_column($case->posts, 1));
        self::assertEqualsWithDelta(0.6 * 0.05 * $most_N, $pushed_N, 1e-6);
        self::assertGreaterThan(0.6 * 16 * self::PSF * $shape->chord_m * (3 + 2.375) * self::IN, $pushed_N);
        // Across, an uneven row loads its short posts by stiffness where that is more than the beam brings.
        [$firm] = self::case($scenario->cases(), 'd_w', '180_a_clear', 2.0);
        $stiff = array_map(static fn (float $height_m): float => 1 / $height_m ** 3, $shape->front_m);
        [$beam] = AlongRow::under($shape->posts_m, $shape->rails_m, BeamJoints::None);
        $row_N = $firm->posts[0][1] / $beam->posts[0];
        self::assertGreaterThan(1.5 * $beam->posts[3], $stiff[3] / array_sum($stiff));
        self::assertEqualsWithDelta($row_N * $stiff[3] / array_sum($stiff), $firm->posts[3][1], 1e-6);
    }

    public function test_snow_needs_room_below_to_slide_and_lies_by_halves_and_spans(): void
    {
        $snow = static function (array $changes): TableSnow {
            $scenario = TableScenario::worked()->with($changes + ['/site/ground_snow_Pa' => 40 * self::PSF, '/site/roof_exposure' => 'partially', '/module/length_m' => (156 - 2) / 2 * self::IN]);

            return (new Asce7Table())->loads($scenario->design(), $scenario->shape(), 0.0, new Coefficients(), new Figures())->snow;
        };
        // 40 psf on 13 ft at 30°: 6.5 ft are needed, so that 33.6 psf lie on it.
        $rough = $snow([]);
        self::assertEqualsWithDelta([6.52, 33.6, 2.083], [$rough->roomNeeded_m / self::FT, $rough->ps_Pa / self::PSF, $rough->ground_m / self::FT], 0.01);
        self::assertCount(3, $rough->cases);
        // With that room Cs = 1 − (30 − 15)/55.
        $high = $snow(['/table/racking/front_height_m' => 2.6]);
        self::assertEqualsWithDelta(33.6 * (1 - 15 / 55), $high->ps_Pa / self::PSF, 0.01);
        // The least on a low slope: Is · 20 psf.
        self::assertEqualsWithDelta(20.0, $snow(['/site/ground_snow_Pa' => 23 * self::PSF, '/table/tilt_rad' => deg2rad(10)])->ps_Pa / self::PSF, 0.01);
        $spans = array_map(static fn (array $case): array => $case[3] ?? [], array_slice($snow(['/table/racking/posts' => 4])->cases, 3));
        self::assertEqualsCanonicalizing([[1.0, 0.5, 0.5], [0.5, 0.5, 1.0], [0.5, 1.0, 1.0], [1.0, 1.0, 0.5]], $spans);
    }

    /** A report with the values of a class plans what the class does, on ground that has none; what is better by it is better. */
    #[TestWith(['', 'clay', 1500.0, 100.0, 130.0, null, 130.0])]
    #[TestWith(['timber', 'gravel', 3000.0, 200.0, null, 0.35, null])]
    #[TestWith(['pole', 'sand', 2000.0, 150.0, null, 0.25, null])]
    #[TestWith(['blocks', 'clay', 1500.0, 100.0, 130.0, null, 130.0])]
    #[TestWith(['blocks', 'sand', 2000.0, 150.0, null, 0.25, null])]
    public function test_a_report_on_the_ground_stands_in_place_of_its_class(string $table, string $class, float $bearing_psf, float $lateral_psf, ?float $side_psf, ?float $friction, ?float $cohesion_psf): void
    {
        $scenario = ($table === '' ? TableScenario::of() : TableScenario::kind($table))->with(['/table/soil/frost_prone' => 'no']);
        $psf = static fn (?float $value): ?float => $value === null ? null : $value * self::PSF;
        $report = static fn (float $times): array => ['/table/soil/kind' => 'fill', '/table/soil/expansive' => 'yes', '/table/soil/report' => [
            'document' => 'Borings 4', 'by' => 'E. Sorrel', 'bearing_Pa' => $times * $bearing_psf * self::PSF, 'lateral_Pa' => 2 * $times * $lateral_psf * self::PSF, 'lateral_at_m' => 2 * self::FT,
            'side_Pa' => $psf($side_psf), 'friction' => $friction, 'cohesion_Pa' => $psf($cohesion_psf),
        ]];
        $plan = static fn (array $changes): TablePlan => TablePlanner::plan($scenario->with($changes)->design(), Depth::Checks);
        [$ofClass, $same, $better] = [$plan(['/table/soil/kind' => $class]), $plan($report(1.0)), $plan($report(1.5))];
        self::assertEqualsWithDelta(array_map(static fn (TableCheck $check): float => $check->ratio, $ofClass->checks), array_map(static fn (TableCheck $check): float => $check->ratio, $same->checks), 1e-9);
        self::assertSame([], array_filter($same->coefficients->used(), static fn ($used): bool => str_starts_with($used->id, 'ibc_2018/soils')));
        self::assertLessThanOrEqual($same->stand->depth_m ?? INF, $better->stand?->depth_m);
        foreach (array_filter($better->checks, static fn (TableCheck $check): bool => in_array($check->what, ['bears', 'tray_press'], true)) as $path => $check) {
            self::assertLessThan($same->checks[$path]->ratio, $check->ratio);
        }
        foreach ($same->checks as $path => $check) {
            self::assertStringNotContainsString('Table 1806.2', $same->figures->at($path)->source ?? '', $path);
        }
    }

    public function test_the_depth_is_the_least_step_at_which_every_post_holds(): void
    {
        mt_srand(7);
        $deeper = 0;
        for ($try = 0; $try < 12; ++$try) {
            $scenario = TableScenario::of()->with([
                '/table/racking/front_height_m' => mt_rand(20, 50) * self::IN, '/table/tilt_rad' => deg2rad(mt_rand(5, 40)), '/table/columns' => mt_rand(2, 6), '/table/soil/kind' => ['clay', 'sand', 'gravel'][mt_rand(0, 2)],
                '/site/wind_speed_m_per_s' => mt_rand(95, 130) * 0.44704, '/table/ground/across_rad' => deg2rad(mt_rand(-5, 5)),
            ]);
            $plan = TablePlanner::plan($scenario->design(), Depth::Checks);
            if ($plan->posts === []) {
                continue;
            }
            $depth_m = $plan->posts[0]->depth_m;
            self::assertEqualsWithDelta(0.0, fmod($depth_m / self::IN + 1e-6, 6.0), 1e-5);
            $ground = PostInGround::of($scenario->design()->table, new Coefficients());
            $shape = $scenario->shape();
            $holds = static function (float $depth_m) use ($scenario, $ground, $shape): bool {
                foreach ($scenario->cases()->at($depth_m) as $case) {
                    foreach ([...$shape->front_m, ...$shape->rear_m] as $post => $height_m) {
                        [$presses_N, $across_N] = $case->posts[$post];
                        if ($across_N > $ground->sideways_N($depth_m, $height_m) || -$presses_N > $ground->up_N($depth_m) || $presses_N > $ground->down_N($depth_m)) {
                            return false;
                        }
                    }
                }

                return true;
            };
            self::assertTrue($holds($depth_m));
            self::assertTrue($depth_m - 6 * self::IN < $ground->least_m() - 1e-9 || !$holds($depth_m - 6 * self::IN));
            ++$deeper;
        }
        self::assertGreaterThan(6, $deeper);
    }

    public function test_more_wind_never_needs_less_and_a_mirrored_field_gives_mirrored_posts(): void
    {
        $before = 0.0;
        foreach ([90, 100, 110, 120] as $mph) {
            $plan = TablePlanner::plan(TableScenario::of()->with(['/site/wind_speed_m_per_s' => $mph * 0.44704])->design(), Depth::Checks);
            $depth_m = $plan->posts[0]->depth_m ?? INF;
            self::assertGreaterThanOrEqual($before, $depth_m);
            $before = $depth_m;
        }
        $forces = static fn (TablePlan $plan, string $post): array => array_map(static fn (string $what): float => round($plan->checks["posts/$post/$what"]->demand_si, 6), ['sideways', 'lift', 'press', 'bend']);
        [$one, $other] = array_map(static fn (float $deg): TablePlan => TablePlanner::plan(TableScenario::of()->with(['/table/ground/along_rad' => deg2rad($deg)])->design(), Depth::Checks), [2.5, -2.5]);
        foreach (['A1' => 'D1', 'B1' => 'C1', 'C2' => 'B2'] as $here => $there) {
            self::assertEqualsWithDelta($forces($one, $here), $forces($other, $there), 1e-3);
        }
    }

    private static function setOut(TableScenario $scenario): SetOut
    {
        return TablePlanner::plan($scenario->design(), Depth::Checks)->setOut ?? throw new \LogicException('Nothing stands.');
    }

    public function test_stakes_strings_and_diagonals_are_those_of_the_field(): void
    {
        $levels = array_map(static fn (int $post): array => ['front_m' => 10 + 0.1 * $post, 'rear_m' => 10.5 + 0.1 * $post], [0, 1, 2]);
        $scenario = TableScenario::of()->with(['/table/racking/posts' => 3, '/table/ground/levels' => $levels, '/table/bearing_rad' => deg2rad(20), '/table/declination_rad' => deg2rad(12)]);
        $shape = $scenario->shape();
        $setOut = self::setOut($scenario);
        self::assertEqualsWithDelta([290.0, 278.0, 8.0], array_map(rad2deg(...), [$setOut->row_rad, (float) $setOut->rowCompass_rad, (float) $setOut->facesCompass_rad]), 1e-9);
        // The pipe is level, 36 in over the highest front ground.
        self::assertEqualsWithDelta([36 * self::IN + 0.2, 36 * self::IN], [$shape->front_m[0], $shape->front_m[2]], 1e-9);
        self::assertEqualsWithDelta(36 * self::IN + 0.2 + $shape->rise_m - 0.5, $shape->rear_m[0], 1e-9);
        self::assertSame(['A1', 'B1', 'C1', 'A2', 'B2', 'C2'], array_column($setOut->stakes, 'post'));
        self::assertEqualsWithDelta($shape->front_m[1], $setOut->stakes[1]['string_m'], 1e-9);
        $whole = $setOut->diagonals[4];
        self::assertSame(['A1', 'C2'], [$whole['from'], $whole['to']]);
        self::assertEqualsWithDelta(hypot($shape->posts_m[2] - $shape->posts_m[0], $shape->between_m), $whole['level_m'], 1e-9);
        self::assertEqualsWithDelta(sqrt($whole['level_m'] ** 2 + 0.7 ** 2), $whole['ground_m'], 1e-9);
        // 80 by 80: 113 1/8 in.
        $square = TableScenario::worked()->with(['/table/racking/end_overhang_m' => 7 * self::IN]);
        self::assertEqualsWithDelta(113.125, self::setOut($square)->diagonals[0]['level_m'] / self::IN, 0.02);
    }

    public function test_concrete_waits_as_long_as_its_maturity_takes(): void
    {
        self::assertEqualsWithDelta([8.3, 18.0], [(float) Curing::days(23.0), (float) Curing::days(10.0)], 0.1);
        self::assertNull(Curing::days(0.0));
    }

    public function test_other_ways_to_stand_are_what_their_own_plans_say(): void
    {
        $plan = TablePlanner::plan(TableScenario::of()->design());
        self::assertCount(21, $plan->ways);
        $way = array_values(array_filter($plan->ways, static fn (TableWay $way): bool => $way->posts === 12 && abs($way->hole_m - 16 * self::IN) < 1e-9))[0];
        $own = TablePlanner::plan(TableScenario::of()->with(['/table/racking/posts' => 6, '/table/footing/hole_m' => 16 * self::IN])->design());
        self::assertEqualsWithDelta([$own->posts[0]->depth_m, $own->leastReserve(), 1.0], [$way->depth_m, $way->reserve, $way->holds ? 1.0 : 0.0], 1e-9);
        // None with fewer posts and as wide a hole holds: what is planned is the fewest in equal bays.
        self::assertTrue($plan->summary()['fewest']);
        self::assertSame($plan->summary()['attachments'], 2 * 4);
        $shape = TableScenario::of()->shape();
        self::assertCount(2 * 4, $shape->rails_m);
    }
}

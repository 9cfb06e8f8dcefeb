<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The check of a run over any feet, in both of its forms. */
final class RunCheckTest extends TestCase
{
    public function test_the_quick_and_the_whole_check_agree_with_a_second_opinion_on_random_feet(): void
    {
        $checked = 0;
        for ($seed = 700; $seed < 720; ++$seed) {
            $design = Scenario::randomZones($seed, 9)->design();
            foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                $candidates = $plan->run->candidates_m;
                for ($try = 0; $try < 4; ++$try) {
                    mt_srand(10 * $seed + $try);
                    $feet_m = array_values(array_filter($candidates, static fn (): bool => mt_rand(0, 2) > 0));
                    if (count($feet_m) < 2) {
                        continue;
                    }
                    $whole = $plan->check->of($feet_m)->worst;
                    $quick = $plan->check->worst($feet_m);
                    $other = (new SecondOpinion($design, $plan->run))->worst($feet_m);
                    if (is_infinite($other)) {
                        self::assertSame([INF, INF], [$whole, $quick], "seed $seed, run {$plan->run->id}");
                        continue;
                    }
                    ++$checked;
                    self::assertEqualsWithDelta($other, $whole, 1e-6 * max(1.0, $other), "whole, seed $seed, run {$plan->run->id}");
                    self::assertEqualsWithDelta($other, $quick, 1e-6 * max(1.0, $other), "quick, seed $seed, run {$plan->run->id}");
                }
            }
        }
        self::assertGreaterThan(120, $checked);
    }

    #[TestWith(['asce7-22'])]
    #[TestWith(['asce7-16 lrfd'])]
    #[TestWith(['en-1991'])]
    #[TestWith(['as-nzs-1170-2011'])]
    #[TestWith(['as-nzs-1170-2021'])]
    public function test_other_standards_agree_with_the_second_opinion_in_what_holds(string $standard): void
    {
        $checked = 0;
        $weakFoot = ['/kit/foot/up_N' => 2600.0, '/kit/rail/splice_moment_Nm' => null];
        $weakLag = ['/kit/foot/up_N' => 20e3, '/kit/bolt/up_N' => 20e3, '/kit/foot/along_N' => 20e3, '/kit/bolt/along_N' => 20e3];
        $snow = str_starts_with($standard, 'as') ? ['/kit/fastener/pull_out_N' => 1500.0] : ['/site/ground_snow_Pa' => 3000.0, '/site/wind_speed_m_per_s' => 43.0, '/kit/foot/base/lateral_N' => 500.0];
        foreach ([0.0, 25.0] as $pitch) {
            foreach ([$weakFoot, $weakLag, $weakLag + $snow, ['/kit/rail/section_modulus_x_m3' => 1.2e-6] + $snow] as $kit) {
                $scenario = Scenario::to($standard)->with('/block/columns', 4)->with('/block/left_out', [])->with('/block/y_m', 0.95);
                foreach ($kit as $path => $value) {
                    $scenario = $path === '/site/wind_speed_m_per_s' && $standard === 'en-1991' ? $scenario->with('/site/en/basic_velocity_m_per_s', 17.0) : $scenario->with($path, $value);
                }
                $design = ($pitch > 0.0 && $standard !== 'asce7-22' ? $scenario->with('/surface/pitch_rad', deg2rad($pitch)) : $scenario)->design();
                foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                    $opinion = new SecondOpinion($design, $plan->run);
                    $cases = array_map(static fn (LoadCase $case): string|false => json_encode([$case->windUp > 0.0, round($case->windUp, 6), round($case->normal_N, 4), round($case->along_N, 4), round($case->heel_N, 4), $case->snow, $case->cd]), [...$plan->check->down, ...$plan->check->up]);
                    self::assertEqualsCanonicalizing($opinion->forces(), $cases, "$standard, $pitch, {$plan->run->id}");
                    foreach ([$plan->run->candidates_m, array_values(array_filter($plan->run->candidates_m, static fn (int $at): bool => $at % 2 === 0, ARRAY_FILTER_USE_KEY)), $plan->feet_m()] as $feet_m) {
                        $other = $opinion->worst($feet_m);
                        if (is_finite($other)) {
                            ++$checked;
                            self::assertEqualsWithDelta($other, $plan->check->of($feet_m)->worst, 1e-6 * max(1.0, $other), "$standard, $pitch, {$plan->run->id}");
                            self::assertEqualsWithDelta($other, $plan->check->worst($feet_m), 1e-6 * max(1.0, $other), "$standard, $pitch, {$plan->run->id}");
                        }
                    }
                    self::assertSame($plan->holds(), $opinion->holds($plan->feet_m()), "$standard, $pitch, {$plan->run->id}");
                }
            }
        }
        self::assertGreaterThan(20, $checked);
    }

    public function test_a_splice_is_checked_in_every_snow_case_not_only_in_the_rails(): void
    {
        // Unbalanced snow loads this splice more than the balanced snow that governs the rail beside it.
        $design = Scenario::random(1289, 8)->design();
        $plan = Planner::plan($design, Depth::Checks)->supports[3];
        $opinion = (new SecondOpinion($design, $plan->run))->worst($plan->feet_m());
        self::assertSame(Link::Splice, $plan->verdict()?->splice?->link);
        self::assertEqualsWithDelta($opinion, $plan->verdict()->splice->ratio, 1e-6);
    }

    public function test_a_limit_only_ends_the_check_early(): void
    {
        $plan = Planner::plan(Scenario::of()->design(), Depth::Checks)->supports[0];
        $worst = $plan->check->worst($plan->feet_m());
        self::assertSame($worst, $plan->check->worst($plan->feet_m(), $worst + 1e-9));
        self::assertGreaterThan(0.5 * $worst, $plan->check->worst($plan->feet_m(), 0.5 * $worst));
    }

    public function test_a_piece_of_rail_between_splices_needs_two_feet_of_its_own(): void
    {
        $plan = Planner::plan(Scenario::of()->with('/block/left_out', [])->with('/surface/no_work_circles', [])->design(), Depth::Checks)->supports[0];
        self::assertCount(2, $plan->run->splices_m);
        $beforeLast = array_values(array_filter($plan->run->candidates_m, static fn (float $x_m): bool => $x_m < $plan->run->splices_m[1]));
        self::assertFalse($plan->check->everyPieceStands([...$beforeLast, $plan->run->candidates_m[count($plan->run->candidates_m) - 1]]));
        self::assertTrue($plan->check->everyPieceStands($plan->run->candidates_m));
    }

    /** The weakest link of all feet. */
    private static function weakest(Design $design): Link
    {
        $worst = null;
        foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
            foreach ($plan->verdict()->attachments ?? [] as $attachment) {
                $worst = $worst === null || $attachment->worst->ratio > $worst->ratio ? $attachment->worst : $worst;
            }
        }

        return $worst->link ?? throw new \LogicException('There are feet.');
    }

    public function test_each_link_can_be_the_weakest(): void
    {
        $strong = Scenario::of()->with('/kit/foot/up_N', 9000.0);
        $newtons = static fn (float $pounds): float => Force::ofPounds($pounds)->toNewtons();
        self::assertSame(Link::FootUp, self::weakest(Scenario::of()->design()));
        self::assertSame(Link::Bolt, self::weakest($strong->with('/kit/bolt/up_N', $newtons(500))->design()));
        self::assertSame(Link::FootDown, self::weakest($strong->with('/kit/foot/down_N', $newtons(250))->design()));
        self::assertSame(Link::FootAlong, self::weakest($strong->with('/kit/foot/along_N', $newtons(120))->design()));
        self::assertSame(Link::LagCombined, self::weakest($strong->with('/kit/foot/base/lateral_N', $newtons(150))->design()));
    }

    public function test_snow_alone_pulls_the_lag_above_23_degrees_with_this_lever(): void
    {
        // Method figure: rail 3.5 in over the deck, heel 1.5 in: tan θ > e/hf, about 23.2°.
        $tension = static function (float $pitch_deg): float {
            $design = Scenario::of()->with('/surface/pitch_rad', deg2rad($pitch_deg))->with('/site/ground_snow_Pa', 4000.0)->with('/module/mass_kg', 1.0)
                ->with('/kit/extra_mass_per_module_kg', 0.0)->with('/kit/rail/line_mass_kg_per_m', 0.05)->with('/site/wind_speed_m_per_s', 42.5)->design();
            $plan = Planner::plan($design, Depth::Checks)->supports[0];
            $snow = array_values(array_filter($plan->check->down, static fn ($case): bool => $case->code === 'D+S' && $case->snow === 'balanced'))[0];

            return $snow->along_N * $design->kit->foot->limits()->railHeight_m - $snow->heel_N * $design->kit->foot->base()->heel->toMetres();
        };
        self::assertLessThan(0.0, $tension(22.5));
        self::assertGreaterThan(0.0, $tension(24.0));
        self::assertEqualsWithDelta(23.2, rad2deg(atan(1.5 / 3.5)), 0.05);
    }

    public function test_a_stronger_foot_never_needs_more_feet(): void
    {
        $before = PHP_INT_MAX;
        foreach ([350, 450, 600, 900] as $pounds) {
            $count = array_sum(array_map(static fn ($plan): int => $plan->bound ?? 1000, Planner::plan(Scenario::of()->with('/kit/foot/up_N', Force::ofPounds($pounds)->toNewtons())->design(), Depth::Checks)->supports));
            self::assertLessThanOrEqual($before, $count, "$pounds lb");
            $before = $count;
        }
    }

    public function test_feet_stand_on_members_rounded_to_the_tape(): void
    {
        $plan = Planner::plan(Scenario::of()->with('/surface/framing/spacing_m', Length::ofInches(19.2)->toMetres())->design(), Depth::Checks);
        $members = Members::of($plan->design->surface)->members;
        foreach ($plan->supports as $support) {
            foreach ($support->feet_m() as $place => $x_m) {
                $true_m = $members[$support->members()[$place] - 1]->x_m;
                self::assertLessThanOrEqual(Length::ofInches(1 / 16)->toMetres() + 1e-9, abs($x_m - $true_m));
                self::assertEqualsWithDelta(0.0, fmod(Length::ofMetres($x_m)->toInches() + 1e-7, 0.125), 1e-5);
            }
        }
    }
}

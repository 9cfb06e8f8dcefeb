<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Crew\Materials;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;

/** A stronger foot where what a foot holds reaches into an edge zone of the wind. */
final class EdgeFeetTest extends TestCase
{
    private const STRONG = ['name' => 'Strong foot', 'document' => 'report 12', 'up_N' => 6000.0, 'down_N' => 9000.0, 'along_N' => 4000.0, 'screws' => 3];

    /**
     * @param array<string, mixed> $changes
     * @param array<string, mixed>|null $strong
     */
    private static function plan(array $changes = [], ?array $strong = self::STRONG): Plan
    {
        $scenario = Scenario::of()->with('/kit/edge_foot', $strong)->with('/surface/no_work_circles', [])->with('/block/left_out', [])->with('/rules/greatest_bay_m', null);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Finding $one): string => $one->code->value, $plan->findings);
    }

    public function test_feet_whose_part_meets_an_edge_zone_are_strong_and_no_others(): void
    {
        $both = [];
        $design = Scenario::of()->design();
        $right_m = $design->surface->width->toMetres() - 5 * $design->module->width->toMetres() - 4 * $design->block->columnGap->toMetres() - 0.3;
        foreach ([[], ['/block/x_m' => $right_m, '/block/columns' => 5, '/surface/framing/spacing_m' => 0.9], ['/block/x_m' => 0.3, '/surface/framing/spacing_m' => 0.4064], ['/block/rows' => 2, '/block/y_m' => 0.4, '/block/columns' => 9], ['/surface/width_m' => 16.0, '/site/building_length_m' => 16.0, '/block/columns' => 10]] as $changes) {
            $plan = self::plan($changes + ['/surface/setbacks/left_m' => 0.2, '/surface/setbacks/right_m' => 0.2, '/surface/setbacks/eave_m' => 0.2]);
            $loads = $plan->loads ?? self::fail();
            $pull_Pa = array_map(static fn ($wind): float => $wind->inside->small_Pa, $loads->winds);
            foreach ($plan->supports as $run) {
                $feet_m = $run->feet_m();
                // The half of its modules that the rail carries, as broad as each foot's part; the inner zone is the one that is pulled least, with those that are pulled no more.
                $low_m = $run->run->line->at_m - $run->run->line->offset_m + ($run->run->line->isUpper ? $run->run->tributary_m : 0.0);
                foreach ($run->atEdge() as $foot => $isStrong) {
                    $from_m = $foot === 0 ? $run->run->clamps_m[0] : ($feet_m[$foot - 1] + $feet_m[$foot]) / 2;
                    $to_m = isset($feet_m[$foot + 1]) ? ($feet_m[$foot] + $feet_m[$foot + 1]) / 2 : $run->run->clamps_m[count($run->run->clamps_m) - 1];
                    $met = array_filter($loads->zones->pieces($from_m + 1e-4, $low_m + 0.02, $to_m - 1e-4, $low_m + $run->run->tributary_m - 0.02), static fn (array $piece): bool => $pull_Pa[$piece['zone']] > min([INF, ...array_values($pull_Pa)]) + 1e-6);
                    if ($met !== []) {
                        self::assertTrue($isStrong, "{$run->run->id} $foot");
                    }
                    // Whole modules count: an ordinary one has none such within a module of its part.
                    if (!$isStrong) {
                        self::assertSame([], array_filter($run->run->edges_m, static fn (array $edge): bool => $edge[0] < $to_m && $edge[1] > $from_m));
                    }
                    $both[$isStrong ? 'strong' : 'ordinary'] = true;
                }
            }
        }
        self::assertCount(2, $both);
        // The outer feet hold all that lies beyond them.
        foreach ([[['/block/x_m' => $right_m, '/block/columns' => 5], 1], [['/block/x_m' => 0.3, '/block/columns' => 5], 0]] as [$changes, $outer]) {
            $run = self::plan($changes + ['/surface/setbacks/left_m' => 0.2, '/surface/setbacks/right_m' => 0.2])->supports[0];
            $middle_m = ($run->run->x0_m + $run->run->x1_m) / 2;
            self::assertSame([$outer => true], $run->check->edge?->among([$middle_m - 0.1, $middle_m + 0.1], 0.0));
        }
    }

    public function test_the_fewest_of_both_kinds_as_enumeration_finds_them(): void
    {
        $fewer = 0;
        for ($seed = 1; $seed <= 6; ++$seed) {
            mt_srand($seed);
            $own_N = mt_rand(1100, 2000);
            $changes = [
                '/block/rows' => 1, '/block/columns' => mt_rand(4, 5), '/block/x_m' => mt_rand(2, 12) / 10, '/block/y_m' => mt_rand(3, 20) / 10, '/site/wind_speed_m_per_s' => mt_rand(48, 58) * 1.0, '/kit/foot/up_N' => (float) $own_N, '/rules/pattern' => 'stacked',
                '/kit/rail/section_modulus_x_m3' => 1.6e-5, '/kit/rail/section_modulus_y_m3' => 1.6e-5, '/kit/bolt/up_N' => 20_000.0,
                '/surface/setbacks/left_m' => 0.1, '/surface/setbacks/eave_m' => 0.1,
                // Pulled, or pressed by snow with all of it in an edge zone of a great building.
                ...$seed % 2 === 0 ? ['/site/ground_snow_Pa' => 0.0] : [
                    '/site/ground_snow_Pa' => 3000.0, '/kit/foot/up_N' => 5000.0, '/kit/foot/down_N' => 1900.0, '/site/wind_speed_m_per_s' => 45.0, '/site/building_width_m' => 40.0, '/site/building_length_m' => 40.0, '/site/mean_roof_height_m' => 11.0,
                    '/surface/slope_length_m' => 20.0, '/site/eave_to_ridge_m' => 19.0,
                ],
            ];
            $strong = ['up_N' => $own_N * mt_rand(120, 200) / 100 + $seed % 2 * 5000.0, 'down_N' => 3300.0, 'along_N' => 1500.0] + self::STRONG;
            $plan = self::plan($changes, $strong);
            $without = self::plan($changes, null);
            self::assertCount(2, $plan->supports);
            foreach ($plan->supports as $index => $run) {
                $opinion = new SecondOpinion($plan->design, $run->run);
                foreach (range(1, 6) as $try) {
                    $places = (array) array_rand($run->run->candidates_m, min(count($run->run->candidates_m), 1 + $try));
                    $feet_m = array_values(array_intersect_key($run->run->candidates_m, array_flip($places)));
                    $verdict = $run->check->of($feet_m);
                    self::assertEqualsWithDelta($opinion->worst($feet_m), $verdict->worst, 1e-6 * max(1.0, $verdict->worst), "seed $seed, {$run->run->id}");
                    self::assertEqualsWithDelta($verdict->worst, $run->check->worst($feet_m), 1e-9 * max(1.0, $verdict->worst), "seed $seed, {$run->run->id}");
                }
                self::assertSame(Enumeration::fewest($opinion, $run->run, 9)[0], $run->holds() ? count($run->picks) - $run->forMembers : null, "seed $seed, {$run->run->id}");
                $alone = $without->supports[$index]->holds() ? count($without->supports[$index]->picks) - $without->supports[$index]->forMembers : 99;
                self::assertLessThanOrEqual($alone, count($run->picks) - $run->forMembers);
                $fewer += (int) ($alone > count($run->picks) - $run->forMembers);
            }
        }
        self::assertGreaterThan(1, $fewer);
    }

    public function test_another_member_does_for_a_foot_only_with_the_feet_that_were_planned(): void
    {
        $kept = 0;
        foreach ([0.3, 0.5, 0.8, 1.1] as $x_m) {
            $plan = self::plan(['/block/x_m' => $x_m, '/surface/setbacks/left_m' => 0.2, '/surface/framing/spacing_m' => 0.3, '/kit/rail/section_modulus_x_m3' => 1.6e-5, '/kit/rail/section_modulus_y_m3' => 1.6e-5, '/kit/foot/up_N' => 2600.0]);
            foreach ($plan->supports as $run) {
                $planned = $run->check->edge?->among($run->feet_m(), 0.25 * 0.0254) ?? [];
                foreach ($plan->latitudes[$run->run->id] ?? [] as $place => $latitude) {
                    $moved_m = array_values(array_replace($run->feet_m(), [$place => $latitude->other_m ?? $run->feet_m()[$place]]));
                    $wanted = $run->check->edge?->among($moved_m, 0.25 * 0.0254) ?? [];
                    self::assertSame([], array_diff_key($wanted, $planned), "{$run->run->id} $place at $x_m");
                    $kept += (int) ($latitude->otherMember !== null && $planned !== []);
                }
            }
        }
        self::assertGreaterThan(5, $kept);
    }

    public function test_they_are_counted_sealed_and_told_apart(): void
    {
        $plan = self::plan(['/block/x_m' => 0.3, '/surface/setbacks/left_m' => 0.2]);
        $strong = array_sum(array_map(static fn ($run): int => count(array_filter($run->atEdge())), $plan->supports));
        $all = $plan->attachmentCount();
        self::assertGreaterThan(0, $strong);
        self::assertLessThan($all, $strong);
        $counts = array_column(Materials::of($plan->design, $plan->supports, [], $plan->cutting, $plan->holes ?? self::fail(), null), 'count', 'item');
        self::assertSame([$all - $strong, $strong, $all - $strong + 3 * $strong], [$counts['foot'], $counts['edge_foot'], $counts['fastener']]);
        self::assertCount($all + 2 * $strong, array_filter($plan->holes->holes, static fn (array $hole): bool => $hole['kind'] === 'attachment'));
        self::assertSame($strong, array_column($plan->steps->steps ?? [], 'values', 'code')['edge_feet']['feet'] ?? null);
        self::assertSame([], array_intersect(['edge_foot_open', 'edge_foot_weaker', 'edge_foot_unused'], self::codes($plan)));
        // What is open, or weaker than the others, or for no rail here.
        self::assertContains('edge_foot_open', self::codes(self::plan([], ['document' => ' '] + self::STRONG)));
        self::assertContains('edge_foot_weaker', self::codes(self::plan([], ['along_N' => 100.0] + self::STRONG)));
        $up = Planner::plan(Scenario::of('tansy-croft')->with('/kit/edge_foot', self::STRONG)->design());
        self::assertSame([true, []], [in_array('edge_foot_unused', self::codes($up), true), array_filter(array_merge(...array_map(static fn ($run): array => $run->atEdge(), $up->supports)))]);
    }
}

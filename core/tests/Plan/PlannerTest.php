<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\Status;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;

/** The whole pipeline: what it refuses and stops at, and the laws that every plan obeys. */
final class PlannerTest extends TestCase
{
    public function test_the_example_holds_and_stays_preliminary_until_named_persons_sign(): void
    {
        $plan = Planner::plan(Scenario::of()->design());
        self::assertSame([], array_map(static fn ($stop): string => $stop->code->value, $plan->openStops()));
        self::assertGreaterThan(0.0, $plan->leastReserve());
        self::assertSame(Status::Preliminary, $plan->status());
        $signed = static fn (string $subject, string $value): array => ['subject' => $subject, 'value' => $value, 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'read in our copy'];
        $all = array_map(static fn ($used): array => $signed('coefficient/'.$used->id, $used->text()), $plan->coefficients->used());
        $almost = Planner::plan(Scenario::of()->with('/confirmations', $all)->design());
        self::assertSame(Status::Preliminary, $almost->status());
        $structure = $signed('structure', $plan->structureDigest());
        self::assertSame(Status::Preliminary, Planner::plan(Scenario::of()->with('/confirmations', [$structure, ...array_slice($all, 1)])->design())->status(), 'one value is not confirmed');
        $all[] = $structure;
        self::assertSame(Status::Confirmed, Planner::plan(Scenario::of()->with('/confirmations', $all)->design())->status());
        // The signature on the structure lapses with the loads that it was given for.
        self::assertSame(Status::Preliminary, Planner::plan(Scenario::of()->with('/confirmations', $all)->with('/surface/dead_load_Pa', 600.0)->design())->status());
    }

    public function test_a_stop_is_cleared_by_name_until_its_figures_change(): void
    {
        $heavy = Scenario::of()->with('/site/ground_snow_Pa', 2400.0);
        $stop = array_values(array_filter(Planner::plan($heavy->design())->openStops(), static fn ($one): bool => $one->code->value === 'one_share_too_much'))[0];
        $cleared = $heavy->with('/confirmations', [['subject' => $stop->subject(), 'value' => '', 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'calculation 12']]);
        $open = static fn (Scenario $scenario): array => array_map(static fn ($one): string => $one->code->value, Planner::plan($scenario->design())->openStops());
        self::assertNotContains('one_share_too_much', $open($cleared));
        self::assertContains('one_share_too_much', $open($cleared->with('/site/ground_snow_Pa', 2600.0)));
    }

    public function test_no_signature_stands_for_a_missing_input_or_a_broken_method(): void
    {
        $missing = Scenario::of()->with('/kit/foot/up_N', null);
        $stop = Planner::plan($missing->design())->openStops()[0];
        self::assertSame('allowable_missing', $stop->code->value);
        $signed = $missing->with('/confirmations', [['subject' => $stop->subject(), 'value' => '', 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'it will hold']]);
        self::assertSame(['allowable_missing'], array_map(static fn ($one): string => $one->code->value, Planner::plan($signed->design())->openStops()));
    }

    public function test_a_topographic_factor_counts_only_where_there_is_a_hill(): void
    {
        $qh = static fn (string $topography): float => Planner::plan(Scenario::of()->with('/site/topography', $topography)->with('/site/kzt', 1.5)->design(), Depth::Checks)->loads?->figures->number('loads/qh') ?? 0.0;
        self::assertEqualsWithDelta(1.5, $qh('factor') / $qh('no_hill'), 1e-9);
    }

    public function test_plans_agree_with_a_second_opinion_and_hold_with_feet_off_their_marks(): void
    {
        // 2,000 designs go through bin/bench.
        $checked = 0;
        for ($seed = 1; $seed <= 20; ++$seed) {
            $design = Scenario::random($seed, 7)->design();
            foreach (Planner::plan($design)->supports as $run) {
                if ($run->verdict() === null) {
                    continue;
                }
                $opinion = new SecondOpinion($design, $run->run);
                self::assertEqualsWithDelta($opinion->worst($run->feet_m()), $run->verdict()->worst, 1e-6, "seed $seed, run {$run->run->id}");
                if ($run->holds()) {
                    ++$checked;
                    self::assertTrue($opinion->holds($run->feet_m()), "seed $seed, run {$run->run->id}");
                }
            }
        }
        self::assertGreaterThan(20, $checked);
    }

    public function test_more_wind_never_needs_fewer_feet_under_a_run(): void
    {
        $before = [];
        foreach ([45.0, 51.0, 56.0, 60.0] as $speed_mps) {
            foreach (Planner::plan(Scenario::of()->with('/site/wind_speed_m_per_s', $speed_mps)->design(), Depth::Checks)->supports as $run) {
                self::assertGreaterThanOrEqual($before[$run->run->id] ?? 0, $run->bound ?? PHP_INT_MAX, "run {$run->run->id} at $speed_mps m/s");
                $before[$run->run->id] = $run->bound ?? PHP_INT_MAX;
            }
        }
    }

    public function test_a_mirrored_roof_gets_the_mirrored_feet(): void
    {
        $width_m = Length::ofInches(531)->toMetres();
        $plain = Scenario::of()->with('/surface/no_work_circles', [])->with('/block/left_out', [])->with('/block/x_m', Length::ofInches(64)->toMetres())
            ->with('/rules/pattern', 'stacked')->with('/site/ground_snow_Pa', 0.0)->with('/surface/dead_load_Pa', 3000.0)
            ->with('/kit/rail/stock_length_m', 12.0)->with('/surface/setbacks/right_m', 0.0)->with('/surface/setbacks/left_m', 0.0);
        $block_m = Length::ofInches(10 * 39 + 9 * 0.75)->toMetres();
        $mirrored = $plain->with('/block/x_m', $width_m - $block_m - Length::ofInches(64)->toMetres())
            ->with('/surface/framing/layout_from', 'right')->with('/rules/run_datum', 'right_rake');
        $feet = static fn (Scenario $scenario): array => array_map(static fn (RunPlan $run): array => $run->feet_m(), Planner::plan($scenario->design(), Depth::Checks)->supports);
        foreach ($feet($plain) as $index => $row) {
            $other = array_reverse(array_map(static fn (float $x_m): float => $width_m - $x_m, $feet($mirrored)[$index]));
            self::assertEqualsWithDelta($row, $other, 1e-6, "run $index");
        }
    }

    public function test_zones_tile_the_plane(): void
    {
        $plan = Planner::plan(Scenario::of()->design(), Depth::Checks);
        $surface = $plan->design->surface;
        $area_m2 = 0.0;
        foreach ($plan->loads?->zones->pieces(0.0, 0.0, $surface->width->toMetres(), $surface->slopeLength->toMetres()) ?? [] as $piece) {
            $area_m2 += $piece['area_m2'];
        }
        self::assertEqualsWithDelta($surface->width->toMetres() * $surface->slopeLength->toMetres(), $area_m2, 1e-9);
    }

    public function test_a_hole_opens_its_neighbours_to_the_wind_only_when_it_is_wide_enough(): void
    {
        // Twice 39 in and three gaps: 80 in is more than 4 ft; one module of 39 in and two gaps is less.
        $exposed = static function (array $out): array {
            $plan = Planner::plan(Scenario::of()->with('/block/left_out', $out)->with('/surface/no_work_circles', [])->with('/site/mean_roof_height_m', 3.1)->design(), Depth::Checks);

            return array_keys(array_filter($plan->blocks[0]->placement->rows[1], static fn ($spot): bool => $spot->exposedSides !== [] && $spot->column > 3 && $spot->column < 8));
        };
        self::assertSame([], $exposed([['row' => 1, 'column' => 5]]));
        self::assertSame([4, 7], $exposed([['row' => 1, 'column' => 5], ['row' => 1, 'column' => 6]]));
    }

    public function test_a_plane_that_is_level_but_for_rounding_plans_as_a_level_one(): void
    {
        $counts = array_map(static function (float $pitch): int {
            $plan = Planner::plan(Scenario::of()->with('/rules/greatest_bay_m', 0.2)->with('/surface/pitch_rad', $pitch)->design());
            CanonicalJson::encode(PlanDocument::surface($plan));

            return $plan->attachmentCount();
        }, [0.0, 1e-300, 1e-12]);
        self::assertSame([$counts[0], $counts[0], $counts[0]], $counts);
    }

    public function test_a_module_in_landscape_is_planned_as_a_portrait_one_whose_sides_are_the_other_way_round(): void
    {
        $rating = ['from_m' => 0.11, 'to_m' => 0.31, 'down_Pa' => 3600.0, 'up_Pa' => 2400.0, 'basis' => 'design', 'factor' => 1.5, 'document' => 'sheet 7'];
        $laid = static fn (string $orientation, float $width_m, float $length_m, string $side): Scenario => Scenario::of()->with('/block/orientation', $orientation)->with('/module/width_m', $width_m)->with('/module/length_m', $length_m)
            ->with('/module/ratings', [['side' => $side === 'long' ? 'short' : 'long', 'up_Pa' => 9000.0] + $rating, ['side' => $side] + $rating])
            ->with('/block/columns', 6)->with('/block/rows', 3)->with('/block/left_out', [['row' => 2, 'column' => 3]])->with('/block/x_m', 1.4);
        [$upright, $lying] = [Planner::plan($laid('portrait', 1.65, 0.99, 'long')->design()), Planner::plan($laid('landscape', 0.99, 1.65, 'short')->design())];
        self::assertEquals(PlanDocument::surface($upright), PlanDocument::surface($lying));
        self::assertSame([17, true], [$lying->moduleCount(), $lying->attachmentCount() > 20]);
        $bare = Planner::plan(Scenario::of()->with('/block/orientation', 'landscape')->with('/block/columns', 5)->design());
        self::assertSame(['side' => 'short'], array_intersect_key(array_column(array_map(static fn ($one): array => ['code' => $one->code->value, 'values' => $one->values], $bare->openStops()), 'values', 'code')['clamp_zone_missing'] ?? [], ['side' => 1]));
    }

    public function test_the_same_bytes_come_from_the_same_design(): void
    {
        $project = Scenario::of()->project();
        self::assertSame(PlanDocument::write(ProjectPlan::of($project)), PlanDocument::write(ProjectPlan::of(DesignFile::read(DesignFile::write($project)))));
    }

    public function test_every_piece_fits_its_stock_and_every_foot_has_its_hole(): void
    {
        $plan = Planner::plan(Scenario::of()->design());
        $packed = [];
        foreach ($plan->cutting->stock ?? [] as $bar) {
            $used_m = array_sum(array_column($bar['pieces'], 'length_m')) + (count($bar['pieces']) - 1) * 0.003175;
            self::assertLessThanOrEqual($plan->design->kit->rail->stockLength->toMetres() + 1e-9, $used_m);
            array_push($packed, ...array_column($bar['pieces'], 'label'));
        }
        sort($packed);
        $labels = array_column($plan->cutting->pieces ?? [], 'label');
        sort($labels);
        self::assertSame($labels, $packed);
        self::assertGreaterThanOrEqual($plan->cutting->bound ?? 0, count($plan->cutting->stock ?? []));
        self::assertCount($plan->attachmentCount() + 2, $plan->holes->holes ?? []);
    }
}

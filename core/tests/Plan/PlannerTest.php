<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\Status;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The whole pipeline: what it refuses and stops at, and the laws that every plan obeys. */
final class PlannerTest extends TestCase
{
    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn ($finding): string => $finding->kind->value.' '.$finding->code, $plan->findings);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> Changes and the finding that follows */
    public static function findings(): iterable
    {
        yield 'a gambrel' => [['/surface/roof_kind' => 'gambrel'], 'refusal roof_kind'];
        yield 'a metal roof' => [['/surface/covering' => 'metal'], 'refusal covering'];
        yield 'a dormer' => [['/surface/dormer_or_valley' => 'yes'], 'refusal dormer_or_valley'];
        yield 'a wall above, unknown' => [['/surface/higher_or_lower_roof' => 'unknown'], 'refusal higher_or_lower_roof'];
        yield 'a pitch over 45°' => [['/surface/pitch_rad' => 0.9], 'refusal figure_missing'];
        yield 'a roof over 60 ft' => [['/site/mean_roof_height_m' => 18.3], 'refusal too_tall'];
        yield 'landscape' => [['/block/orientation' => 'landscape'], 'refusal landscape'];
        yield 'strips that overlap' => [['/surface/slope_length_m' => 1.5], 'refusal zones_overlap'];
        yield 'over an overhang' => [['/surface/eave_overhang_m' => 1.0], 'refusal over_overhang'];
        yield 'an unknown kind of speed' => [['/site/wind_speed_kind' => 'unknown'], 'stop wind_speed_kind'];
        yield 'a low speed' => [['/site/wind_speed_m_per_s' => 40.0], 'stop wind_speed_low'];
        yield 'hills not looked at' => [['/site/topography' => 'unknown'], 'stop topography_unknown'];
        yield 'a factor not given' => [['/site/topography' => 'factor'], 'stop kzt_missing'];
        yield 'a block larger than the roof' => [['/block/columns' => 40], 'stop outside_surface'];
        yield 'across a setback' => [['/surface/setbacks/left_m' => 2.0], 'stop across_setback'];
        yield 'too near the ridge' => [['/block/y_m' => 1.65], 'stop too_near_edge'];
        yield 'over a no-work area' => [['/block/left_out' => []], 'stop over_no_work_area'];
        yield 'too high above the roof' => [['/block/top_above_roof_m' => 0.3], 'stop too_high_above_roof'];
        yield 'not parallel' => [['/block/tilt_from_roof_rad' => 0.05], 'stop not_parallel'];
        yield 'no gap' => [['/block/column_gap_m' => 0.0], 'stop gap_too_small'];
        yield 'a long module' => [['/module/length_m' => 2.1], 'stop gaps_too_far_apart'];
        yield 'members that miss the block' => [['/surface/framing/spacing_m' => 2.5, '/block/columns' => 1, '/block/x_m' => 3.0, '/block/left_out' => []], 'stop members_miss_run'];
        yield 'a missing allowable' => [['/kit/foot/up_N' => null], 'stop allowable_missing'];
        yield 'a flashing without the maker’s cover' => [['/kit/foot/makers_cover_m' => null], 'stop makers_cover_missing'];
        yield 'an unlisted lag' => [['/kit/lag/length_m' => 0.09], 'stop lag_not_listed'];
        yield 'a short lag' => [['/kit/lag/length_m' => 0.0508], 'stop thread_too_short'];
        yield 'no lateral value for aluminium' => [['/kit/foot/lateral_N' => null], 'stop lateral_missing'];
        yield 'a lateral value without its document' => [['/kit/foot/lateral_document' => null], 'stop lateral_undocumented'];
        yield 'the gable not known' => [['/surface/framing/layout_from' => 'unknown'], 'stop layout_side_unknown'];
        yield 'wind beyond a rating' => [['/module/ratings' => [['side' => 'long', 'from_m' => 0.2, 'to_m' => 0.46, 'down_Pa' => 2400.0, 'up_Pa' => 1000.0, 'basis' => 'test', 'factor' => 1.5, 'document' => '']]], 'stop module_rating'];
        yield 'rails outside the clamp zones' => [['/module/ratings' => []], 'stop clamp_zone_missing'];
        yield 'a run that nothing holds' => [['/kit/foot/up_N' => 150.0], 'stop run_fails'];
        yield 'a short rail end' => [['/kit/rail/end_past_module_m' => 0.01], 'stop rail_end_short'];
        yield 'a run beyond the maker’s length' => [['/kit/rail/longest_run_m' => 5.0], 'stop run_too_long'];
        yield 'a thin member' => [['/surface/framing/width_m' => 0.025], 'stop window_none'];
        yield 'heavy snow on a light roof' => [['/site/ground_snow_Pa' => 2400.0], 'stop one_share_too_much'];
        yield 'butts that give no course' => [['/surface/upper_butt_m' => 0.2], 'stop courses_unknown'];
        yield 'the milder reading without a name' => [['/rules/ridge_reading' => 'ridge'], 'stop ridge_reading_unnamed'];
        yield 'a weak clamp' => [['/kit/clamp/up_N' => 300.0], 'stop clamp_fails'];
        yield 'a lap band on the lines' => [['/surface/framing/lap' => ['from_m' => 0.3, 'to_m' => 4.9, 'shift_m' => 0.0381]], 'stop line_in_lap'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('findings')]
    public function test_what_is_wrong_becomes_a_finding(array $changes, string $finding): void
    {
        $scenario = Scenario::of();
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $plan = Planner::plan($scenario->design());
        self::assertContains($finding, self::codes($plan));
        self::assertSame(str_starts_with($finding, 'refusal'), $plan->hasRefusal());
        self::assertSame(Status::Preliminary, $plan->status());
        self::assertNotSame('', PlanDocument::write($plan));
    }

    public function test_the_example_holds_and_stays_preliminary_until_named_persons_sign(): void
    {
        $plan = Planner::plan(Scenario::of()->design());
        self::assertSame([], array_map(static fn ($stop): string => $stop->code, $plan->openStops()));
        self::assertGreaterThan(0.0, $plan->leastReserve());
        self::assertSame(Status::Preliminary, $plan->status());
        $signed = static fn (string $subject, string $value): array => ['subject' => $subject, 'value' => $value, 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'read in our copy'];
        $all = array_map(static fn ($used): array => $signed('coefficient/'.$used->id, $used->text()), $plan->coefficients->used());
        $almost = Planner::plan(Scenario::of()->with('/confirmations', $all)->design());
        self::assertSame(Status::Preliminary, $almost->status());
        $all[] = $signed('structure', $plan->structureDigest());
        self::assertSame(Status::Confirmed, Planner::plan(Scenario::of()->with('/confirmations', $all)->design())->status());
        // The signature on the structure lapses with the loads that it was given for.
        self::assertSame(Status::Preliminary, Planner::plan(Scenario::of()->with('/confirmations', $all)->with('/surface/dead_load_Pa', 600.0)->design())->status());
    }

    public function test_a_stop_is_cleared_by_name_until_its_figures_change(): void
    {
        $heavy = Scenario::of()->with('/site/ground_snow_Pa', 2400.0);
        $stop = array_values(array_filter(Planner::plan($heavy->design())->openStops(), static fn ($one): bool => $one->code === 'one_share_too_much'))[0];
        $cleared = $heavy->with('/confirmations', [['subject' => $stop->subject(), 'value' => '', 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'calculation 12']]);
        $open = static fn (Scenario $scenario): array => array_map(static fn ($one): string => $one->code, Planner::plan($scenario->design())->openStops());
        self::assertNotContains('one_share_too_much', $open($cleared));
        self::assertContains('one_share_too_much', $open($cleared->with('/site/ground_snow_Pa', 2600.0)));
    }

    public function test_no_signature_stands_for_a_missing_input_or_a_broken_method(): void
    {
        $missing = Scenario::of()->with('/kit/foot/up_N', null);
        $stop = Planner::plan($missing->design())->openStops()[0];
        self::assertSame('allowable_missing', $stop->code);
        $signed = $missing->with('/confirmations', [['subject' => $stop->subject(), 'value' => '', 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'it will hold']]);
        self::assertSame(['allowable_missing'], array_map(static fn ($one): string => $one->code, Planner::plan($signed->design())->openStops()));
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
        for ($seed = 1; $seed <= 60; ++$seed) {
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
        self::assertGreaterThan(40, $checked);
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

            return array_keys(array_filter($plan->placement->rows[1], static fn ($spot): bool => $spot->exposedSides !== [] && $spot->column > 3 && $spot->column < 8));
        };
        self::assertSame([], $exposed([['row' => 1, 'column' => 5]]));
        self::assertSame([4, 7], $exposed([['row' => 1, 'column' => 5], ['row' => 1, 'column' => 6]]));
    }

    public function test_the_same_bytes_come_from_the_same_design(): void
    {
        $design = Scenario::of()->design();
        self::assertSame(PlanDocument::write(Planner::plan($design)), PlanDocument::write(Planner::plan(DesignFile::read(DesignFile::write($design)))));
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

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Load\AsNzs\RoofPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\En\ExternalPressure;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\ZoneDemand;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Tests\Support\OtherWinds;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Laws that hold under every standard, and what each of them refuses. */
final class StandardsTest extends TestCase
{
    private const ALL = ['asce7-16', 'asce7-16 low', 'asce7-16 lrfd', 'asce7-22', 'en-1991', 'as-nzs-1170-2011', 'as-nzs-1170-2021', 'given', 'asce7-16 hip', 'as-nzs-1170-2011 hip', 'given hip'];

    /** @return array<string, array{string}> */
    public static function standards(): array
    {
        return array_combine(self::ALL, array_map(static fn (string $standard): array => [$standard], self::ALL));
    }

    private static function loads(Design $design): SiteLoads
    {
        self::assertSame([], SiteLoads::refusals($design, new Coefficients()));

        return SiteLoads::of($design, new Coefficients());
    }

    /** @param list<array{float, float}> $corners */
    private static function area_m2(array $corners): float
    {
        $double = 0.0;
        foreach ($corners as $index => [$x_m, $y_m]) {
            [$next_m, $up_m] = $corners[($index + 1) % count($corners)] ?? [0.0, 0.0];
            $double += $x_m * $up_m - $next_m * $y_m;
        }

        return $double / 2;
    }

    /** Worst suction on a module anywhere, in Pa. */
    private static function worst(Design $design): float
    {
        return max([0.0, ...array_map(static fn (ZoneDemand $demand): float => $demand->suctionExposed_Pa, ZoneDemand::all($design, self::loads($design)))]);
    }

    #[DataProvider('standards')]
    public function test_zones_tile_the_plane_and_a_mirrored_roof_has_mirrored_zones(string $standard): void
    {
        $scenario = Scenario::to($standard);
        $hip = str_contains($standard, 'hip');
        foreach ($hip ? [1.0, 3.0] : [1.0, 0.4, 3.0] as $stretched) {
            $design = $scenario->with('/surface/width_m', 13.5 * $stretched)->with('/surface/left_rake_overhang_m', 0.1)->with('/surface/right_rake_overhang_m', 0.3)->with('/surface/left_hip_m', $hip ? 4.0 : 0.0)->with('/surface/right_hip_m', $hip ? 3.0 : 0.0)->design();
            $mirror = $scenario->with('/surface/width_m', 13.5 * $stretched)->with('/surface/left_rake_overhang_m', 0.3)->with('/surface/right_rake_overhang_m', 0.1)->with('/surface/left_hip_m', $hip ? 3.0 : 0.0)->with('/surface/right_hip_m', $hip ? 4.0 : 0.0)->design();
            $loads = self::loads($design);
            $w_m = 13.5 * $stretched;
            $l_m = $design->surface->slopeLength->toMetres();
            $sum_m2 = 0.0;
            foreach ($loads->zones->parts() as $part) {
                self::assertArrayHasKey($part['zone'], $loads->winds);
                $sum_m2 += self::area_m2($part['corners']);
            }
            self::assertEqualsWithDelta(self::area_m2(Outline::of($design->surface)->corners()), $sum_m2, 1e-9 * $w_m * $l_m);
            mt_srand(7);
            $other = self::loads($mirror);
            for ($try = 0; $try < 200; ++$try) {
                [$x_m, $y_m] = [$w_m * mt_rand(1, 9999) / 10_000, $l_m * mt_rand(1, 9999) / 10_000];
                if (min(Outline::of($design->surface)->fromLeft_m($x_m, $y_m + 0.01), Outline::of($design->surface)->fromRight_m($x_m, $y_m + 0.01)) < 0.01) {
                    continue;
                }
                $here = $loads->zones->pieces($x_m, $y_m, $x_m + 1e-5, $y_m + 1e-5);
                $there = $other->zones->pieces($w_m - $x_m - 1e-5, $y_m, $w_m - $x_m, $y_m + 1e-5);
                self::assertSame($loads->suction($here[0]['zone'], true)->key, $other->suction($there[0]['zone'], true)->key, "$x_m, $y_m");
            }
            // Any rectangle, also one that reaches over the edges, is cut into pieces that make it up.
            for ($try = 0; $try < 50; ++$try) {
                [$x_m, $y_m, $wide_m, $high_m] = [$w_m * mt_rand(-500, 9999) / 10_000, $l_m * mt_rand(-500, 9999) / 10_000, mt_rand(1, 300) / 100, mt_rand(1, 300) / 100];
                $pieces = $loads->zones->pieces($x_m, $y_m, $x_m + $wide_m, $y_m + $high_m);
                self::assertEqualsWithDelta($wide_m * $high_m, array_sum(array_column($pieces, 'area_m2')), 1e-6);
                $moment = array_sum(array_map(static fn (array $piece): float => $piece['area_m2'] * $piece['x_m'], $pieces));
                self::assertEqualsWithDelta($wide_m * $high_m * ($x_m + $wide_m / 2), $moment, 1e-6);
            }
        }
    }

    /** @return array<string, array{string, string, list<mixed>}> */
    public static function growing(): array
    {
        $cases = [];
        foreach (['asce7-16', 'asce7-16 low', 'asce7-22'] as $standard) {
            $cases["$standard, speed"] = [$standard, '/site/wind_speed_m_per_s', [45.0, 50.0, 60.0, 75.0]];
            $cases["$standard, height"] = [$standard, '/site/mean_roof_height_m', [4.0, 6.0, 10.0, 18.0]];
            $cases["$standard, terrain"] = [$standard, '/site/exposure', ['B', 'C', 'D']];
        }
        $en = static fn (float $speed, string $terrain): array => ['basic_velocity_m_per_s' => $speed, 'terrain' => $terrain, 'orography' => null, 'snow_set' => 'given', 'snow_zone' => null, 'timber' => 'C24'];
        $cases['EN, speed'] = ['en-1991', '/site/en', [$en(22, 'II'), $en(25, 'II'), $en(30, 'II')]];
        $cases['EN, terrain'] = ['en-1991', '/site/en', [$en(25, 'IV'), $en(25, 'III'), $en(25, 'II'), $en(25, 'I'), $en(25, '0')]];
        $cases['EN, height'] = ['en-1991', '/site/mean_roof_height_m', [4.0, 6.0, 10.0, 18.0, 60.0]];
        $as = static fn (string $region, string $terrain): array => ['region' => $region, 'terrain' => $terrain, 'shielding' => null, 'topographic_multiplier' => null];
        $cases['AS/NZS, region'] = ['as-nzs-1170-2011', '/site/as_nzs', [$as('A1', '2'), $as('B', '2'), $as('C', '2'), $as('D', '2')]];
        $cases['AS/NZS, terrain'] = ['as-nzs-1170-2011', '/site/as_nzs', [$as('A1', '4'), $as('A1', '3'), $as('A1', '2.5'), $as('A1', '2'), $as('A1', '1.5'), $as('A1', '1')]];
        $cases['AS/NZS, importance'] = ['as-nzs-1170-2011', '/site/risk_category', ['I', 'II', 'III', 'IV']];
        $hill = static fn (float $height_m): array => ['shape' => 'ridge', 'height_m' => $height_m, 'half_length_m' => 100.0, 'from_crest_m' => 10.0, 'side' => 'upwind'];
        foreach (['asce7-16', 'as-nzs-1170-2011'] as $standard) {
            $cases["$standard, hill"] = [$standard, '/site/hill', [$hill(5), $hill(20), $hill(40), $hill(60)]];
        }

        return $cases;
    }

    /** @param list<mixed> $steps */
    #[DataProvider('growing')]
    public function test_suction_grows_with_speed_height_and_openness(string $standard, string $path, array $steps): void
    {
        $scenario = Scenario::to($standard)->with('/site/topography', $path === '/site/hill' ? 'hill' : 'no_hill');
        $before_Pa = 0.0;
        foreach ($steps as $step) {
            $now_Pa = self::worst($scenario->with($path, $step)->design());
            self::assertGreaterThanOrEqual($before_Pa - 1e-9, $now_Pa, (string) json_encode($step));
            $before_Pa = $now_Pa;
        }
    }

    #[DataProvider('standards')]
    public function test_the_demand_of_a_zone_is_the_extreme_of_all_combinations_and_every_check_agrees_on_it(string $standard): void
    {
        $design = Scenario::to($standard)->design();
        $plan = Planner::plan($design, Depth::Checks);
        self::assertNotNull($plan->loads);
        self::assertNotSame([], $plan->supports, implode(' ', array_map(Texts::of($design)->finding(...), $plan->findings)));
        $dead_Pa = $design->module->mass->toSi() * 9.80665 / $design->module->width->toMetres() / $design->module->length->toMetres() * cos($design->surface->pitch->toRadians());
        foreach (ZoneDemand::all($design, $plan->loads) as $demand) {
            $nets = [0.0];
            foreach ($plan->loads->combinations->strength as $one) {
                $nets[] = $one->up && $one->snow === 0.0 ? $one->wind * $demand->suctionExposed_Pa - $one->dead * $dead_Pa : 0.0;
            }
            self::assertEqualsWithDelta(max($nets), $demand->netExposed_Pa, 1e-9);
        }
        foreach ($plan->supports as $run) {
            $whole = $run->check->of($run->feet_m());
            self::assertEqualsWithDelta($whole->worst, $run->check->worst($run->feet_m()), 1e-9, $run->run->id);
            self::assertLessThanOrEqual($whole->worst + 1e-12, max([0.0, ...array_map(static fn ($foot): float => $foot->worst->ratio, $whole->attachments)]));
        }
    }

    #[DataProvider('standards')]
    public function test_every_figure_opens_and_every_finding_speaks(string $standard): void
    {
        $plan = Planner::plan(Scenario::to($standard)->design());
        $texts = Texts::of($plan->design);
        foreach (Becauses::paths($plan) as $path) {
            self::assertDoesNotMatchRegularExpression('/\{[a-z_]+\}|because\.|formula\.|note\.|[a-z0-9_]+\/[a-z0-9_]+\/[a-z]/', Summary::because($plan, Becauses::of($plan, $path)), $path);
        }
        foreach ($plan->findings as $finding) {
            self::assertDoesNotMatchRegularExpression('/\{[a-z_]+\}|finding\.|choice\./', $texts->finding($finding), $finding->code->value);
        }
        self::assertNotSame([], $plan->loads?->figures->listed());
    }

    public function test_suctions_agree_with_a_second_opinion_at_random_places_of_random_roofs(): void
    {
        for ($seed = 1; $seed <= 25; ++$seed) {
            mt_srand($seed);
            $between = static fn (float $low, float $high): float => $low + ($high - $low) * mt_rand(0, 1000) / 1000;
            $pitch_rad = deg2rad($between(15, 30));
            $across_m = $between(8, 14);
            $along_m = $across_m * $between(1.1, 3.6);
            $length_m = ($across_m / 2 + 0.4) / cos($pitch_rad);
            foreach (['en-1991', 'as-nzs-1170-2011'] as $standard) {
                $scenario = Scenario::to($standard)->with('/surface/pitch_rad', $pitch_rad)->with('/surface/slope_length_m', $length_m)->with('/surface/width_m', $along_m + 0.6)->with('/site/building_length_m', $along_m)
                    ->with('/site/building_width_m', $across_m)->with('/site/eave_to_ridge_m', $across_m / 2)->with('/site/mean_roof_height_m', $between(3, 0.5 * $across_m));
                if ($standard === 'en-1991') {
                    $scenario = $scenario->with('/site/en', ['basic_velocity_m_per_s' => $between(20, 32), 'terrain' => ['0', 'I', 'II', 'III', 'IV'][mt_rand(0, 4)], 'orography' => null, 'snow_set' => 'given', 'snow_zone' => null, 'timber' => 'C24']);
                }
                $design = $scenario->design();
                $loads = self::loads($design);
                for ($try = 0; $try < 40; ++$try) {
                    [$x_m, $y_m] = [$between(0.01, $along_m + 0.58), $between(0.01, $length_m - 0.02)];
                    $suction = $loads->suction($loads->zones->pieces($x_m, $y_m, $x_m + 1e-4, $y_m + 1e-4)[0]['zone'], false);
                    [$small_Pa, $large_Pa] = $standard === 'en-1991' ? OtherWinds::europe($design, $x_m + 5e-5, $y_m + 5e-5) : array_fill(0, 2, OtherWinds::australia($design, $x_m + 5e-5, $y_m + 5e-5));
                    self::assertEqualsWithDelta($small_Pa, $suction->at_Pa(0.5), 1e-6 * $small_Pa + 1e-9, "$standard, seed $seed, $x_m, $y_m");
                    self::assertEqualsWithDelta($large_Pa, $suction->at_Pa(12.0), 1e-6 * $large_Pa + 1e-9, "$standard, seed $seed, $x_m, $y_m");
                }
            }
        }
    }

    public function test_interpolated_tables_meet_their_rows_and_do_not_jump(): void
    {
        foreach (['monopitch', 'duopitch'] as $table) {
            foreach (['eave', 'ridge', 'rake'] as $wind) {
                foreach (['F', 'G', 'H', 'I', 'J', 'Fup', 'Flow'] as $zone) {
                    foreach (['1', '10', 'down'] as $kind) {
                        foreach ([5, 15, 30, 45, 60, 75] as $angle) {
                            $of = static fn (float $degrees): float => (new ExternalPressure(new Coefficients(), $table, Angle::ofDegrees($degrees)))->of($wind, $zone, $kind)[0];
                            $key = "$wind/$angle/$zone/$kind";
                            $cell = Coefficients::has("en_1991_1_4/$table", $key) ? Coefficients::recalled("en_1991_1_4/$table", $key)->value : 0.0;
                            self::assertEqualsWithDelta($cell, $of((float) $angle), 1e-9, "$table $key");
                            self::assertEqualsWithDelta($cell, $of(min(75.0, $angle + 1e-7)), 1e-6, "$table $key, just above");
                        }
                    }
                }
            }
        }
        $roof = new RoofPressure(new Coefficients());
        foreach (['0.25', '0.5', '1'] as $name) {
            foreach ([10, 15, 20, 25, 30, 35] as $angle) {
                foreach ([0.0, 1e-9] as $step) {
                    [$low, $high] = $roof->upwind((float) $name + $step, $angle + $step);
                    self::assertEqualsWithDelta(Coefficients::recalled('as_nzs_1170_2/roof', "upwind/$name/$angle/low")->value, $low, 1e-6);
                    self::assertEqualsWithDelta(Coefficients::recalled('as_nzs_1170_2/roof', "upwind/$name/$angle/high")->value, $high, 1e-6);
                }
            }
        }
    }

    public function test_the_same_job_in_other_units_has_the_same_loads_and_the_same_feet(): void
    {
        $customary = Edits::apply(Scenario::of()->design(), array_map(static fn (array $edit): array => ['path' => $edit[0], 'typed' => $edit[1]], [
            ['/site/wind_speed_m_per_s', '120 mph'], ['/site/mean_roof_height_m', '18 ft'], ['/site/ground_snow_Pa', '20 psf'], ['/surface/width_m', "44' 3"], ['/module/mass_kg', '47 lb'], ['/kit/foot/up_N', '800 lb'],
        ]));
        $metric = Edits::apply(Scenario::of()->design(), array_map(static fn (array $edit): array => ['path' => $edit[0], 'typed' => $edit[1]], [
            ['/site/wind_speed_m_per_s', '53.6448 m/s'], ['/site/mean_roof_height_m', '5486.4 mm'], ['/site/ground_snow_Pa', '957.605 Pa'], ['/surface/width_m', '13.4874 m'], ['/module/mass_kg', '21.3188414 kg'], ['/kit/foot/up_N', '3558.577 N'],
        ]));
        [$one, $two] = [Planner::plan($customary, Depth::Checks), Planner::plan($metric, Depth::Checks)];
        foreach (['loads/qh', 'loads/ps', 'loads/zone_a'] as $path) {
            self::assertEqualsWithDelta($one->loads?->figures->number($path), $two->loads?->figures->number($path), 1e-3);
        }
        self::assertSame(array_map(static fn ($run): array => $run->picks, $one->supports), array_map(static fn ($run): array => $run->picks, $two->supports));
    }

    /** @return iterable<string, array{Scenario, string}> */
    public static function refused(): iterable
    {
        yield '7-22 on a gable of 18°' => [Scenario::of()->with('/site/standard', 'asce7-22'), 'figure_missing'];
        yield 'a monoslope of 18°' => [Scenario::of()->with('/surface/roof_kind', 'shed'), 'figure_missing'];
        yield 'a hip over 27°' => [Scenario::to('asce7-16 hip')->with('/surface/pitch_rad', deg2rad(30)), 'coefficient_missing'];
        yield 'a roof hipped at one end' => [Scenario::to('asce7-16 hip')->with('/surface/right_hip_m', 0.0), 'figure_missing'];
        yield 'a hip without a leaning edge' => [Scenario::to('asce7-16 hip')->with('/surface/left_hip_m', 0.0)->with('/surface/right_hip_m', 0.0), 'hip_edges'];
        yield 'hips that cross' => [Scenario::to('asce7-16 hip')->with('/surface/left_hip_m', 18.0), 'hip_edges'];
        yield 'EN on a hip' => [Scenario::to('en-1991')->with('/surface/roof_kind', 'hip'), 'figure_missing'];
        yield 'EN beside a higher roof' => [Scenario::to('en-1991')->with('/surface/snow_features', [['id' => 'x', 'kind' => 'higher_roof', 'x_m' => 0.0, 'y_m' => 5.2, 'width_m' => 5.0, 'length_m' => 1.0, 'height_m' => 2.0, 'upwind_m' => 5.0, 'higher_roof_m' => 5.0, 'slides_from_m' => null]]), 'figure_missing'];
        yield 'AS/NZS of 2021 in New Zealand' => [Scenario::to('as-nzs-1170-2021')->with('/site/as_nzs', ['region' => 'NZ2', 'terrain' => '2', 'shielding' => null, 'topographic_multiplier' => null]), 'as_nzs_region_unknown'];
        yield 'AS/NZS of 2021 between categories' => [Scenario::to('as-nzs-1170-2021')->with('/site/as_nzs', ['region' => 'A1', 'terrain' => '1.5', 'shielding' => null, 'topographic_multiplier' => null]), 'figure_missing'];
        yield 'AS/NZS with snow' => [Scenario::to('as-nzs-1170-2011')->with('/site/ground_snow_Pa', 500.0), 'figure_missing'];
        yield 'allowable stresses with design capacities' => [Scenario::of()->with('/kit/capacities', 'design'), 'capacity_format'];
        yield 'a given pressure missing' => [Scenario::to('given')->with('/given/ridge_up_Pa', null), 'given_incomplete'];
        yield 'given without a name' => [Scenario::to('given')->with('/given/by', ' '), 'given_incomplete'];
        yield 'a higher roof without given pressures' => [Scenario::of()->with('/surface/higher_or_lower_roof', 'yes'), 'higher_or_lower_roof'];
        yield 'a higher roof that snow slides from, without given pressures' => [Scenario::of()->with('/surface/snow_features', [['id' => 'x', 'kind' => 'higher_roof', 'x_m' => 0.0, 'y_m' => 5.2, 'width_m' => 5.0, 'length_m' => 1.0, 'height_m' => 2.0, 'upwind_m' => 5.0, 'higher_roof_m' => 5.0, 'slides_from_m' => 4.0]]), 'higher_or_lower_roof'];
    }

    #[DataProvider('refused')]
    public function test_what_is_not_known_is_refused_and_nothing_is_planned(Scenario $scenario, string $code): void
    {
        $plan = Planner::plan($scenario->design());
        self::assertTrue($plan->hasRefusal());
        self::assertContains($code, array_map(static fn ($finding): string => $finding->code->value, $plan->findings));
        self::assertSame([], $plan->supports);
        $texts = Texts::of($plan->design);
        foreach ($plan->findings as $finding) {
            self::assertDoesNotMatchRegularExpression('/\{[a-z_]+\}|finding\./', $texts->finding($finding));
        }
    }

    public function test_a_missing_value_read_in_an_own_copy_lets_the_case_through(): void
    {
        $warm = Scenario::to('asce7-22')->with('/site/thermal', 'warm');
        $own = ['coefficient' => 'asce7_22/snow/ct/warm', 'value' => 1.1, 'document' => 'Our copy of 7-22', 'clause' => 'Table 7.3-2', 'name' => 'E. Sorrel', 'on' => '2026-06-01'];
        $plan = Planner::plan($warm->with('/own_copies', [$own])->design(), Depth::Checks);
        self::assertFalse($plan->hasRefusal());
        self::assertSame(1.1, $plan->loads?->figures->at('loads/cs')?->values['ct']);
        self::assertTrue(Planner::plan($warm->with('/own_copies', [['coefficient' => 'asce7_22/snow/ct/hot'] + $own])->design())->hasRefusal(), 'no such value');
    }

    public function test_an_own_copy_of_a_limit_moves_the_limit_everywhere(): void
    {
        // 32° is past 7 in 12: with a limit read as 8 the unbalanced snow acts, and the winter wind is asked for first.
        $steep = Scenario::to('asce7-22')->with('/given', ['roof_snow_Pa' => null] + Scenario::GIVEN)->with('/surface/pitch_rad', deg2rad(32))->with('/site/roof_supports', 'other')->with('/site/winter_wind', null);
        self::assertFalse(Planner::plan($steep->design(), Depth::Checks)->hasRefusal());
        $own = $steep->with('/own_copies', [['coefficient' => 'asce7_22/snow/unbalanced/to_in_12', 'value' => 8.0, 'document' => 'Our copy of 7-22', 'clause' => '§7.6.1', 'name' => 'E. Sorrel', 'on' => '2026-06-01']]);
        self::assertContains('winter_wind_missing', array_map(static fn ($finding): string => $finding->code->value, Planner::plan($own->design(), Depth::Checks)->findings));
        self::assertNotNull(Planner::plan($own->with('/site/winter_wind', 0.4)->design(), Depth::Checks)->loads?->figures->at('loads/snow/unbalanced'));
    }

    public function test_an_unknown_standard_in_a_file_is_an_error_that_lists_the_known_ones(): void
    {
        try {
            DesignFile::read(str_replace('"standard":"asce7-16"', '"standard":"asce7-05"', Scenario::of()->json()));
            self::fail('It was read.');
        } catch (DocumentInvalid $fault) {
            self::assertStringContainsString('asce7-16, asce7-22, en-1991, as-nzs-1170-2011, as-nzs-1170-2021', $fault->faults[0]->expected);
        }
    }

    public function test_ground_snow_of_another_standards_map_is_asked_about(): void
    {
        $codes = static fn (Scenario $scenario): array => array_map(static fn ($stop): string => $stop->code->value, Planner::plan($scenario->design(), Depth::Checks)->openStops());
        foreach (['asce7-16' => 'nominal', 'asce7-22' => 'strength', 'en-1991' => 'characteristic'] as $standard => $own) {
            $scenario = Scenario::to($standard);
            if ($standard === 'en-1991') {
                $scenario = $scenario->with('/site/en', ['basic_velocity_m_per_s' => 25.0, 'terrain' => 'II', 'orography' => null, 'snow_set' => 'given', 'snow_zone' => null, 'timber' => 'C24']);
            }
            foreach (['nominal', 'strength', 'characteristic'] as $kind) {
                self::assertSame($kind !== $own, in_array('ground_snow_kind', $codes($scenario->with('/site/ground_snow_kind', $kind)), true), "$standard, $kind");
            }
        }
        self::assertContains('ground_snow_kind', $codes(Scenario::to('given')->with('/given', ['roof_snow_Pa' => null] + Scenario::GIVEN)->with('/site/ground_snow_kind', 'strength')), 'given wind, computed snow');
        self::assertNotContains('ground_snow_kind', $codes(Scenario::to('en-1991')->with('/site/ground_snow_kind', 'nominal')), 'a formula by zone needs none');
    }

    public function test_drifts_lie_where_they_are_and_held_snow_pushes_the_upper_row(): void
    {
        $snowy = Scenario::of()->with('/site/ground_snow_Pa', 1500.0);
        $wall = ['id' => 'wall', 'kind' => 'wall', 'x_m' => -0.3, 'y_m' => 0.0, 'width_m' => 0.3, 'length_m' => 6.0, 'height_m' => 3.0, 'upwind_m' => 20.0, 'higher_roof_m' => null, 'slides_from_m' => null];
        $loads = self::loads($snowy->with('/surface/snow_features', [$wall])->design());
        $drift = $loads->snow->cases[count($loads->snow->cases) - 1];
        $reach_m = (float) ($loads->figures->at('loads/snow/drift_wall')->values['reach_m'] ?? 0.0);
        self::assertEqualsWithDelta($drift->surcharge_Pa, $drift->patch_Pa(0.0, 1.0, 1.0, 2.0), 1e-9, 'at the wall');
        self::assertEqualsWithDelta($drift->surcharge_Pa / 2, $drift->patch_Pa($reach_m / 2, 1.0, 20.0, 2.0), 1e-9, 'half-way');
        self::assertSame(0.0, $drift->patch_Pa($reach_m, 1.0, 20.0, 2.0));
        self::assertContains('unbalanced_simple', array_map(static fn ($case): string => $case->code, self::loads(Scenario::to('asce7-16 hip')->with('/site/ground_snow_Pa', 1500.0)->design())->snow->cases), 'hips have a leeward side too');
        // A wall shorter than 15 ft gathers none, and one no taller than a fifth of the snow over it neither.
        self::assertSame(count($loads->snow->cases) - 1, count(self::loads($snowy->with('/surface/snow_features', [['length_m' => 4.0] + $wall])->design())->snow->cases));
        self::assertSame(count($loads->snow->cases) - 1, count(self::loads($snowy->with('/surface/snow_features', [['height_m' => 0.3] + $wall])->design())->snow->cases));
        $along = static fn (string $held): array => array_map(static fn ($run): float => $run->run->snow_N['balanced'][1], Planner::plan($snowy->with('/site/array_holds_snow', $held)->design(), Depth::Checks)->supports);
        [$free, $held, $unknown] = [$along('no'), $along('yes'), $along('unknown')];
        self::assertSame($held, $unknown);
        self::assertSame($free[0], $held[0], 'the lowest row has modules above it');
        self::assertGreaterThan(1.1 * $free[count($free) - 1], $held[count($held) - 1]);
    }

    public function test_the_screen_of_the_rafters_grows_with_span_and_weak_timber(): void
    {
        $screen = static fn (float $span_m, string $grade, string $species): float => Planner::plan(Scenario::of()->with('/surface/framing/kind', 'rafter')->with('/surface/framing/depth_m', 0.1397)
            ->with('/surface/framing/span_m', $span_m)->with('/surface/framing/grade', $grade)->with('/surface/framing/species', $species)->design(), Depth::Checks)->screen->ratio ?? 0.0;
        self::assertEqualsWithDelta(4.0, $screen(4.0, 'no_2', 'spruce_pine_fir') / $screen(2.0, 'no_2', 'spruce_pine_fir'), 1e-9);
        self::assertGreaterThan($screen(4.0, 'no_1', 'douglas_fir_larch'), $screen(4.0, 'no_2', 'douglas_fir_larch'));
        self::assertGreaterThan($screen(4.0, 'select_structural', 'spruce_pine_fir'), $screen(4.0, 'no_3', 'spruce_pine_fir'));
        self::assertSame(0.0, $screen(4.0, 'no_2', 'southern_pine'), 'not in the table: no screen');
    }
}

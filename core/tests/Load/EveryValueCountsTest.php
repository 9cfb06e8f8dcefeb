<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Foot\Foot;
use Garnetine\Core\Load\AsNzs\RoofPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\En\ExternalPressure;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Every value that the data offers can be read in an own copy, and then some output changes. */
final class EveryValueCountsTest extends TestCase
{
    /** Designs that are looked at first for a value, by the end of its id: where it decides something. */
    private const AIMED = [
        'least' => 'still air', 'top_above_roof_in' => 'conditions', 'parallel_deg' => 'conditions', 'least_gap_in' => 'conditions', 'gap_every_ft' => 'conditions', 'edge_in_h2' => 'conditions',
        'height' => 'building', 'floor_dimension' => 'building', 'floor_ft' => 'small building', 'least_dimension' => 'building', 'floor_psf' => 'large tributary', 'low_slope_deg' => 'near 15',
        'from_in_12' => 'near ½', 'to_in_12' => 'near 7', 'importance' => 'drift', 'rain_psf' => 'rained', 'II' => 'drift', 'density' => 'wall', 'least_length' => 'short thread',
        'least_penetration' => 'lag of', 'spacing' => 'two lags', 'full_penetration' => 'lag', 'cd/dead' => 'dead load', 'kmod/dead' => 'dead load', 'open_in_h2' => 'hole', 'open_ft' => 'hole', 'exposed_in_h' => 'hole', 'row_end_in_lp' => 'hole', 'de_2/a' => 'de_2 at', 'de_2/b' => 'de_2 at',
    ];

    /** Cells of which the strongest of several winds decides: their readers are asked. */
    private const CELLS = '~^(en_1991_1_4/(duopitch|monopitch)|as_nzs_1170_2/roof)/(?!k/)~';

    public function test_each_value_read_a_tenth_larger_changes_some_output(): void
    {
        $uses = [];
        foreach (self::designs() as $name => $scenario) {
            foreach (Planner::plan($scenario->design(), Depth::Checks)->coefficients->used() as $used) {
                $uses[$used->id][$name] = $scenario;
            }
        }
        $idle = [];
        $plans = [];
        foreach (self::ids() as $id => $value) {
            $moved = preg_match(self::CELLS, $id) === 1;
            foreach ($moved ? [] : self::aimed($id, $uses[$id] ?? []) as $name => $scenario) {
                $plans[$name] ??= self::told($scenario->design());
                if ($plans[$name] !== self::told($scenario->with('/own_copies', [...$scenario->design()->ownCopies, self::copy($id, $value)])->design())) {
                    $moved = true;
                    break;
                }
            }
            if (!$moved) {
                $idle[] = $id.(isset($uses[$id]) ? '' : ' (in no design)');
            }
        }
        self::assertSame([], $idle);
    }

    public function test_each_cell_of_a_table_of_pressures_is_read_where_it_stands(): void
    {
        $read = 0;
        foreach (self::ids() as $id => $value) {
            if (preg_match(self::CELLS, $id) !== 1) {
                continue;
            }
            ++$read;
            $copy = self::copy($id, $value);
            $own = new Coefficients([new OwnCopy($id, $copy['value'], $copy['document'], $copy['clause'], $copy['name'], $copy['on'])]);
            self::assertEqualsWithDelta($value, self::cell($id, new Coefficients()), 1e-12, $id);
            self::assertEqualsWithDelta(1.1 * $value, self::cell($id, $own), 1e-12, $id);
        }
        self::assertGreaterThan(300, $read);
    }

    /** What the reader of a table answers at the place of one of its cells. */
    private static function cell(string $id, Coefficients $coefficients): float
    {
        $keys = array_slice(explode('/', $id), 1);
        if ($keys[0] !== 'roof') {
            [$table, $wind, $degrees, $zone, $kind] = $keys;

            return (new ExternalPressure($coefficients, $table, Angle::ofDegrees((float) $degrees)))->of($wind, $zone, $kind)[0];
        }
        $pressures = new RoofPressure($coefficients);

        return match ($keys[1]) {
            'flat' => $pressures->flat((float) $keys[2], (int) $keys[3])[$keys[4] === 'low' ? 0 : 1],
            'upwind' => $pressures->upwind((float) $keys[2], (float) $keys[3])[$keys[4] === 'low' ? 0 : 1],
            default => $pressures->downwind((float) $keys[2], (float) $keys[3], 1.0),
        };
    }

    /** @return array{coefficient: string, value: float, document: string, clause: string, name: string, on: string} */
    private static function copy(string $id, float $value): array
    {
        return ['coefficient' => $id, 'value' => 1.1 * $value, 'document' => 'own copy', 'clause' => '1', 'name' => 'E. Sorrel', 'on' => '2026-06-01'];
    }

    /**
     * @param array<string, Scenario> $scenarios
     *
     * @return array<string, Scenario>
     */
    private static function aimed(string $id, array $scenarios): array
    {
        $first = [];
        foreach (self::AIMED as $end => $name) {
            if (str_ends_with($id, "/$end")) {
                $first = array_filter($scenarios, static fn (string $other): bool => str_contains($other, $name), ARRAY_FILTER_USE_KEY);
            }
        }

        return $first + array_slice($scenarios, 0, 12);
    }

    /** @return array<string, float> Ids with the values that are remembered */
    private static function ids(): array
    {
        $ids = [];
        // Those of tables on the ground have their own test.
        $ofTables = ['asce7_16/open_roof', 'asce7_16/open_roof_elements', 'en_1991_1_4/canopies', 'ibc_2018/soils', 'ibc_2018/posts', 'aisc_360_16/members', 'nds_2018/timber', 'practice/concrete', 'practice/adfreeze'];
        $data = dirname(__DIR__, 2).'/data';
        foreach (glob("$data/*/*.php") ?: [] as $file) {
            /** @var array{values: array<string, mixed>} $table */
            $table = require $file;
            if (in_array(substr($file, strlen($data) + 1, -4), $ofTables, true)) {
                continue;
            }
            foreach (array_keys($table['values']) as $key) {
                $id = substr($file, strlen($data) + 1, -4)."/$key";
                $ids[$id] = Coefficients::ofId($id)->value ?? throw new \LogicException("$id is not found.");
            }
        }

        return $ids;
    }

    /** All that a plan tells, but of the values themselves. */
    private static function told(Design $design): string
    {
        $plan = Planner::plan($design, Depth::Checks);
        $told = PlanDocument::surface($plan);
        unset($told['coefficients'], $told['design_sha256'], $told['summary']);
        $told['findings'] = array_map(static fn (Finding $finding): array => $finding->toArray(), array_values(array_filter($plan->findings, static fn (Finding $finding): bool => !str_starts_with($finding->code->value, 'own_copy'))));

        return CanonicalJson::encode($told);
    }

    /** @return iterable<string, Scenario> Small arrays under every standard, enough of them to enter every table in every row */
    private static function designs(): iterable
    {
        $small = static fn (Scenario $scenario): Scenario => $scenario->with('/block/rows', 1)->with('/block/columns', 2)->with('/block/left_out', [])->with('/surface/no_work_circles', [])->with('/kit/rail/longest_run_m', null);
        $asce = $small(Scenario::of())->with('/site/roof_supports', 'other');
        $barn = Scenario::of('teasel-yard');
        yield 'two screws in a sheet, three diameters apart' => $barn->with('/block/columns', 2)->with('/kit/foot/between_screws_m', 0.0191);
        yield 'two lags, four diameters apart' => $asce->with('/kit/foot', ['kind' => 'two_lag_foot', 'between_lags_m' => 0.0318] + Foot::TYPICAL['two_lag_foot'] + (array) Writer::toArray($asce->design()->kit->foot));
        $wall = ['id' => 'wall', 'kind' => 'wall', 'x_m' => -0.3, 'y_m' => 0.0, 'width_m' => 0.3, 'length_m' => 6.0, 'height_m' => 1.2, 'upwind_m' => 9.0, 'higher_roof_m' => null, 'slides_from_m' => null];
        $pitched = static fn (Scenario $scenario, float $degrees): Scenario => $scenario->with('/surface/pitch_rad', deg2rad($degrees));
        $of2022 = $small(Scenario::to('asce7-22'))->with('/site/roof_supports', 'other');
        foreach (['asce7-16' => $asce, 'asce7-22' => $of2022] as $edition => $base) {
            foreach (['B', 'C', 'D'] as $exposure) {
                foreach (['fully', 'partially', 'sheltered'] as $roof) {
                    yield "$edition, $exposure, $roof" => $base->with('/site/exposure', $exposure)->with('/site/roof_exposure', $roof);
                }
                foreach (['ridge', 'escarpment', 'hill'] as $shape) {
                    foreach (['upwind', 'downwind'] as $side) {
                        foreach ([90.0, 40.0] as $half_m) {
                            yield "$edition, $exposure, $shape, $side, $half_m" => $base->with('/site/exposure', $exposure)->with('/site/topography', 'hill')
                                ->with('/site/hill', ['shape' => $shape, 'height_m' => 30.0, 'half_length_m' => $half_m, 'from_crest_m' => 10.0, 'side' => $side]);
                        }
                    }
                }
            }
            foreach (['I', 'II', 'III', 'IV'] as $risk) {
                // A minimum of the edition of 2022 counts under more ground snow than itself alone.
                yield "$edition, category $risk, drift" => $pitched($base, 5)->with('/site/risk_category', $risk)->with('/site/ground_snow_Pa', 3000.0)->with('/surface/snow_features', [$wall]);
                yield "$edition, category $risk, short fetch" => $pitched($base, 5)->with('/site/risk_category', $risk)->with('/surface/snow_features', [['upwind_m' => 3.0] + $wall]);
            }
            foreach ($edition === 'asce7-16' ? ['warm', 'cold_ventilated', 'unheated', 'freezing'] : ['unheated', 'freezing'] as $thermal) {
                yield "$edition, $thermal" => $base->with('/site/thermal', $thermal);
            }
            $given = $base->with('/given', ['roof_snow_Pa' => null] + Scenario::GIVEN)->with('/site/winter_wind', 0.4);
            yield "$edition, low tiles" => $given->with('/surface/covering', ['kind' => 'tile'] + Covering::TYPICAL['tile'])->with('/kit/foot', (array) json_decode((string) json_encode(Writer::toArray(Scenario::of('damson-terrace')->design()->kit->foot)), true))->with('/surface/pitch_rad', atan(2.6 / 12));
            foreach (['½ in 12' => atan(0.52 / 12), '7 in 12' => atan(7.2 / 12), '15°' => deg2rad(16)] as $name => $pitch) {
                yield "$edition, near $name" => $given->with('/surface/pitch_rad', $pitch);
            }
            yield "$edition, 21 ft simple" => $pitched($given, 20)->with('/site/roof_supports', 'simple')->with('/site/eave_to_ridge_m', 21 * 0.3048)->with('/site/ground_snow_Pa', 2500.0);
            yield "$edition, long flat eave to ridge" => $pitched($base, 1.5)->with('/surface/roof_kind', 'flat')->with('/site/eave_to_ridge_m', 50.0)->with('/site/ground_snow_Pa', 21 * 47.880259);
            yield "$edition, rained on" => $pitched($base, 1.5)->with('/surface/roof_kind', 'flat')->with('/site/eave_to_ridge_m', 50.0)->with('/site/ground_snow_Pa', 700.0);
            yield "$edition, small building" => $base->with('/site/building_width_m', 5.0)->with('/site/building_length_m', 5.0)->with('/site/mean_roof_height_m', 2.0);
            yield "$edition, light wind" => $base->with('/site/wind_speed_m_per_s', 43.0);
            foreach ([0.0, 0.6096] as $above_m) {
                yield "$edition, conditions of the clause, $above_m" => $base->with('/block/top_above_roof_m', 0.26)->with('/block/tilt_from_roof_rad', deg2rad(2.1))->with('/block/column_gap_m', 0.0066)->with('/module/length_m', 2.1)->with('/block/y_m', 0.28 + $above_m);
            }
            yield "$edition, wide low building" => $base->with('/site/building_width_m', 90.0)->with('/site/building_length_m', 90.0);
            yield "$edition, wide building" => $base->with('/site/building_width_m', 30.0)->with('/site/building_length_m', 30.0)->with('/site/mean_roof_height_m', 5.0)->with('/surface/width_m', 30.0)->with('/surface/slope_length_m', 20.0);
            yield "$edition, wide tall building" => $base->with('/site/building_width_m', 30.0)->with('/site/building_length_m', 30.0)->with('/site/mean_roof_height_m', 15.0)->with('/surface/width_m', 30.0)->with('/surface/slope_length_m', 20.0);
            $hole = $base->with('/block/x_m', 2.0)->with('/block/columns', 5)->with('/block/left_out', [['row' => 1, 'column' => 4]])->with('/site/mean_roof_height_m', 3.0);
            yield "$edition, hole of 1.3 m" => $hole->with('/module/width_m', 1.262);
            yield "$edition, no hole, wide modules" => $hole->with('/module/width_m', 1.262)->with('/block/left_out', [])->with('/surface/width_m', 40.0)->with('/block/x_m', 10.0)->with('/site/mean_roof_height_m', 16.0);
            yield "$edition, hole of 1.3 m, high above the roof" => $hole->with('/module/width_m', 1.3)->with('/block/top_above_roof_m', 0.32);
            for ($x_m = 0.5; $x_m < 9.0; $x_m += 0.35) {
                yield "$edition, hole at $x_m m" => $hole->with('/block/x_m', $x_m)->with('/site/mean_roof_height_m', 3.0 + $x_m / 2);
            }
        }
        foreach ([10, 23, 30] as $degrees) {
            yield "gable, $degrees" => $pitched($asce, $degrees);
            yield "hip, $degrees" => $small(Scenario::to('asce7-16 hip'))->with('/surface/pitch_rad', deg2rad($degrees));
        }
        $missing = array_map(static fn (string $key): array => ['value' => 2.0] + self::copy("asce7_16/hip_roof/$key", 1.0), ['7-20/2e']);
        yield 'hip, 10, its missing value read' => $small(Scenario::to('asce7-16 hip'))->with('/surface/pitch_rad', deg2rad(10))->with('/own_copies', $missing);
        yield 'low gable' => $small(Scenario::to('asce7-16 low'));
        foreach (['douglas_fir_larch', 'douglas_fir_larch_north', 'douglas_fir_south', 'southern_pine', 'hem_fir', 'hem_fir_north', 'spruce_pine_fir', 'spruce_pine_fir_south', 'unknown'] as $species) {
            yield "of $species" => $asce->with('/surface/framing/species', $species);
        }
        foreach ([['1/4', 0.0762], ['5/16', 0.1016], ['3/8', 0.127]] as [$diameter, $length_m]) {
            foreach (['steel_a36', 'steel_a653_33'] as $plate) {
                yield "lag $diameter on $plate" => $asce->with('/kit/fastener/diameter', $diameter)->with('/kit/fastener/length_m', $length_m)->with('/kit/foot/base/lateral_N', null)->with('/kit/foot/base/material', $plate)->with('/surface/framing/depth_m', 0.14);
            }
        }
        foreach ([1, 1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 9, 10, 12] as $length_in) {
            yield "lag of $length_in in" => $asce->with('/kit/fastener/length_m', $length_in * 0.0254)->with('/surface/framing/depth_m', 0.6)->with('/surface/covering/shingle_thickness_m', 0.001);
        }
        $angle = (array) Writer::toArray(Scenario::of('feijoa-lane')->design()->kit->foot);
        yield 'lag across the grain of a purlin' => $asce->with('/surface/covering', ['kind' => 'metal'] + Covering::TYPICAL['metal'])->with('/surface/framing/kind', 'purlin')->with('/surface/deck', 'none')->with('/surface/framing/width_m', 0.09)
            ->with('/kit/foot', ['base' => ['lateral_N' => null, 'material' => 'steel_a36'] + (array) $angle['base']] + $angle)->with('/block/y_m', 0.7);
        $steel = $asce->with('/surface/covering', ['kind' => 'metal'] + Covering::TYPICAL['metal'])->with('/surface/framing/kind', 'steel_purlin')->with('/surface/deck', 'none')->with('/surface/framing/width_m', 0.06)->with('/block/y_m', 0.7);
        foreach (['thin' => 0.0008, 'thick' => 0.003] as $name => $thickness_m) {
            $screw = ['kind' => 'steel_screw', 'name' => 'Screw', 'document' => '', 'diameter_m' => 0.0055, 'length_m' => 0.06, 'pull_out_N' => null, 'tension_N' => 9000.0, 'shear_N' => 9000.0];
            yield "screw in $name steel" => $steel->with('/surface/framing/steel_thickness_m', $thickness_m)->with('/kit/fastener', $screw)
                ->with('/kit/foot', ['base' => ['lateral_N' => null, 'material' => 'steel_a36'] + (array) $angle['base']] + $angle);
        }
        foreach (['8' => 3.0, '10' => 3.0, '12' => 3.0, '14' => 2.9] as $gauge => $length_in) {
            $wood = ['kind' => 'wood_screw', 'name' => 'Screw', 'document' => '', 'pull_out_N' => null, 'drill_guide' => true, 'gauge' => (string) $gauge, 'length_m' => $length_in * 0.0254, 'thread_m' => 2.0 * 0.0254];
            yield "wood screw No. $gauge" => $asce->with('/kit/fastener', $wood + Fastener::TYPICAL['wood_screw'])->with('/kit/foot/base/lateral_N', null)->with('/kit/foot/base/material', 'steel_a36');
            yield "wood screw No. $gauge, short" => $asce->with('/kit/fastener', ['length_m' => (1.06 + 8 * [8 => 0.164, 10 => 0.19, 12 => 0.216, 14 => 0.242][$gauge]) * 0.0254] + $wood + Fastener::TYPICAL['wood_screw']);
        }
        $path = ['id' => 'path', 'kind' => 'fire_path', 'x_m' => 12.0, 'y_m' => 0.0, 'width_m' => 0.94, 'height_m' => 5.1308, 'clearance_m' => 0.0];
        $fire = $asce->with('/fire', ['rule' => 'irc_2018', 'dwelling' => 'yes', 'sprinklers' => 'no', 'roof_m2' => 500.0])->with('/surface/fire', ['street' => 'yes', 'path_on' => null])->with('/surface/no_work_rectangles', [$path])->with('/block/y_m', 3.3);
        yield 'fire crews' => $fire;
        yield 'fire crews, nearly exempt' => $fire->with('/surface/pitch_rad', atan(2.1 / 12));
        yield 'fire crews, a third' => $fire->with('/fire/roof_m2', 9.0);
        yield 'fire crews, two thirds, sprinklers' => $fire->with('/fire/roof_m2', 7.0)->with('/fire/sprinklers', 'yes')->with('/surface/pitch_rad', 0.2)->with('/block/columns', 3);
        yield 'dead load alone' => $asce->with('/module/mass_kg', 100.0)->with('/site/wind_speed_m_per_s', 43.0)->with('/site/ground_snow_Pa', 0.0)->with('/surface/pitch_rad', deg2rad(44))->with('/site/mean_roof_height_m', 3.0);
        foreach (['douglas_fir_larch', 'hem_fir', 'spruce_pine_fir'] as $species) {
            foreach (['select_structural', 'no_1', 'no_2', 'no_3'] as $place => $grade) {
                yield "rafter of $species $grade" => $asce->with('/surface/framing/kind', 'rafter')->with('/surface/framing/span_m', 4.0)->with('/surface/framing/species', $species)->with('/surface/framing/grade', $grade)
                    ->with('/surface/framing/depth_m', [3.5, 5.5, 7.25, 9.25][$place] * 0.0254)->with('/site/ground_snow_Pa', $place % 2 === 0 ? 0.0 : 2500.0);
            }
        }
        yield 'deep rafter' => $asce->with('/surface/framing/kind', 'rafter')->with('/surface/framing/span_m', 4.0)->with('/surface/framing/species', 'hem_fir')->with('/surface/framing/grade', 'no_2')->with('/surface/framing/depth_m', 11.25 * 0.0254);
        yield 'large tributary' => $asce->with('/site/eave_to_ridge_m', 60.0)->with('/surface/pitch_rad', deg2rad(44))->with('/surface/framing/spacing_m', 2.4)->with('/site/ground_snow_Pa', 0.0);
        yield from self::european($small(Scenario::to('en-1991')), $wall);
        yield from self::australian($small(Scenario::to('as-nzs-1170-2011')));
    }

    /**
     * @param array<string, mixed> $wall
     *
     * @return iterable<string, Scenario>
     */
    private static function european(Scenario $en, array $wall): iterable
    {
        $entries = static fn (array $changes): array => $changes + ['basic_velocity_m_per_s' => 25.0, 'terrain' => 'II', 'orography' => null, 'snow_set' => 'de_2', 'snow_zone' => null, 'timber' => 'C24'];
        foreach (['0', 'I', 'II', 'III', 'IV'] as $terrain) {
            yield "terrain $terrain" => $en->with('/site/en', $entries(['terrain' => $terrain]));
            yield "terrain $terrain, low" => $en->with('/site/en', $entries(['terrain' => $terrain]))->with('/site/mean_roof_height_m', 1.5)->with('/surface/roof_kind', 'flat')->with('/surface/pitch_rad', deg2rad(1))->with('/site/eave_to_ridge_m', 0.5);
        }
        foreach ([3, 5, 10, 15, 22, 30, 38, 45, 52, 60, 68, 75] as $degrees) {
            foreach (['two_sided_gable', 'shed', 'flat'] as $kind) {
                yield "$kind at $degrees" => $en->with('/surface/roof_kind', $kind)->with('/surface/pitch_rad', deg2rad($degrees))->with('/site/building_length_m', 20.0)->with('/site/building_width_m', 16.0);
            }
        }
        foreach (['fully', 'partially', 'sheltered'] as $roof) {
            yield "roof $roof" => $en->with('/site/roof_exposure', $roof);
        }
        foreach ([0.3, 0.6, 1.2, 4.0, 20.0] as $height_m) {
            yield "wall of $height_m m" => $en->with('/surface/snow_features', [['height_m' => $height_m] + $wall])->with('/site/en', $entries(['snow_set' => 'given']))->with('/site/ground_snow_Pa', 900.0);
        }
        foreach (['annex_c_alpine', 'annex_c_central_east', 'annex_c_mediterranean', 'annex_c_iberian', 'annex_c_greece', 'at', 'annex_c_central_west', 'annex_c_uk_ireland', 'annex_c_sweden_finland', 'uk_national_annex', 'de_1', 'de_1a', 'de_2', 'de_2a', 'de_3', 'it_1_alpine', 'it_1_mediterranean', 'it_2', 'it_3'] as $set) {
            foreach ([10.0, 700.0, 1200.0] as $height_m) {
                yield "$set at $height_m m" => $en->with('/site/en', $entries(['snow_set' => $set, 'snow_zone' => 2.0]))->with('/site/ground_elevation_m', $height_m);
            }
        }
        foreach (['C16', 'C24', 'GL24h'] as $timber) {
            yield "timber $timber" => $en->with('/site/en', $entries(['timber' => $timber]));
        }
        yield 'short thread' => $en->with('/surface/framing/depth_m', 0.05);
    }

    /** @return iterable<string, Scenario> */
    private static function australian(Scenario $base): iterable
    {
        $entries = static fn (array $changes): array => $changes + ['region' => 'A4', 'terrain' => '2', 'shielding' => null, 'topographic_multiplier' => null];
        foreach (['A1', 'A7', 'W', 'B', 'C', 'D'] as $region) {
            foreach (['I', 'II', 'III', 'IV'] as $importance) {
                yield "region $region, $importance" => $base->with('/site/as_nzs', $entries(['region' => $region]))->with('/site/risk_category', $importance);
            }
        }
        yield 'region C of 2021' => $base->with('/site/standard', 'as-nzs-1170-2021')->with('/site/as_nzs', $entries(['region' => 'C']));
        foreach (['1', '1.5', '2', '2.5', '3', '4'] as $terrain) {
            foreach ([2, 4, 8, 12, 18, 25, 35, 45, 60, 90, 120, 180] as $height_m) {
                yield "terrain $terrain at $height_m m" => $base->with('/site/as_nzs', $entries(['terrain' => $terrain, 'region' => 'C']))->with('/site/mean_roof_height_m', (float) $height_m);
            }
        }
        foreach ([3.0, 4.0, 8.0] as $height_m) {
            yield "terrain 1 of 2021 at $height_m m" => $base->with('/site/standard', 'as-nzs-1170-2021')->with('/site/as_nzs', $entries(['terrain' => '1', 'region' => 'A1']))->with('/site/mean_roof_height_m', $height_m);
        }
        foreach ([40, 8, 3, 1] as $buildings) {
            yield "shielded by $buildings" => $base->with('/site/as_nzs', $entries(['region' => 'C', 'shielding' => ['buildings' => $buildings, 'height_m' => 5.0, 'breadth_m' => 12.0]]));
        }
        foreach ([4, 10, 12, 17, 22, 28, 33, 40, 44] as $degrees) {
            foreach ([3.0, 6.0, 9.0, 20.0] as $height_m) {
                foreach ([9.0, 30.0] as $width_m) {
                    yield "gable at $degrees, $height_m by $width_m" => $base->with('/surface/pitch_rad', deg2rad($degrees))->with('/site/mean_roof_height_m', $height_m)->with('/site/building_width_m', $width_m)->with('/site/building_length_m', 14.0);
                }
            }
        }
        yield 'still air' => $base->with('/site/as_nzs', $entries(['region' => 'A1', 'terrain' => '4', 'shielding' => ['buildings' => 100, 'height_m' => 9.0, 'breadth_m' => 30.0]]))->with('/site/risk_category', 'I');
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Quantity\Length;

/** Small roofs on which no two lengths, loads or strengths are alike, so that one told in another's place is seen; together they enter the branches that ordinary roofs leave out. */
final class Uneven
{
    private const WALL = ['x_m' => -0.4, 'y_m' => 0.0, 'width_m' => 0.3, 'length_m' => 5.9, 'height_m' => 1.1, 'upwind_m' => 13.0, 'higher_roof_m' => null, 'slides_from_m' => null];

    public const BUTYL = [
        'kind' => 'butyl_base', 'name' => 'Butyl base', 'document' => 'report 50', 'up_N' => 2900.0, 'down_N' => 5100.0, 'along_N' => 1450.0, 'rail_height_m' => 0.071, 'slot_m' => 0.013, 'base' => ['thickness_m' => 0.0047, 'material' => 'aluminium', 'heel_m' => 0.0262, 'lateral_N' => 1090.0, 'lateral_document' => 'report 50'],
        'between_screws_m' => 0.051, 'load_line_m' => 0.047, 'length_m' => 0.103, 'width_m' => 0.126, 'column_m' => 0.031, 'butyl_m' => 0.0033, 'aside_N' => null, 'deck_up_N' => 810.0, 'deck_along_N' => 690.0, 'deck_tests_N' => null, 'deck_test_count' => null,
    ];

    /** @return array<string, Scenario> */
    public static function all(): array
    {
        $ft = static fn (float $feet): float => Length::ofFeet($feet)->toMetres();
        $uneven = self::of(Scenario::of());
        $metric = static fn (string $standard): Scenario => self::of(Scenario::to($standard))->with('/units', 'mm');
        $higher = ['id' => 'house', 'kind' => 'higher_roof', 'x_m' => 12.3, 'width_m' => 6.0, 'height_m' => 1.7, 'upwind_m' => 11.0, 'higher_roof_m' => 7.0, 'slides_from_m' => 6.1] + self::WALL;
        $wall = ['id' => 'gable-wall', 'kind' => 'wall'] + self::WALL;
        $parapet = ['id' => 'end-wall', 'kind' => 'parapet', 'x_m' => 12.0, 'width_m' => 0.25, 'height_m' => 0.95, 'upwind_m' => 17.0] + self::WALL;
        $unit = ['id' => 'chiller', 'kind' => 'unit', 'x_m' => 6.2, 'y_m' => 5.6, 'width_m' => 5.0, 'length_m' => 0.7, 'height_m' => 0.9, 'upwind_m' => 9.0] + self::WALL;
        $snowy = static fn (Scenario $roof, float $ground_Pa, array ...$features): Scenario => $roof->with('/site/ground_snow_Pa', $ground_Pa)->with('/surface/snow_features', array_values($features));
        $hip = static fn (Scenario $roof): Scenario => $roof->with('/surface/roof_kind', 'hip')->with('/surface/left_hip_m', 2.9)->with('/surface/right_hip_m', 2.3)->with('/block/x_m', 3.3);

        return [
            'gable' => $uneven->with('/kit/rail/stock_length_m', 3.3)->with('/rules/run_datum', 'first_member')->with('/rules/slope_datum', 'control_line')->with('/rules/control_line_m', 2.0)->with('/rules/inches_only', true),
            'gable-30-snow' => $snowy($uneven->with('/surface/pitch_rad', deg2rad(24.0)), 1700.0, $wall, $unit)->with('/site/free_slide_path', 'yes')->with('/site/roof_supports', 'other')->with('/surface/framing/lap', ['from_m' => 2.5, 'to_m' => 2.85, 'shift_m' => 0.0381])
                ->with('/rules/pattern', 'stacked')->with('/kit/rail/splice_moment_Nm', null)->with('/kit/rail/stock_length_m', 2.5)->with('/kit/clamp/up_N', 1476.0),
            'hip' => $hip($uneven)->with('/surface/pitch_rad', deg2rad(22))->with('/site/topography', 'hill')->with('/site/hill', ['shape' => 'ridge', 'height_m' => 31.0, 'half_length_m' => 90.0, 'from_crest_m' => 17.0, 'side' => 'upwind'])
                ->with('/rules/ridge_reading', 'ridge')->with('/rules/ridge_reading_by', 'E. Sorrel')->with('/rules/run_datum', 'right_rake')->with('/rules/slope_datum', 'ridge')->with('/block/columns', 3),
            // Under 15 ft, on a steep hill, with a lag of which the shank needs no hole, and signatures in somebody's presence.
            'steep' => $uneven->with('/surface/pitch_rad', deg2rad(38))->with('/site/mean_roof_height_m', 3.9)->with('/site/exposure', 'B')->with('/site/topography', 'hill')->with('/site/hill', ['shape' => 'escarpment', 'height_m' => 21.0, 'half_length_m' => 33.0, 'from_crest_m' => 41.0, 'side' => 'downwind'])
                ->with('/surface/covering/shingle_thickness_m', 0.02)->with('/kit/fastener/drill_guide', true)->with('/surface/framing/layout_from', 'right')->with('/confirmations', [
                    ['subject' => 'coefficient/asce7_16/velocity_pressure/kd', 'value' => '0.85', 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'our copy', 'account' => 'P. Lanner'], ['subject' => 'coefficient/asce7_16/velocity_pressure/kz', 'value' => '2.02', 'name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'another value'],
                ]),
            'low' => $uneven->with('/surface/pitch_rad', deg2rad(1.1))->with('/site/eave_to_ridge_m', $ft(58))->with('/site/building_width_m', $ft(117))->with('/site/thermal', 'unheated')->with('/surface/roof_kind', 'two_sided_gable'),
            'lrfd-own-hand' => self::of(Scenario::to('asce7-16 lrfd'))->with('/block/pins', [['line' => 'A', 'member' => 12]])->with('/block/bars', [['line' => null, 'member' => 10], ['line' => 'B', 'member' => 14]])->with('/rules/greatest_bay_m', 1.3)
                ->with('/site/array_holds_snow', 'yes')->with('/site/ground_snow_Pa', 1100.0)->with('/kit/fastener/pull_out_N', 3300.0),
            'drift-2022' => $snowy(self::of(Scenario::to('asce7-22')), 1500.0, $wall, $parapet)->with('/site/risk_category', 'III')->with('/site/combinations', 'lrfd')->with('/kit/capacities', 'design')->with('/kit/fastener/pull_out_N', 4200.0)->with('/kit/fastener/document', 'pull-out report 7'),
            'en-high' => $snowy($metric('en-1991')->with('/site/ground_elevation_m', 1130.0)->with('/site/en', ['basic_velocity_m_per_s' => 23.0, 'terrain' => 'III', 'orography' => 1.07, 'snow_set' => 'given', 'snow_zone' => null, 'timber' => 'C16'])
                ->with('/site/topography', 'factor'), 2100.0, $unit)->with('/site/ground_snow_kind', 'characteristic')->with('/surface/pitch_rad', deg2rad(33)),
            'en-flat' => $metric('en-1991')->with('/site/roof_exposure', 'sheltered')->with('/surface/roof_kind', 'flat')->with('/surface/pitch_rad', deg2rad(3))->with('/site/array_holds_snow', 'yes')->with('/site/en', ['basic_velocity_m_per_s' => 26.0, 'terrain' => 'I', 'orography' => null, 'snow_set' => 'de_2', 'snow_zone' => null, 'timber' => 'GL24h']),
            'as-nzs-shielded' => $hip($metric('as-nzs-1170-2011'))->with('/surface/pitch_rad', deg2rad(19))->with('/site/as_nzs', ['region' => 'C', 'terrain' => '2.5', 'shielding' => ['buildings' => 3, 'height_m' => 4.2, 'breadth_m' => 11.0], 'topographic_multiplier' => null]),
            'as-nzs-factor' => $metric('as-nzs-1170-2021')->with('/site/topography', 'factor')->with('/site/as_nzs', ['region' => 'A2', 'terrain' => '3', 'shielding' => null, 'topographic_multiplier' => 1.12])->with('/surface/framing/layout_from', 'right'),
            'given' => $snowy(self::of(Scenario::to('given'))->with('/given', ['roof_snow_Pa' => null] + Scenario::GIVEN)->with('/surface/higher_or_lower_roof', 'yes'), 1300.0, $higher),
            'given-service' => self::of(Scenario::to('given'))->with('/given', ['level' => 'service'] + Scenario::GIVEN)->with('/block/columns', 3)->with('/block/left_out', []),
            // A stiff steel foot without a lateral value of its maker, over thick shingles: the lag is computed over a gap.
            'lag-by-size' => $uneven->with('/kit/foot/base/lateral_N', null)->with('/kit/foot/base/lateral_document', '')->with('/kit/foot/base/material', 'steel_a36')->with('/kit/fastener/shank_hole', false)->with('/kit/fastener/diameter', '1/4')->with('/surface/covering/shingle_thickness_m', 0.012)
                ->with('/surface/framing/kind', 'rafter')->with('/surface/framing/span_m', 3.1)->with('/surface/framing/grade', 'no_2')->with('/surface/framing/depth_m', 0.1397)->with('/site/ground_snow_Pa', 900.0),
            'fails' => $uneven->with('/kit/foot/up_N', 350.0)->with('/kit/clamp/up_N', 300.0)->with('/kit/clamp/grips_both_rails', false)->with('/surface/dead_load_Pa', 150.0)->with('/site/ground_snow_Pa', 2600.0)->with('/module/mass_kg', 31.0)->with('/block/top_above_roof_m', 0.3),
            'metal' => Scenario::of('feijoa-lane')->with('/block/columns', 3)->with('/surface/covering', ['kind' => 'metal', 'rib_pitch_m' => 0.19, 'first_rib_m' => 0.11, 'rib_height_m' => 0.028] + Covering::TYPICAL['metal'])->with('/rules/greatest_bay_m', null)
                ->with('/surface/dead_load_Pa', 3000.0)->with('/surface/framing/own', [['number' => 3, 'x_m' => 1.913, 'from_m' => null, 'to_m' => null, 'plies' => 1, 'known' => 'probed', 'plus_minus_m' => 0.004]]),
            'up' => Scenario::of('feijoa-lane')->with('/block/columns', 3)->with('/block/orientation', 'landscape')->with('/block/arrangement', ['kind' => 'rails_up'])->with('/kit/foot/pad_width_m', 0.043)->with('/block/left_out', [['row' => 1, 'column' => 2]])
                ->with('/surface/covering', ['kind' => 'metal', 'rib_pitch_m' => 0.074, 'spaces_between' => 13] + Covering::TYPICAL['metal'])->with('/rules/greatest_bay_m', null)->with('/surface/dead_load_Pa', 3000.0),
            'cross' => Scenario::of('damson-terrace')->with('/block/arrangement', ['kind' => 'cross_rails', 'name' => 'Crossing', 'document' => 'data 5', 'up_N' => 2510.0, 'down_N' => 4030.0, 'along_N' => 907.0])->with('/block/columns', 3)->with('/block/left_out', [])->with('/block/x_m', 3.3)->with('/kit/foot/arm/aside_m', 0.127)->with('/rules/slope_datum', 'ridge'),
            'legs' => self::of(Scenario::to('given'))->with('/block/arrangement', ['kind' => 'tilt_legs', 'name' => 'Leg', 'document' => 'data 9', 'front_m' => 0.11, 'up_N' => 2510.0, 'down_N' => 4030.0, 'along_N' => 1907.0, 'bracing' => 'data 10'])
                ->with('/block/tilt_from_roof_rad', 0.19)->with('/block/columns', 4)->with('/block/left_out', [['row' => 1, 'column' => 3]])->with('/given', ['field_up_Pa' => 910.0] + Scenario::GIVEN),
            'shared' => $uneven->with('/block/arrangement', ['kind' => 'shared_rails'])->with('/kit/clamp/grips_both_rails', true)->with('/module/ratings', [['side' => 'short', 'from_m' => 0.051, 'to_m' => 0.249, 'down_Pa' => 5410.0, 'up_Pa' => 3590.0, 'basis' => 'test', 'factor' => 1.5, 'document' => 'manual 3', 'relation' => 'along']])
                ->with('/kit/foot/up_N', 4100.0),
            'tile' => Scenario::of('damson-terrace')->with('/block/left_out', [['row' => 2, 'column' => 1], ['row' => 2, 'column' => 5], ['row' => 1, 'column' => 5]])->with('/kit/foot/arm/aside_m', 0.127)->with('/rules/slope_datum', 'ridge'),
            'seams' => Scenario::of('quillwort-lane')->with('/surface/covering/first_seam_m', 0.21)->with('/block/columns', 4)->with('/surface/covering/fixed_point', null),
            'short' => Scenario::of('teasel-yard')->with('/block/columns', 3)->with('/surface/covering', ['first_rib_m' => 0.11, 'clear_m' => 0.31] + (array) json_decode((string) json_encode(Writer::toArray(Scenario::of('teasel-yard')->design()->surface->covering)), true))
                ->with('/block/arrangement', ['kind' => 'short_rails', 'piece_m' => 0.71, 'clear_m' => 0.033]),
            'butyl' => $uneven->with('/kit/foot', self::BUTYL)->with('/kit/fastener/pull_out_N', 1900.0),
            'deck' => $uneven->with('/kit/foot', ['deck_up_N' => 2310.0, 'deck_along_N' => 1190.0] + self::BUTYL)->with('/surface/framing/kind', 'deck_only')->with('/surface/framing/spacing_m', 0.2031)->with('/surface/framing/first_member_m', 0.113)->with('/block/arrangement', ['kind' => 'on_feet'])
                ->with('/block/orientation', 'landscape')->with('/block/columns', 3)->with('/block/left_out', [['row' => 2, 'column' => 2]])->with('/kit/clamp/grips_both_rails', true)->with('/kit/clamp/up_N', 3110.0)
                ->with('/module/ratings', [['side' => 'long', 'from_m' => 0.151, 'to_m' => 0.449, 'down_Pa' => 5410.0, 'up_Pa' => 3590.0, 'basis' => 'test', 'factor' => 1.5, 'document' => 'manual 3', 'relation' => 'at_feet']]),
            'refused' => Scenario::of('blank-survey')->with('/units', 'mm'),
        ];
    }

    private static function of(Scenario $scenario): Scenario
    {
        $in = static fn (float $inches): float => Length::ofInches($inches)->toMetres();

        return $scenario->with('/surface/setbacks', ['eave_m' => $in(17), 'left_m' => $in(31), 'ridge_m' => $in(13), 'right_m' => $in(37)])
            ->with('/surface/left_rake_overhang_m', $in(5))->with('/surface/right_rake_overhang_m', $in(7))->with('/surface/no_work_circles', [['id' => 'vent', 'kind' => 'pipe_vent', 'x_m' => 7.35, 'y_m' => 1.9, 'diameter_m' => 0.09, 'clearance_m' => 0.13]])
            ->with('/surface/no_work_rectangles', [['id' => 'window', 'kind' => 'skylight', 'x_m' => 9.1, 'y_m' => 1.9, 'width_m' => 0.8, 'height_m' => 1.1, 'clearance_m' => 0.17]])
            ->with('/surface/width_m', 11.9)->with('/site/building_length_m', 11.6)->with('/site/building_width_m', 12.9)->with('/block/rows', 2)->with('/block/columns', 4)->with('/block/left_out', [['row' => 2, 'column' => 4]])
            ->with('/block/x_m', 2.83)->with('/block/y_m', 0.91)->with('/block/column_gap_m', $in(0.8))->with('/block/row_gap_m', $in(1.1))->with('/surface/framing/first_member_m', 0.29)->with('/surface/framing/spacing_m', 0.407)->with('/kit/rail/section_modulus_x_m3', 3.6e-6)->with('/kit/rail/section_modulus_y_m3', 2.9e-6)->with('/kit/rail/second_moment_x_m4', 9.1e-8)
            ->with('/kit/foot/up_N', 2700.0)->with('/kit/clamp/up_N', 2900.0)->with('/kit/clamp/along_N', 940.0)->with('/kit/foot/along_N', 1730.0)->with('/kit/foot/base/lateral_N', 1410.0)->with('/surface/penetrations', [['id' => 'anchor-1', 'kind' => 'roof_anchor', 'note' => 'over truss 3', 'x_m' => 1.79, 'y_m' => 4.4], ['id' => 'pilot-1', 'kind' => 'missed_pilot', 'note' => 'beside member 8', 'x_m' => 8.9, 'y_m' => 0.7]])
            ->with('/kit/bolt/torque_Nm', 21.0)->with('/kit/clamp/torque_Nm', 12.5)->with('/module/ratings', [
                ['basis' => 'test', 'document' => 'sheet 2 (invented)', 'down_Pa' => 5100.0, 'factor' => 1.45, 'from_m' => 0.21, 'side' => 'long', 'to_m' => 0.46, 'up_Pa' => 3300.0],
                ['basis' => 'design', 'document' => 'sheet 3 (invented)', 'down_Pa' => 2900.0, 'factor' => 1.0, 'from_m' => 0.11, 'side' => 'long', 'to_m' => 0.55, 'up_Pa' => 1900.0],
            ]);
    }
}

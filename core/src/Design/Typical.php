<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Design\Surface\OwnMember;
use Garnetine\Core\Document\DocumentInvalid;

/** What an added entry starts as; every value is then changed in its sentence. */
final class Typical
{
    /** Parts of a design that may be open; all else that can be added to is a list. */
    public const PARTS = [
        '/surface/framing/lap', '/site/hill', '/site/en', '/site/as_nzs', '/site/as_nzs/shielding', '/given', '/fire', '/kit/foot/post', '/kit/under',
        '/kit/bonding', '/kit/edge_foot', '/kit/rail/spans',
        '/table/services', '/table/footing/doubling', '/table/soil/report', '/table/measured', '/table/sunshine', '/table/position', '/table/crew',
        '/table/place', '/table/bed',
        '/table/racking/resin', '/table/racking/brace', '/table/racking/stow',
    ];

    /**
     * An entry with an id of its own.
     *
     * @param list<mixed> $taken Ids of the list, or numbers
     *
     * @return array<string, mixed>
     *
     * @throws DocumentInvalid where nothing can be added
     */
    public static function entry(string $path, array $taken): array
    {
        $typical = self::at($path) ?? throw DocumentInvalid::at($path, 'a list or a part that can be added to', $path);
        if (is_string($typical['id'] ?? null)) {
            for ($number = count($taken) + 1; in_array($typical['id'].'-'.$number, $taken, true); ++$number);
            $typical['id'] .= '-'.$number;
        }
        if ($path === '/surface/framing/own') {
            for ($number = OwnMember::FIRST_MORE; in_array($number, $taken, true); ++$number);
            $typical['number'] = $number;
        }

        return $typical;
    }

    /** @return array<string, mixed>|null */
    private static function at(string $path): ?array
    {
        return self::onGround($path) ?? match ($path) {
            '/surface/no_work_rectangles' => [
                'id' => 'area', 'kind' => 'skylight', 'x_m' => 3.048, 'y_m' => 1.524, 'width_m' => 0.6096, 'height_m' => 0.9144, 'clearance_m' => 0.1524,
            ],
            '/surface/no_work_circles' => [
                'id' => 'vent', 'kind' => 'pipe_vent', 'x_m' => 3.048, 'y_m' => 1.524, 'diameter_m' => 0.1016, 'clearance_m' => 0.1524,
            ],
            '/surface/framing/own' => [
                'number' => OwnMember::FIRST_MORE, 'x_m' => 3.048, 'from_m' => null, 'to_m' => null, 'plies' => 1, 'known' => 'measured',
                'plus_minus_m' => null,
            ],
            '/surface/framing/lap' => ['from_m' => 2.4384, 'to_m' => 3.048, 'shift_m' => 0.0381],
            // It can only lower what the foot bears along the slope.
            '/kit/foot/post' => ['height_m' => 0.1016, 'section_modulus_m3' => 2.4580596e-6, 'allowable_stress_Pa' => 124_105_631.3],
            '/kit/edge_foot' => ['name' => 'Foot of the edge zones', 'document' => '', 'up_N' => null, 'down_N' => null, 'along_N' => null, 'screws' => 2],
            '/kit/rail/spans' => [
                'document' => '', 'basis' => 'allowable', 'direction' => 'normal', 'tributary_m' => 0.8382, 'overhang_share' => 0.33, 'rows' => [],
            ],
            '/kit/rail/spans/rows' => ['load_Pa' => 1436.4, 'span_m' => 1.2192],
            // Of a usual converter for one module, to be read off its paper.
            '/kit/under' => [
                'name' => 'Box, to be named', 'document' => '', 'modules_each' => 1, 'mass_kg' => 1.36, 'length_m' => 0.2286, 'clear_m' => 0.0762,
                'string_most' => null, 'string_least' => null, 'clips' => 2,
            ],
            '/kit/bonding' => [
                'name' => 'Lug, to be named', 'document' => '', 'metal' => 'tinned_copper', 'clamps_bond' => 'unknown', 'splices_bond' => 'unknown',
                'jumper' => '',
            ],
            '/module/ratings' => [
                'side' => 'long', 'from_m' => 0.2032, 'to_m' => 0.4572, 'down_Pa' => 2400.0, 'up_Pa' => 2400.0, 'basis' => 'design', 'factor' => 1.5,
                'document' => '',
            ],
            '/rules/remnants' => ['length_m' => 1.8288, 'count' => 1],
            '/block/pins' => ['line' => 'A', 'member' => 1], '/block/bars' => ['member' => 1, 'line' => null],
            '/surface/penetrations' => ['id' => 'hole', 'kind' => 'roof_anchor', 'x_m' => 3.048, 'y_m' => 1.524, 'note' => ''],
            '/surface/snow_features' => [
                'id' => 'tall', 'kind' => 'wall', 'x_m' => -0.3048, 'y_m' => 0.0, 'width_m' => 0.3048, 'length_m' => 6.096, 'height_m' => 1.2192,
                'upwind_m' => 9.144, 'higher_roof_m' => null, 'slides_from_m' => null,
            ],
            '/fire' => ['rule' => 'irc_2018', 'dwelling' => 'unknown', 'sprinklers' => 'unknown', 'roof_m2' => null],
            '/site/hill' => ['shape' => 'escarpment', 'height_m' => 18.288, 'half_length_m' => 45.72, 'from_crest_m' => 9.144, 'side' => 'downwind'],
            // What decides most is left open: the plan is refused until it is entered.
            '/site/en' => [
                'basic_velocity_m_per_s' => null, 'terrain' => 'II', 'orography' => null, 'snow_set' => 'given', 'snow_zone' => null, 'timber' => null,
            ],
            '/site/as_nzs' => ['region' => null, 'terrain' => '2', 'shielding' => null, 'topographic_multiplier' => null],
            '/site/as_nzs/shielding' => ['buildings' => 2, 'height_m' => 5.0, 'breadth_m' => 12.0],
            '/given' => [
                'document' => '', 'by' => '', 'on' => null, 'level' => 'strength', 'edge_m' => 1.2192, 'field_up_Pa' => null, 'eave_up_Pa' => null,
                'rake_up_Pa' => null,
                'ridge_up_Pa' => null, 'eave_corner_up_Pa' => null, 'ridge_corner_up_Pa' => null, 'down_Pa' => null, 'roof_snow_Pa' => null,
            ],
            default => null,
        };
    }

    /** @return array<string, mixed>|null */
    private static function onGround(string $path): ?array
    {
        if (preg_match('~^/site/(no_dig|soils)/\d+/corners$~', $path) === 1) {
            return ['east_m' => 0.0, 'north_m' => 0.0];
        }

        return match ($path) {
            '/site/no_dig' => [
                'what' => '', 'clear_m' => 0.3048, 'corners' => [
                    ['east_m' => 0.0, 'north_m' => 0.0], ['east_m' => 3.048, 'north_m' => 0.0], ['east_m' => 3.048, 'north_m' => 3.048],
                ],
            ],
            '/site/soils' => [
                'what' => '', 'kind' => 'unknown', 'source' => '',
                'corners' => [['east_m' => 0.0, 'north_m' => 0.0], ['east_m' => 6.096, 'north_m' => 0.0], ['east_m' => 6.096, 'north_m' => 6.096]],
            ],
            '/table/services' => ['ticket' => '', 'expires' => null, 'by' => ''],
            // Of the middle of most countries, to be entered by place and month.
            '/table/sunshine' => [
                'latitude_rad' => 0.6981317, 'january' => 0.5, 'february' => 0.5, 'march' => 0.5, 'april' => 0.5, 'may' => 0.5, 'june' => 0.5,
                'july' => 0.5, 'august' => 0.5, 'september' => 0.5, 'october' => 0.5, 'november' => 0.5, 'december' => 0.5, 'albedo' => 0.2,
            ],
            '/table/sunshine/horizon' => ['bearing_rad' => 3.1415927, 'elevation_rad' => 0.1745329],
            '/table/bed' => ['thick_m' => 0.1016, 'past_m' => 0.3048],
            '/table/seasons' => ['from' => '04-15', 'tilt_rad' => 0.2617994],
            '/table/place' => ['east_m' => 0.0, 'north_m' => 0.0],
            '/site/buried' => ['what' => '', 'from_east_m' => 0.0, 'from_north_m' => 0.0, 'to_east_m' => 3.048, 'to_north_m' => 0.0, 'clear_m' => 0.6096],
            '/table/position' => ['latitude_rad' => 0.6981317, 'longitude_rad' => 0.0, 'on' => null, 'clock_ahead' => null],
            '/table/measured' => ['diagonal_m' => null, 'other_diagonal_m' => null, 'front_m' => null, 'right_m' => null, 'rear_m' => null, 'left_m' => null],
            '/table/soil/report' => [
                'document' => '', 'by' => '', 'bearing_Pa' => null, 'lateral_Pa' => null, 'lateral_at_m' => 0.3048, 'side_Pa' => null,
                'friction' => null, 'cohesion_Pa' => null,
            ],
            '/table/footing/doubling' => ['by' => '', 'why' => ''],
            // Lengths of a steel angle, to be read off its document.
            '/table/racking/brace' => [
                'name' => 'Brace, to be named', 'document' => '', 'front_at_m' => 0.5588, 'rear_at_m' => 0.1524, 'area_m2' => 3.0e-4, 'modulus_Pa' => 2.0e11,
                'pull_N' => null, 'push_N' => null,
            ],
            '/table/racking/tests/each' => ['up_N' => 4448.2216],
            // Of a usual paper, to be read off the one in hand.
            '/table/racking/resin' => [
                'document' => '', 'pot_minutes' => 45.0, 'mix_minutes' => 2.0, 'each_minutes' => 3.0, 'batch_litres' => 6.0, 'spike_litres' => 0.9,
                'wait_hours' => 24.0, 'coldest_celsius' => 5.0, 'day_celsius' => 24.0,
            ],
            '/table/racking/stow' => ['up_to_m_per_s' => 22.352, 'sensor' => '', 'without_power' => '', 'by' => ''],
            '/table/built' => ['post' => 'A1', 'depth_m' => 0.9144, 'by' => '', 'on' => null],
            '/table/ground/levels' => ['front_m' => 0.0, 'rear_m' => 0.0],
            // Minutes of nobody's job, to be entered from one's own.
            '/table/crew' => [
                'from' => null, 'people' => 3, 'daily_hours' => 8.0, 'weekends' => false, 'stake_minutes' => 10.0, 'square_minutes' => 45.0,
                'hole_minutes' => 40.0, 'set_minutes' => 25.0, 'bag_minutes' => 6.0, 'member_minutes' => 20.0, 'module_minutes' => 12.0,
                'air_celsius' => 15.0, 'gust_limit_m_per_s' => 8.9408,
            ],
            '/table/crew/forecast' => ['on' => null, 'rain' => true, 'gust_m_per_s' => 0.0],
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** What a table of another kind begins with: sizes to be entered, and nothing of what only its documents and tests can say. */
final class TypicalRacking
{
    private const NO_HOLDS = [
        'document' => '', 'clamp_up_N' => null, 'rail_moment_Nm' => null, 'rail_up_N' => null, 'rail_along_N' => null, 'tee_up_N' => null,
        'tee_across_N' => null,
    ];
    private const NO_BRACKET = ['document' => '', 'clamp_up_N' => null, 'up_N' => null, 'moment_Nm' => null, 'across_Nm' => null, 'torque_Nm' => null];
    private const NO_TESTS = ['document' => '', 'embedment_m' => 1.2192, 'representative' => 'unknown', 'each' => []];
    private const TIMBER = [
        'name' => 'Timber, to be named', 'document' => '', 'bending_Pa' => null, 'tension_Pa' => null, 'compression_Pa' => null, 'shear_Pa' => null,
        'modulus_Pa' => null, 'least_modulus_Pa' => null, 'incised' => 'unknown', 'stock_m' => 3.048,
    ];
    private const SECTION = [
        'name' => 'Section, to be named', 'document' => '', 'width_m' => 0.1016, 'moment_Nm' => null, 'shear_N' => null, 'axial_N' => null,
        'second_moment_m4' => null,
    ];
    private const PIPE = ['name' => 'Pipe, to be named', 'document' => '', 'outside_m' => 0.060325, 'wall_m' => null, 'yield_Pa' => null, 'stock_m' => 6.4008];
    private const ROWS = [
        'posts' => 3, 'end_overhang_m' => 0.3556, 'between_m' => 1.524, 'front_height_m' => 0.6096, 'offset_m' => 0.0762, 'joints' => 'at_posts',
        'dead_Pa' => 71.8204, 'holds' => self::NO_HOLDS,
    ];

    /** Sizes that a kind begins with, to be entered. */
    public const OF = [
        'pipe_table' => self::ROWS + [
            'front_pipe_m' => 0.7112, 'post' => self::PIPE, 'beam' => self::PIPE, 'seat_m' => 0.0381, 'cross_bolt' => 'unknown', 'cut' => 'before',
        ],
        'timber_table' => self::ROWS + [
            'front_beam_m' => 0.7112, 'front_post' => self::TIMBER + ['breadth_m' => 0.0889, 'depth_m' => 0.0889],
            'rear_post' => self::TIMBER + ['breadth_m' => 0.1397, 'depth_m' => 0.0889],
            'girder' => self::TIMBER + ['breadth_m' => 0.0381, 'depth_m' => 0.18415],
            'bolt_m' => 0.0127, 'above_m' => 0.1016, 'cross_bolt' => 'unknown',
        ],
        'pile_table' => self::ROWS + [
            'front_purlin_m' => 0.7112, 'pile' => self::SECTION, 'purlin' => self::SECTION, 'adjusts_m' => 0.0381, 'tests' => self::NO_TESTS,
        ],
        'pile_row' => [
            'posts' => 4, 'end_overhang_m' => 0.6096, 'purlin_at_m' => 0.3556, 'head_height_m' => 1.2192, 'offset_m' => 0.1524, 'pile' => self::SECTION,
            'strut' => self::SECTION, 'purlin' => self::SECTION, 'joints' => 'at_posts', 'adjusts_m' => 0.0381, 'dead_Pa' => 71.8204,
            'row_holds' => [
                'document' => '', 'clamp_up_N' => null, 'purlin_up_N' => null, 'purlin_along_N' => null, 'head_up_N' => null, 'head_moment_Nm' => null,
            ],
            'tests' => self::NO_TESTS,
        ],
        'single_post' => [
            'head_height_m' => 1.524, 'offset_m' => 0.0762, 'stick' => self::TIMBER + ['breadth_m' => 0.0889, 'depth_m' => 0.0889],
            'bracket' => self::NO_BRACKET, 'dead_Pa' => 47.8803, 'cross_bolt' => 'unknown',
        ],
        'spike_frames' => [
            'document' => '', 'front_foot_m' => 0.2, 'between_m' => 1.2192, 'edge_height_m' => 0.3048, 'thick_m' => 0.0381, 'under_m' => 0.0127,
            'conduit_over_m' => 0.0508, 'bolt_at_m' => 0.3556, 'bolts_up_N' => null, 'foot_up_N' => null, 'foot_across_N' => null, 'dead_Pa' => 47.8803,
            'tests' => self::NO_TESTS,
        ],
        'ballast_frames' => [
            'document' => '', 'front_foot_m' => 0.2, 'between_m' => 1.2192, 'edge_height_m' => 0.3048, 'thick_m' => 0.0381, 'under_m' => 0.0127,
            'conduit_over_m' => 0.0508, 'bolt_at_m' => 0.3556, 'bolts_up_N' => null, 'foot_up_N' => null, 'foot_across_N' => null, 'dead_Pa' => 71.8204,
            'tray_long_m' => 0.6096, 'tray_wide_m' => 0.4572, 'block_kg' => 15.0, 'most_blocks' => 12,
        ],
        'pole' => [
            'head_height_m' => 2.4384, 'offset_m' => 0.1016, 'steepest_rad' => 1.047197551, 'mast' => self::PIPE, 'bracket' => self::NO_BRACKET,
            'dead_Pa' => 119.7007,
            'block' => ['side_m' => 1.2192, 'other_side_m' => 1.2192, 'thick_m' => 0.9144, 'above_m' => 0.1016],
            'anchors' => ['document' => '', 'count' => 4, 'lever_m' => 0.254, 'tension_N' => null, 'shear_N' => null],
        ],
    ];
}

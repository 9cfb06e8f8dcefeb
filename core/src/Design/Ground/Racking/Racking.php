<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** What carries the modules of a table and stands on the ground. A further kind is a class, a line here and what plans it. */
interface Racking
{
    public const KINDS = [
        'pipe_table' => PipeTable::class,
        'timber_table' => TimberTable::class,
        'pile_table' => PileTable::class,
        'pile_row' => PileRow::class,
        'single_post' => SinglePost::class,
        'spike_frames' => SpikeFrames::class,
        'ballast_frames' => BallastFrames::class,
        'pole' => Pole::class,
    ];

    /** What was proven for one kind is not for another. */
    public const ANEW = [
        'holds/document' => '', 'holds/clamp_up_N' => null, 'holds/rail_moment_Nm' => null, 'holds/rail_up_N' => null, 'holds/rail_along_N' => null,
        'holds/tee_up_N' => null, 'holds/tee_across_N' => null,
        'row_holds/document' => '', 'row_holds/clamp_up_N' => null, 'row_holds/purlin_up_N' => null, 'row_holds/purlin_along_N' => null,
        'row_holds/head_up_N' => null, 'row_holds/head_moment_Nm' => null,
        'bracket/document' => '', 'bracket/clamp_up_N' => null, 'bracket/up_N' => null, 'bracket/moment_Nm' => null, 'bracket/across_Nm' => null,
        'bracket/torque_Nm' => null,
        'brace' => null,
        'tests/document' => '', 'tests/each' => [], 'cross_bolt' => 'unknown',
    ];

    public const TYPICAL = TypicalRacking::OF;
}

import { ballastFrames } from '@/ground/kinds/BallastFrames';
import { pileRow } from '@/ground/kinds/PileRow';
import { pileTable } from '@/ground/kinds/PileTable';
import { pipeTable } from '@/ground/kinds/PipeTable';
import { pole } from '@/ground/kinds/Pole';
import type { KindSheets } from '@/ground/kinds/parts';
import { singlePost } from '@/ground/kinds/SinglePost';
import { spikeFrames } from '@/ground/kinds/SpikeFrames';
import { timberTable } from '@/ground/kinds/TimberTable';

/** What each kind of table says; a further kind is a file and a line here. */
export const kinds: Record<string, KindSheets> = {
    pipe_table: pipeTable,
    timber_table: timberTable,
    pile_table: pileTable,
    pile_row: pileRow,
    single_post: singlePost,
    spike_frames: spikeFrames,
    ballast_frames: ballastFrames,
    pole,
};

import { Slot } from '@/desk/Slot';
import { FramesOnConduit, type KindSheets } from '@/ground/kinds/parts';
import { Say } from '@/stages/parts';

function Carries() {
    return <FramesOnConduit foot="tray" />;
}

function Stands() {
    return (
        <>
            <Say>
                Every foot is a tray that lies on the ground, <Slot path="/table/racking/tray_long_m" /> from the low edge to the
                high one and <Slot path="/table/racking/tray_wide_m" /> along the row, its middle under the foot.
            </Say>
            <Say>
                Blocks of <Slot path="/table/racking/block_kg" />, the least that was weighed, hold them down for good; a tray has
                room for <Slot path="/table/racking/most_blocks" />. The fewest that hold are planned.
            </Say>
        </>
    );
}

export const ballastFrames: KindSheets = { Carries, Stands, feet: ['tray', 'trays'], isWithoutHoles: true };

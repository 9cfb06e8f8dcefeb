import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { Part, Say } from '@/stages/parts';

/** Holes for posts in concrete, and what the soil may be asked besides. */
export function HoleSentences() {
    const { data } = useDesk();
    return (
        <>
            <Say>
                Holes of <Slot path="/table/footing/hole_m" /> in <strong>{data.fields['/table/soil/kind']?.text}</strong>, filled
                from <Slot path="/table/footing/bag" />.
            </Say>
            <Part path="/table/footing/doubling" open="Half an inch of sway at the ground harms nothing" close="take that back">
                <Say>
                    <Slot path="/table/footing/doubling/by" open="Who?" /> stands for it that half an inch of sway at the ground
                    harms nothing: <Slot path="/table/footing/doubling/why" open="why?" />. What the soil bears sideways is
                    doubled.
                </Say>
            </Part>
        </>
    );
}

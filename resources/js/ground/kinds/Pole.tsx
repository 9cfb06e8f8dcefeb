import { Slot } from '@/desk/Slot';
import { Bracket, type KindSheets, Pipe } from '@/ground/kinds/parts';
import { Part, Say } from '@/stages/parts';

function Carries() {
    return (
        <>
            <h3 className="mt-5">A head on a pole</h3>
            <Say>
                The head with its frame weighs <Slot path="/table/racking/dead_Pa" />; its modules lie{' '}
                <Slot path="/table/racking/offset_m" /> over the pivot and are never tilted steeper than{' '}
                <Slot path="/table/racking/steepest_rad" />.
            </Say>
            <Bracket />
            <Part path="/table/racking/stow" open="It lies flat before the wind comes" close="take that back">
                <Say>
                    From <Slot path="/table/racking/stow/up_to_m_per_s" /> on, counted as the site’s wind, it lies flat, sensed by{' '}
                    <Slot path="/table/racking/stow/sensor" open="what?" />; without power{' '}
                    <Slot path="/table/racking/stow/without_power" open="what happens?" />.{' '}
                    <Slot path="/table/racking/stow/by" open="Who?" /> stands for that.
                </Say>
            </Part>
        </>
    );
}

function Stands() {
    return (
        <>
            <Say>
                The pivot stands <Slot path="/table/racking/head_height_m" /> over the ground. <Pipe at="mast">The pole is</Pipe>,
                in lengths of <Slot path="/table/racking/mast/stock_m" />.
            </Say>
            <Say>
                The block is <Slot path="/table/racking/block/side_m" /> by <Slot path="/table/racking/block/other_side_m" />,{' '}
                <Slot path="/table/racking/block/thick_m" /> thick, <Slot path="/table/racking/block/above_m" /> of it over the
                ground, filled from <Slot path="/table/footing/bag" />.
            </Say>
            <Say>
                By <Slot path="/table/racking/anchors/document" open="no document" /> <Slot path="/table/racking/anchors/count" />{' '}
                anchor bolts in two lines, the pulled ones <Slot path="/table/racking/anchors/lever_m" /> from the pressed edge,
                each bear <Slot path="/table/racking/anchors/tension_N" open="?" /> pulled and{' '}
                <Slot path="/table/racking/anchors/shear_N" open="?" /> sheared (ASD).
            </Say>
        </>
    );
}

export const pole: KindSheets = { Carries, Stands, isWithoutHoles: true };

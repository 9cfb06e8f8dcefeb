import { Slot } from '@/desk/Slot';
import { HoleSentences } from '@/ground/HoleSentences';
import { Braced, Holds, type KindSheets, Rows, Timber } from '@/ground/kinds/parts';
import { Say } from '@/stages/parts';

function Carries() {
    return (
        <>
            <h3 className="mt-5">Struts on timber beams</h3>
            <Say>
                Struts run up the slope, two under each column, their modules <Slot path="/table/racking/offset_m" /> over the
                beams’ centres. The front beam lies <Slot path="/table/racking/front_beam_m" /> up the slope, the rear one{' '}
                <Slot path="/table/racking/between_m" /> behind it on the level. Struts and beams weigh{' '}
                <Slot path="/table/racking/dead_Pa" />.
            </Say>
            <Timber at="girder">The beams stand upright and are</Timber>
            <Say>
                They are <Slot path="/table/racking/joints" />, held by bolts of <Slot path="/table/racking/bolt_m" />.
            </Say>
            <Holds beam="beam" joint="a beam on its post" />
        </>
    );
}

function Stands() {
    return (
        <>
            <Rows thing="posts" />
            <Braced />
            <Timber at="front_post">The front posts are</Timber>
            <Timber at="rear_post">The rear posts are</Timber>
            <Say>
                A bolt or notches hold them in the concrete: <Slot path="/table/racking/cross_bolt" />.
            </Say>
            <HoleSentences />
        </>
    );
}

function Sets() {
    return (
        <Say>
            Posts are cut where they stand, <Slot path="/table/racking/above_m" /> over the centre of the beam on their side.
        </Say>
    );
}

export const timberTable: KindSheets = { Carries, Stands, Sets, levels: 2 };

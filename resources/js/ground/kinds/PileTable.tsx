import { Slot } from '@/desk/Slot';
import { Braced, HeadsMove, Holds, type KindSheets, PullTests, Rows, Section } from '@/ground/kinds/parts';
import { Say } from '@/stages/parts';

function Carries() {
    return (
        <>
            <h3 className="mt-5">Rails on beams</h3>
            <Say>
                Rails run up the slope, two under each column, their modules <Slot path="/table/racking/offset_m" /> over the
                beams’ centres. The front beam lies <Slot path="/table/racking/front_purlin_m" /> up the slope, the rear one{' '}
                <Slot path="/table/racking/between_m" /> behind it on the level. Rails and beams weigh{' '}
                <Slot path="/table/racking/dead_Pa" />.
            </Say>
            <Section at="purlin">The beams are</Section>
            <Say>
                They are <Slot path="/table/racking/joints" />.
            </Say>
            <Holds beam="beam" joint="a head on its pile" />
        </>
    );
}

function Stands() {
    return (
        <>
            <Rows thing="piles" />
            <Braced />
            <Section at="pile">The piles or screws are</Section>
            <PullTests />
        </>
    );
}

export const pileTable: KindSheets = { Carries, Stands, Sets: HeadsMove, levels: 2 };

import { Slot } from '@/desk/Slot';
import { HeadsMove, type KindSheets, PullTests, Section } from '@/ground/kinds/parts';
import { Say } from '@/stages/parts';

function Carries() {
    const at = '/table/racking/row_holds';
    return (
        <>
            <h3 className="mt-5">Purlins on struts</h3>
            <Say>
                Under each row of modules two purlins run along the row, <Slot path="/table/racking/purlin_at_m" /> from the ends
                of the modules, on struts across the heads of the piles. The modules lie <Slot path="/table/racking/offset_m" />{' '}
                over those heads. Purlins, struts and heads weigh <Slot path="/table/racking/dead_Pa" />.
            </Say>
            <Section at="purlin">The purlins are</Section>
            <Say>
                They are <Slot path="/table/racking/joints" />.
            </Say>
            <Section at="strut">The struts are</Section>
            <Say>
                By <Slot path={`${at}/document`} open="no document" /> (ASD) a clamp bears{' '}
                <Slot path={`${at}/clamp_up_N`} open="?" /> lifted, a purlin on a strut{' '}
                <Slot path={`${at}/purlin_up_N`} open="?" /> lifted and <Slot path={`${at}/purlin_along_N`} open="?" /> sliding, a
                strut on its pile <Slot path={`${at}/head_up_N`} open="?" /> lifted and{' '}
                <Slot path={`${at}/head_moment_Nm`} open="?" /> bent to the low or high edge.
            </Say>
        </>
    );
}

function Stands() {
    return (
        <>
            <Say>
                <Slot path="/table/racking/posts" /> piles stand in one row under the middle of the modules, in bays of{' '}
                <Slot path="/table/racking/bay_m" open="one length" />, the ends hanging{' '}
                <Slot path="/table/racking/end_overhang_m" /> over. Their heads are <Slot path="/table/racking/head_height_m" />{' '}
                over the highest ground.
            </Say>
            <Section at="pile">The piles or screws are</Section>
            <PullTests />
        </>
    );
}

export const pileRow: KindSheets = { Carries, Stands, Sets: HeadsMove, levels: 1 };

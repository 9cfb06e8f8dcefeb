import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import { Catalogue } from '@/stages/Catalogue';
import { AddButton, Each, Say } from '@/stages/parts';

/** What seals under a foot without a flashing. */
const under = {
    butt: 'The butyl under a base seals all of its screws',
    batten: 'A tape under the plate seals the screws of every hook',
    rib: 'A pad lies under every foot',
    purlin: 'A pad lies under every foot',
    course: 'A tape under the plate seals the screws of every hook',
    seam: 'Nothing is pierced: clamps grip the seams',
    place: 'Butyl under the base seals its screws',
};

export function HolesSheet() {
    return (
        <>
            <h2 className="text-[1.2rem]">Holes</h2>
            <Seals />
            <Say>
                Above the array, so that its water runs over it: <Slot path="/surface/run_off" />.
            </Say>
            <Catalogue part="sealant" what="Sealants" />
            <h3 className="mt-5">Other holes</h3>
            <Each list="/surface/penetrations">
                {(at) => (
                    <>
                        A <Slot path={`${at}/kind`} />, “<Slot path={`${at}/id`} />
                        ”, <Slot path={`${at}/x_m`} /> from the left, <Slot path={`${at}/y_m`} /> up:{' '}
                        <Slot path={`${at}/note`} open="no note" />.
                    </>
                )}
            </Each>
            <AddButton path="/surface/penetrations">Add a hole</AddButton>
            <h3 className="mt-5">At each foot</h3>
            <AtEachFoot />
        </>
    );
}

/** What seals a foot, and other holes. */
function Seals() {
    const { data } = useDesk();
    return (
        <>
            {data.fields['/kit/foot/flashing/width_m'] === undefined ? (
                <Say>
                    {under[data.stand === 'member' ? (data.course ?? 'butt') : data.stand]}
                    {data.fields['/kit/foot/slot_m'] !== undefined && (
                        <>
                            ; the slot gives <Slot path="/kit/foot/slot_m" /> up and down the slope, each way
                        </>
                    )}
                    .
                </Say>
            ) : (
                <Say>
                    The hole lies <Slot path="/kit/foot/hole_offset_m" /> above the rail; the flashing,{' '}
                    <Slot path="/kit/foot/flashing/width_m" /> wide and <Slot path="/kit/foot/flashing/thickness_m" /> thick,
                    reaches <Slot path="/kit/foot/flashing/below_m" /> below it and <Slot path="/kit/foot/flashing/above_m" />{' '}
                    above. The maker wants <Slot path="/kit/foot/flashing/makers_cover_m" open="(missing)" /> under the course
                    above; the slot gives <Slot path="/kit/foot/slot_m" /> each way.
                </Say>
            )}
            <Say>
                {data.fields['/kit/foot/flashing/width_m'] === undefined ? 'Other holes are sealed' : 'Sealed'} with{' '}
                <Slot path="/kit/sealant/name" />, <Slot path="/kit/sealant/base" />, by <Slot path="/kit/sealant/document" />,
                from <Slot path="/kit/sealant/applied_from_celsius" open="(not entered)" /> to{' '}
                <Slot path="/kit/sealant/applied_to_celsius" open="(not entered)" />. A tube holds{' '}
                <Slot path="/kit/sealant/tube_litres" open="(not counted)" /> litres
                {data.fields['/kit/foot/flashing/width_m'] !== undefined && (
                    <>
                        , laid in beads of <Slot path="/kit/sealant/bead_m" open="(not entered)" />
                    </>
                )}
                .
            </Say>
        </>
    );
}

function AtEachFoot() {
    const { data } = useDesk();
    return (
        <ol className="mt-1 list-decimal space-y-1.5 pl-5 text-[0.93rem] leading-snug">
            {data.steps
                .filter((step) => step.at_foot)
                .map((step) => (
                    <li key={step.code}>
                        {step.text}
                        {step.cautions.map((caution) => (
                            <p key={caution} className="mt-1 border-ochre border-l-4 bg-ochre/8 pl-2">
                                <strong>Caution:</strong> {caution}
                            </p>
                        ))}
                    </li>
                ))}
        </ol>
    );
}

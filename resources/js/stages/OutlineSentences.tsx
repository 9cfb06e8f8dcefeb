import { useState } from 'react';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Slot } from '@/desk/Slot';
import { Each, Say } from '@/stages/parts';

/** The shape of the plane: a rectangle, between hips, or by its corners, drawn or off a tape. */
export function OutlineSentences() {
    const { data, edit } = useDesk();
    const corners = data.lists['/surface/outline'] ?? 0;
    if (corners === 0) {
        return (
            <>
                <Say>
                    It is <Slot path="/surface/width_m" /> along the eave and <Slot path="/surface/slope_length_m" /> up the
                    slope. It overhangs the eave by <Slot path="/surface/eave_overhang_m" />, the left rake by{' '}
                    <Slot path="/surface/left_rake_overhang_m" />, the right by <Slot path="/surface/right_rake_overhang_m" />.
                </Say>
                {data.fields['/surface/roof_kind']?.value === 'hip' && (
                    <Say>
                        Up to the ridge its left edge leans in by <Slot path="/surface/left_hip_m" />, its right by{' '}
                        <Slot path="/surface/right_hip_m" /> (0 where it is a rake).
                    </Say>
                )}
                <p className="mt-2">
                    <EditAct onClick={() => void edit([{ command: 'corners' }])}>Draw it by its corners</EditAct>
                </p>
                <FromTape />
            </>
        );
    }
    return (
        <>
            <Say>
                By its corners it is {data.fields['/surface/width_m']?.text} wide and{' '}
                {data.fields['/surface/slope_length_m']?.text} up the slope. They go round counter-clockwise, from the left rake
                and the eave; they can be moved on the sheet.
            </Say>
            <Each list="/surface/outline">
                {(at) => (
                    <>
                        At <Slot path={`${at}/x_m`} /> and <Slot path={`${at}/y_m`} /> up begins the <Slot path={`${at}/edge`} />,
                        kept free <Slot path={`${at}/setback_m`} />, overhanging <Slot path={`${at}/overhang_m`} />.{' '}
                        <EditAct onClick={() => void edit([{ corner: { after: Number(at.split('/').pop()) } }])}>
                            a corner in it
                        </EditAct>
                    </>
                )}
            </Each>
            <p className="mt-2">
                <EditAct onClick={() => void edit([{ path: '/surface/outline', value: [] }])}>A rectangle again</EditAct>
            </p>
            <FromTape />
        </>
    );
}

/** Edges and diagonals as a tape tells them; one more diagonal proves that they close. */
function FromTape() {
    const { edit, may, faults, giveUp } = useDesk();
    const fault = faults['/surface/outline'];
    const [tape, setTape] = useState({ edges: '', diagonals: '', proof: '' });
    if (!may('update')) {
        return null;
    }
    const line = (key: keyof typeof tape, label: string, example: string) => (
        <label className="mt-1.5 block text-[0.93rem]">
            {label}
            <input
                className="block w-full border border-line bg-paper px-2 py-1"
                value={tape[key]}
                placeholder={example}
                onChange={(event) => setTape({ ...tape, [key]: event.target.value })}
            />
        </label>
    );
    return (
        <details className="mt-2">
            <summary className="why">Lay it out from a tape</summary>
            {line('edges', 'Edges, from the lower left along the eave', '40 ft, 16 ft 8 in, 39 ft 10 in, 16 ft 10 in')}
            {line('diagonals', 'Diagonals from the lower left, but to its neighbours', '42 ft 11 in')}
            {line('proof', 'From the second corner to the fourth, to prove it', '43 ft 8 in')}
            <p className="mt-2">
                <EditAct onClick={() => void edit([{ tape }])}>Lay it out</EditAct>
            </p>
            {fault !== undefined && (
                <p role="alert" className="tone-fails border-l-4 border-garnet pl-2 text-[0.87rem]">
                    Expected {fault.expected}; found {fault.found}.{' '}
                    <button type="button" className="act act-small" onClick={() => giveUp('/surface/outline')}>
                        Leave it
                    </button>
                </p>
            )}
        </details>
    );
}

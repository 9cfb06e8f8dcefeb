import { useState } from 'react';
import { preview, Refused } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Slot } from '@/desk/Slot';
import { Each, FileChoice, Say } from '@/stages/parts';
import type { Sheet } from '@/types/desk';

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
                <FromFile />
            </>
        );
    }
    return (
        <>
            <Say>
                By its corners it is {data.fields['/surface/width_m']?.text} wide and{' '}
                {data.fields['/surface/slope_length_m']?.text} up the slope. They go round counter-clockwise, places counted from
                the left and the eave; they can be moved on the sheet.
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
            <FromFile />
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

/** A table of corners or a drawing, shown as it was understood before it is taken. */
function FromFile() {
    const { job, data, edit, may } = useDesk();
    const [read, setRead] = useState<{ name: string; text: string; sheet: Sheet | null; says: string } | null>(null);
    if (!may('update')) {
        return null;
    }
    const look = async (file: File) => {
        if (file.size > 2_000_000) {
            setRead({ name: file.name, text: '', sheet: null, says: 'The file is larger than 2 MB.' });
            return;
        }
        const text = await file.text();
        setRead({ name: file.name, text, sheet: null, says: 'Reading …' });
        preview(job, data.design.id, [{ points: text }], null).then(
            (planned) => setRead({ name: file.name, text, sheet: planned.sheet, says: '' }),
            (error: Error) =>
                setRead({
                    name: file.name,
                    text,
                    sheet: null,
                    says: error instanceof Refused ? told(error) : 'It could not be read.',
                }),
        );
    };
    return (
        <details className="mt-2">
            <summary className="why">Take it from a file</summary>
            <FileChoice accept=".csv,.txt,.dxf" onFile={(file) => void look(file)}>
                A table with columns x_mm and y_mm (or _m, _in, _ft), and “edge” if you like; or a drawing (DXF) with one closed
                outline. x along the eave, square to the plane.
            </FileChoice>
            {read !== null && (
                <div className="mt-2 text-[0.93rem]">
                    <p role="status">
                        {read.name}
                        {read.says === '' ? '' : `: ${read.says}`}
                    </p>
                    {read.sheet !== null && (
                        <>
                            <Understood sheet={read.sheet} />
                            <p className="mt-1 flex gap-2">
                                <EditAct
                                    onClick={() => {
                                        void edit([{ points: read.text }]);
                                        setRead(null);
                                    }}
                                >
                                    Take it
                                </EditAct>
                                <button type="button" className="act act-small" onClick={() => setRead(null)}>
                                    Leave it
                                </button>
                            </p>
                        </>
                    )}
                </div>
            )}
        </details>
    );
}

const told = (error: Refused) =>
    error.faults.map((one) => `expected ${one.expected}; found ${one.found}`).join('. ') || error.message;

/** The last of its chains is the whole. */
const whole = (chains: { text: string }[][]) => chains[chains.length - 1]?.[0]?.text ?? '';

/** The outline that was read, with its corners and its size. */
function Understood({ sheet }: { sheet: Sheet }) {
    const k = Math.min(220 / sheet.width_m, 120 / sheet.length_m);
    const at = ([x, y]: [number, number]) => [8 + x * k, 8 + (sheet.length_m - y) * k] as const;
    const middle = [8 + (sheet.width_m * k) / 2, 8 + (sheet.length_m * k) / 2] as const;
    return (
        <figure>
            <svg
                width={sheet.width_m * k + 16}
                height={sheet.length_m * k + 16}
                role="img"
                aria-label={`Outline with ${sheet.outline.length} corners`}
            >
                <polygon
                    points={sheet.outline.map((corner) => at(corner).join(',')).join(' ')}
                    fill="var(--color-sheet)"
                    stroke="var(--color-ink)"
                />
                {sheet.outline.map((corner, index) => {
                    const [px, py] = at(corner);
                    // Inside its corner.
                    const [x, y] = [px + Math.sign(middle[0] - px) * 9, py + Math.sign(middle[1] - py) * 9];
                    return (
                        <text key={corner.join()} x={x} y={y} fontSize={11} textAnchor="middle" dy="0.35em">
                            {index + 1}
                        </text>
                    );
                })}
            </svg>
            <figcaption>
                {sheet.outline.length} corners: {sheet.edges.join(', ')}; {whole(sheet.dimensions.across)} wide,{' '}
                {whole(sheet.dimensions.up)} up the slope.
            </figcaption>
        </figure>
    );
}

import { useState } from 'react';
import { fill, Refused } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { Filled } from '@/types/desk';

/** The most modules on the plane, either way they lie, beside the block as it is; one click takes one. */
export function Filling() {
    const { job, data, edit, may, busy } = useDesk();
    const [filled, setFilled] = useState<{ of: number; ways: Filled } | null>(null);
    const [says, setSays] = useState('');
    if (!may('update')) {
        return null;
    }
    const look = () => {
        setSays('Trying places of the grid …');
        fill(job, data.design.id).then(
            (ways) => {
                setFilled({ of: data.design.id, ways });
                setSays(ways.ways.length === 0 ? 'There is no room for a module.' : '');
            },
            (error: Error) => setSays(error instanceof Refused ? error.message : 'It could not be tried.'),
        );
    };
    const shown = filled !== null && filled.of === data.design.id ? filled.ways : null;
    return (
        <div className="mt-3">
            <button type="button" className="act act-small" disabled={busy} onClick={look}>
                Fill the plane
            </button>
            <p role="status" className="text-[0.93rem] text-muted">
                {says}
            </p>
            {shown !== null && shown.ways.length > 0 && (
                <ul className="mt-1 text-[0.93rem]">
                    {[shown.now, ...shown.ways].map((way) => (
                        <li key={way.name} className="border-line border-b py-1.5" data-way={way.name}>
                            <span className="font-semibold">{way.name}</span>: <span data-count>{way.modules}</span> modules,{' '}
                            {way.feet} feet,{' '}
                            <span className={`tone-${way.tone} font-semibold whitespace-nowrap`}>
                                {way.word} {way.tone === 'fails' ? '' : way.reserve}
                            </span>{' '}
                            {way.edits.length > 0 && <EditAct onClick={() => void edit(way.edits)}>Take it</EditAct>}
                            {way.news !== null && <span className="block text-muted">{way.news}</span>}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}

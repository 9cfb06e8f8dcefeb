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
                <table className="mt-1 font-condensed text-[0.93rem]">
                    <thead>
                        <tr>
                            <th>Lying</th>
                            <th className="text-right">Modules</th>
                            <th className="text-right">Feet</th>
                            <th>Stands</th>
                            <th />
                        </tr>
                    </thead>
                    <tbody>
                        {[shown.now, ...shown.ways].map((way) => (
                            <tr key={way.name} data-way={way.name}>
                                <td>{way.name}</td>
                                <td className="text-right">{way.modules}</td>
                                <td className="text-right">{way.feet}</td>
                                <td className={`tone-${way.tone} font-semibold`} title={way.news ?? ''}>
                                    {way.word} {way.tone === 'fails' ? '' : way.reserve}
                                </td>
                                <td>{way.edits.length > 0 && <EditAct onClick={() => void edit(way.edits)}>Take it</EditAct>}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            {shown?.ways.map(
                (way) =>
                    way.news !== null && (
                        <p key={way.name} className="mt-1 text-[0.87rem] text-muted">
                            {way.name}: {way.news}
                        </p>
                    ),
            )}
        </div>
    );
}

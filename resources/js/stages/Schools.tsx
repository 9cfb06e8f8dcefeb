import { useState } from 'react';
import { Refused, schools } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { School } from '@/types/desk';

/** The block as crews of other schools would lay it, beside how it is: feet, holes, bars, reserve, and what must be right; one click takes one. */
export function Schools() {
    const { job, data, edit, may, busy } = useDesk();
    const [told, setTold] = useState<{ of: number; ways: School[] } | null>(null);
    const [says, setSays] = useState('');
    if (!may('update')) {
        return null;
    }
    const look = () => {
        setSays('Planning each …');
        schools(job, data.design.id).then(
            (ways) => {
                setTold({ of: data.design.id, ways });
                setSays('');
            },
            (error: Error) => setSays(error instanceof Refused ? error.message : 'It could not be tried.'),
        );
    };
    const shown = told !== null && told.of === data.design.id ? told.ways : null;
    return (
        <div className="mt-3">
            <button type="button" className="act act-small" disabled={busy} onClick={look}>
                Other ways to lay it
            </button>
            <p role="status" className="text-[0.93rem] text-muted">
                {says}
            </p>
            {shown !== null && (
                <ul className="mt-1 text-[0.93rem]">
                    {shown.map((way) => (
                        <li key={way.name} className="border-line border-b py-1.5" data-school={way.name}>
                            <span className="font-semibold">Rails {way.name}</span>
                            {way.edits.length === 0 && <span className="text-muted">, as planned</span>}:{' '}
                            {way.bars > 0 && `${way.feet} feet, ${way.holes} holes, ${way.bars} bars of rail, `}
                            <span className={`tone-${way.tone} font-semibold whitespace-nowrap`}>
                                {way.word}
                                {way.bars > 0 && way.reserve !== null && `, least reserve ${way.reserve}`}
                            </span>{' '}
                            {way.edits.length > 0 && <EditAct onClick={() => void edit(way.edits)}>Take it</EditAct>}
                            {way.effort !== null && <span className="block">{way.effort}</span>}
                            <span className="block text-muted">{way.must}</span>
                            {way.news !== null && <span className="block">{way.news}</span>}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}

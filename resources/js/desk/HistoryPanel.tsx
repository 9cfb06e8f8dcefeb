import { useEffect, useState } from 'react';
import { compare, designs } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { Side } from '@/desk/Side';
import type { Compared, DesignRow, Difference } from '@/types/desk';

/** The designs of a job over time: who changed what, two of them side by side, an earlier one once more. */
export function HistoryPanel({ onStep, onClose }: { onStep: (way: string) => Promise<boolean>; onClose: () => void }) {
    const { job, data } = useDesk();
    const [rows, setRows] = useState<DesignRow[] | null>(null);
    const [picked, setPicked] = useState<number[]>([]);
    const [compared, setCompared] = useState<Compared | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new design makes a new list
    useEffect(() => {
        designs(job).then(setRows, (error: Error) => setWrong(error.message));
    }, [job, data.design.id]);
    const pick = (id: number) => {
        setCompared(null);
        setPicked((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id].slice(-2)));
    };
    const [one, two] = [...picked].sort((a, b) => a - b);
    return (
        <Side label="Designs" isWhole={rows !== null} onClose={onClose}>
            {wrong !== null && <p role="alert">{wrong}</p>}
            {rows === null && wrong === null && <p className="text-muted">Looking them up …</p>}
            <p className="mb-2 text-[0.87rem] text-muted">Mark two designs to lay them side by side.</p>
            {one !== undefined && two !== undefined && (
                <button
                    type="button"
                    className="act act-small mb-2 self-start"
                    onClick={() => compare(job, one, two).then(setCompared, (error: Error) => setWrong(error.message))}
                >
                    Compare the two marked
                </button>
            )}
            {compared !== null && <BothDesigns compared={compared} />}
            <ol className="space-y-2">
                {joined(rows ?? []).map(({ row, before }) => (
                    <DesignLine key={row.id} row={row} before={before} picked={picked} onPick={pick} onStep={onStep} />
                ))}
            </ol>
        </Side>
    );
}

type Picking = { picked: number[]; onPick: (id: number) => void };

function DesignLine({
    row,
    before,
    onStep,
    ...picking
}: Picking & { row: DesignRow; before: DesignRow[]; onStep: (way: string) => Promise<boolean> }) {
    const { may } = useDesk();
    return (
        <li className={`border-l-4 pl-2 ${row.is_current ? 'border-garnet' : 'border-line'}`}>
            <label className="flex items-baseline gap-2">
                <input type="checkbox" checked={picking.picked.includes(row.id)} onChange={() => picking.onPick(row.id)} />
                <span className="min-w-0">
                    <strong>{row.number}</strong>
                    {row.is_side && <span className="tone-tight"> beside the main line</span>}
                    {row.is_current && <span className="tone-holds"> newest</span>} {row.change}
                </span>
            </label>
            <p className="text-[0.87rem] text-muted">
                {row.author}, {new Date(row.at).toLocaleString('en-US', { dateStyle: 'medium', timeStyle: 'short' })}
            </p>
            {before.length > 0 && <Quick before={before} {...picking} />}
            {!row.is_current && may('update') && (
                <button type="button" className="act act-small" onClick={() => void onStep(`${row.id}/again`)}>
                    Take design {row.number} again
                </button>
            )}{' '}
            {row.is_side && may('update') && (
                <button type="button" className="act act-small" onClick={() => void onStep(`${row.id}/onto`)}>
                    Put its changes onto the newest
                </button>
            )}
        </li>
    );
}

/** Quick changes before one, folded away. */
function Quick({ before, picked, onPick }: Picking & { before: DesignRow[] }) {
    return (
        <details className="text-[0.87rem]">
            <summary>
                with {before.length} quick {before.length === 1 ? 'change' : 'changes'} before it
            </summary>
            <ol className="ml-3">
                {before.map((one) => (
                    <li key={one.id}>
                        <label className="flex items-baseline gap-2">
                            <input type="checkbox" checked={picked.includes(one.id)} onChange={() => onPick(one.id)} />
                            <span className="min-w-0">
                                <strong>{one.number}</strong> {one.change}
                            </span>
                        </label>
                    </li>
                ))}
            </ol>
        </details>
    );
}

/** Designs of the main line that one person made within two minutes of each other count as one change. */
const QUICK_MS = 120_000;

function joined(rows: DesignRow[]): { row: DesignRow; before: DesignRow[] }[] {
    const groups: { row: DesignRow; before: DesignRow[] }[] = [];
    for (const row of rows) {
        const last = groups.at(-1);
        const newer = last?.before.at(-1) ?? last?.row;
        const isQuick =
            last !== undefined &&
            newer !== undefined &&
            row.number > 1 &&
            !row.is_side &&
            !newer.is_side &&
            row.author === newer.author &&
            Date.parse(newer.at) - Date.parse(row.at) < QUICK_MS;
        if (isQuick) {
            last.before.push(row);
        } else {
            groups.push({ row, before: [] });
        }
    }
    return groups;
}

function BothDesigns({ compared }: { compared: Compared }) {
    return (
        <section className="mb-4" aria-label="Compared">
            <h3 className="font-condensed text-[1.07rem]">
                Design {compared.one.number} and {compared.two.number}
            </h3>
            <Table title="Entered" rows={compared.inputs} head={[String(compared.one.number), String(compared.two.number)]} />
            <Table
                title="What came of it"
                rows={compared.results.filter((row) => row.before !== '' || row.after !== '')}
                head={[String(compared.one.number), String(compared.two.number)]}
            />
        </section>
    );
}

export function Table({ title, rows, head }: { title: string; rows: Difference[]; head: [string, string] }) {
    return rows.length === 0 ? (
        <p>Nothing entered differs.</p>
    ) : (
        <table className="mt-1 w-full table-fixed text-[0.87rem]">
            <thead>
                <tr>
                    <th className="w-[38%]">{title}</th>
                    <th>{head[0]}</th>
                    <th>{head[1]}</th>
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.path ?? row.label}>
                        <td>{row.label}</td>
                        <td>{row.before}</td>
                        <td className={row.before === row.after ? '' : 'font-semibold'}>{row.after}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

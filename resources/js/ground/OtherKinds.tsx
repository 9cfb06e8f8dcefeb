import { useEffect, useState } from 'react';
import { tableKinds } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { TableKindBeside } from '@/types/desk';

/** The same modules on each kind of table, on asking: posts, depth, concrete, what stands against it and what is to be proven. */
export function OtherKinds() {
    const { job, data } = useDesk();
    const [told, setTold] = useState<TableKindBeside[] | 'asked' | 'failed' | null>(null);
    // biome-ignore lint/correctness/useExhaustiveDependencies: what was told was of the design before
    useEffect(() => setTold(null), [data.design.id]);
    const ask = () => {
        setTold('asked');
        tableKinds(job).then(setTold, () => setTold('failed'));
    };
    return (
        <section aria-label="Other kinds of table" className="mt-5">
            {told === null && (
                <button type="button" className="act act-small" onClick={ask}>
                    The same modules on other kinds of table
                </button>
            )}
            {told === 'asked' && <p className="text-muted">Planning them on every kind of table …</p>}
            {told === 'failed' && <p className="tone-fails">That could not be asked for. Try again in a moment.</p>}
            {Array.isArray(told) && (
                <>
                    <h3>The same modules on other kinds of table</h3>
                    <p className="mt-1 text-muted">
                        Each begun with usual sizes, on the fewest posts that the ground holds; what its documents say is not in
                        hand.
                    </p>
                    <KindsTable told={told} />
                </>
            )}
        </section>
    );
}

function KindsTable({ told }: { told: TableKindBeside[] }) {
    const { edit, may } = useDesk();
    // Hours are told once it is entered how long things take.
    const timed = told.some((one) => one.hours !== '');
    const priced = told.some((one) => one.cost !== '');
    return (
        <table className="mt-1 font-condensed">
            <thead>
                <tr>
                    <th>Kind</th>
                    <th className="text-right">Posts</th>
                    <th className="text-right">Deep</th>
                    <th className="text-right">Bags</th>
                    <th className="text-right">Post length</th>
                    {timed && <th className="text-right">Work</th>}
                    {priced && <th className="text-right">Work and posts cost</th>}
                    <th className="text-right">To prove</th>
                    <th className="pl-5">Against it</th>
                    <th />
                </tr>
            </thead>
            <tbody>
                {told.map((one) => (
                    <tr key={one.kind} className={one.is_here ? 'font-semibold' : ''}>
                        <td className="whitespace-nowrap">{one.kind}</td>
                        <td className="text-right">{one.posts === 0 ? '–' : one.posts}</td>
                        <td className="whitespace-nowrap text-right">{one.depth === '' ? '–' : one.depth}</td>
                        <td className="text-right">{one.bags === '' ? '–' : one.bags}</td>
                        <td className="whitespace-nowrap text-right">{one.length === '' ? '–' : one.length}</td>
                        {timed && <td className="whitespace-nowrap text-right">{one.hours === '' ? '–' : one.hours}</td>}
                        {priced && <td className="whitespace-nowrap text-right">{one.cost === '' ? '–' : one.cost}</td>}
                        <td className="text-right">{one.missing}</td>
                        <td className="pl-5">{one.against === '' ? 'nothing that is known' : one.against}</td>
                        <td className="pl-5 whitespace-nowrap">
                            {one.is_here
                                ? 'as planned'
                                : may('update') && <EditAct onClick={() => void edit(one.edits)}>begin with it</EditAct>}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

import { useState } from 'react';
import { ownCopy, takeOwnCopies } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';

/** Values that the company's own copies print otherwise than they are recalled here: who read what, where. */
export function OwnCopies() {
    const { data, job, may, send } = useDesk();
    return (
        <section className="mt-6 border-line border-t pt-3" aria-label="Own copies">
            <h2 className="text-[1.07rem]">Values read in your own copies</h2>
            {data.own_offers.length > 0 && (
                <div className="mt-2 border-ochre border-l-4 bg-ochre/8 px-3 py-1.5">
                    Out of date: your company has read{' '}
                    {data.own_offers.length === 1 ? 'a value' : `${data.own_offers.length} values`} that this design does not use:{' '}
                    {data.own_offers.map((one) => `${one.title} = ${one.value} (${one.document}, ${one.clause})`).join('; ')}.{' '}
                    <EditAct onClick={() => void send((base) => takeOwnCopies(job, base))}>Use them in a new design</EditAct>
                </div>
            )}
            {data.own_copies.length > 0 && <Copies />}
            {may('sign') && <Reading />}
        </section>
    );
}

function Copies() {
    const { data, edit } = useDesk();
    return (
        <table className="mt-2 font-condensed">
            <thead>
                <tr>
                    <th>Value</th>
                    <th>Own copy</th>
                    <th>Recalled</th>
                    <th>Document</th>
                    <th>Read by</th>
                    <th />
                </tr>
            </thead>
            <tbody>
                {data.own_copies.map((one, index) => (
                    <tr key={one.id}>
                        <td>{one.title}</td>
                        <td className="font-semibold">{one.value}</td>
                        <td>{one.recalled}</td>
                        <td>
                            {one.document}, {one.clause}
                        </td>
                        <td>
                            {one.name}, {one.on}
                        </td>
                        <td>
                            <EditAct onClick={() => void edit([{ path: `/own_copies/${index}`, remove: true }])}>
                                take out
                            </EditAct>
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** What somebody read: where, by whom, which value. */
function Reading() {
    const { data, job, send } = useDesk();
    const [entry, setEntry] = useState({ coefficient: '', value: '', document: '', clause: '', name: '' });
    const known = data.coefficients.find((one) => one.id === entry.coefficient);
    const put = (part: Partial<typeof entry>) => setEntry({ ...entry, ...part });
    return (
        <form
            className="mt-3 leading-[2]"
            onSubmit={(event) => {
                event.preventDefault();
                void send((base) => ownCopy(job, { base, ...entry })).then(
                    (done) => done && put({ coefficient: '', value: '', clause: '' }),
                );
            }}
        >
            In{' '}
            <In
                label="Document"
                value={entry.document}
                size={22}
                hint="document, edition"
                onChange={(document) => put({ document })}
            />
            , <In label="Clause" value={entry.clause} size={14} hint="clause or table" onChange={(clause) => put({ clause })} />,{' '}
            <In label="Read by" value={entry.name} size={14} hint="name" onChange={(name) => put({ name })} /> read{' '}
            <select
                className="slot max-w-[22rem]"
                aria-label="Published value"
                required
                value={entry.coefficient}
                onChange={(event) => put({ coefficient: event.target.value })}
            >
                <option value="">a published value</option>
                {data.own_missing.map((one) => (
                    <option key={one.id} value={one.id}>
                        {one.name} (missing here)
                    </option>
                ))}
                {data.coefficients.map((one) => (
                    <option key={one.id} value={one.id}>
                        {one.name} (here {one.text})
                    </option>
                ))}
            </select>{' '}
            as{' '}
            <In
                label="Value"
                value={entry.value}
                size={6}
                hint={known?.text ?? 'a number'}
                onChange={(value) => put({ value })}
            />
            .{' '}
            <button type="submit" className="act act-small">
                Enter it
            </button>
        </form>
    );
}

function In({
    label,
    value,
    size,
    hint,
    onChange,
}: {
    label: string;
    value: string;
    size: number;
    hint: string;
    onChange: (value: string) => void;
}) {
    return (
        <input
            className="slot"
            aria-label={label}
            required
            placeholder={hint}
            size={size}
            value={value}
            onChange={(event) => onChange(event.target.value)}
        />
    );
}

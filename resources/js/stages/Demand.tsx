import { useEffect, useRef, useState } from 'react';
import { beside, Refused } from '@/api';
import { useDesk, useShown } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import { Table } from '@/desk/HistoryPanel';
import { Options } from '@/desk/Options';
import type { Beside, Edit } from '@/types/desk';

/** What wind and snow ask, by zone and combination; numbers to try by hand; the job beside itself under another reading. */
export function Demand() {
    const shown = useShown();
    const demand = shown.demand;
    if (demand === null) {
        return <p>No loads yet: see the findings of the stages before.</p>;
    }
    const directed = demand.zones.some((row) => row.direction !== '');
    return (
        <div className="flex flex-wrap items-start gap-x-10 gap-y-4">
            <table className="w-auto font-condensed whitespace-nowrap">
                <caption className="text-left text-muted">On a whole module, normal to the roof</caption>
                <thead>
                    <tr>
                        <th>Zone</th>
                        {directed && <th>wind from</th>}
                        <th className="text-right">Suction</th>
                        {demand.exposure_counts && <th className="text-right">at an exposed side</th>}
                        <th className="text-right">{demand.pull}</th>
                        {demand.exposure_counts && <th className="text-right">at an exposed side</th>}
                    </tr>
                </thead>
                <tbody>
                    {demand.zones.map((row) => (
                        <tr key={row.zone}>
                            <td className="font-semibold">{row.zone}</td>
                            {directed && <td>{row.direction}</td>}
                            <td className="text-right">{row.suction}</td>
                            {demand.exposure_counts && <td className="text-right">{row.exposed}</td>}
                            <td className={demand.exposure_counts ? 'text-right' : 'text-right font-semibold'}>{row.net}</td>
                            {demand.exposure_counts && <td className="text-right font-semibold">{row.net_exposed}</td>}
                        </tr>
                    ))}
                </tbody>
            </table>
            <table className="w-auto font-condensed whitespace-nowrap">
                <caption className="text-left text-muted">Pressing down, in every zone</caption>
                <tbody>
                    {demand.down.map((row) => (
                        <tr key={row.combination + row.snow}>
                            <td>{row.combination}</td>
                            <td>{row.snow}</td>
                            <td className={row.governs ? 'text-right font-semibold' : 'text-right'}>{row.value}</td>
                            <td>{row.governs && 'governs'}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <Tries />
            <BesideItself />
        </div>
    );
}

function Tries() {
    const { data, look, edit, may } = useDesk();
    const [typed, setTyped] = useState<Record<string, string>>({});
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new design begins with its own numbers
    useEffect(() => setTyped({}), [data.design.id]);
    if (!may('update')) {
        return null;
    }
    const edits = Object.entries(typed).map(([path, text]) => ({ path, typed: text }));
    return (
        <fieldset className="min-w-72">
            <legend className="text-muted">Try other numbers; nothing is saved</legend>
            {data.demand?.tries.map((one) => {
                const now = typed[one.path];
                const value = now === undefined ? one.value : (one.choices?.indexOf(now) ?? Number.parseFloat(now));
                return (
                    <label key={one.path} className="mt-1 grid grid-cols-[9.5rem_minmax(0,1fr)_5rem] items-center gap-2">
                        {one.path === '/block/y_m' ? 'Modules above the eave' : data.fields[one.path]?.label}
                        <input
                            type="range"
                            className="w-full accent-garnet"
                            min={Math.min(one.from, one.value)}
                            max={Math.max(one.to, one.value)}
                            step={one.step}
                            value={value}
                            data-try={one.path}
                            aria-valuetext={one.choices?.[value] ?? `${value} ${one.unit}`}
                            onChange={(event) => {
                                const text = one.choices?.[Number(event.target.value)] ?? `${event.target.value} ${one.unit}`;
                                const next = { ...typed, [one.path]: text };
                                setTyped(next);
                                look(Object.entries(next).map(([path, text]) => ({ path, typed: text })));
                            }}
                        />
                        <span className="text-right font-semibold">{one.choices?.[value] ?? `${value} ${one.unit}`}</span>
                    </label>
                );
            })}
            {edits.length > 0 && (
                <p className="mt-2">
                    <button type="button" className="act act-small" onClick={() => void edit(edits)}>
                        Enter these
                    </button>{' '}
                    <button
                        type="button"
                        className="act act-small"
                        onClick={() => {
                            setTyped({});
                            look([]);
                        }}
                    >
                        Forget them
                    </button>
                </p>
            )}
        </fieldset>
    );
}

const readings = [
    '/site/standard',
    '/site/combinations',
    '/site/exposure',
    '/site/risk_category',
    '/rules/ridge_reading',
] as const;

/** Parts of the site that only one standard asks for: opened with it, and kept without changing the job's. */
const parts: Record<string, string> = {
    'en-1991': '/site/en',
    'as-nzs-1170-2011': '/site/as_nzs',
    'as-nzs-1170-2021': '/site/as_nzs',
};

const ofOthers = /^\/site\/(en|as_nzs|winter_wind)\b/;

/** The job laid beside itself: the reading first, then what it asks for besides. */
function useBeside() {
    const { data, job } = useDesk();
    /** What the job is laid beside: the reading first, then what it asks for besides. */
    const edits = useRef<Edit[]>([]);
    const [compared, setCompared] = useState<Beside | null>(null);
    const [wrong, setWrong] = useState<string | null>(null);
    // biome-ignore lint/correctness/useExhaustiveDependencies: of an older design
    useEffect(() => {
        setCompared(null);
        edits.current = [];
    }, [data.design.id]);
    const lay = (next: Edit[]) => {
        const before = edits.current;
        edits.current = next;
        beside(job, data.design.id, next).then(
            (answer) => {
                // What was entered since has an answer of its own.
                if (edits.current === next) {
                    setCompared(answer);
                    setWrong(null);
                }
            },
            (error: Error) => {
                if (edits.current === next) {
                    edits.current = before;
                }
                const fault = error instanceof Refused ? error.faults[0] : undefined;
                setWrong(fault === undefined ? error.message : `Expected ${fault.expected}; found ${fault.found}.`);
            },
        );
    };
    return { entered: edits, compared, wrong, lay };
}

function BesideItself() {
    const { edit } = useDesk();
    const { entered, compared, wrong, lay } = useBeside();
    const kept = entered.current.filter((one) => 'path' in one && ofOthers.test(one.path));
    return (
        <section aria-label="Beside itself" className="min-w-72">
            <Readings lay={lay} />
            {wrong !== null && (
                <p role="alert" className="tone-fails">
                    {wrong}
                </p>
            )}
            {compared !== null && (
                <div className="max-w-[32rem]">
                    {compared.needs.map((need) => (
                        <Need
                            key={need.path + need.text}
                            need={need}
                            onEnter={(typed) =>
                                lay([
                                    ...entered.current.filter((one) => !('path' in one) || one.path !== need.path),
                                    { path: need.path, typed },
                                ])
                            }
                        />
                    ))}
                    {kept.length > 0 && (
                        <EditAct className="mt-2" onClick={() => void edit(kept)}>
                            Keep what was entered; the job’s standard stays
                        </EditAct>
                    )}
                    <Table title="Entered" rows={compared.inputs} head={['here', 'there']} />
                    <Table
                        title="What comes of it"
                        rows={compared.results.filter((row) => row.label !== 'Stops' && (row.before !== '' || row.after !== ''))}
                        head={['here', 'there']}
                    />
                </div>
            )}
        </section>
    );
}

/** What else the site could be read as. */
function Readings({ lay }: { lay: (edits: Edit[]) => void }) {
    const { data } = useDesk();
    return (
        <label className="text-muted">
            Beside the same job under{' '}
            <select
                className="slot"
                value=""
                onChange={(event) => {
                    const [path, typed] = event.target.value.split('=');
                    if (path !== undefined && typed !== undefined) {
                        const part = path === '/site/standard' ? parts[typed] : undefined;
                        const opens = part !== undefined && data.lists[part] !== 1;
                        lay([{ path, typed }, ...(opens ? [{ path: part, add: true as const }] : [])]);
                    }
                }}
            >
                <option value="">another reading</option>
                {readings.flatMap((path) =>
                    (data.fields[path]?.choices ?? [])
                        .filter((choice) => choice.value !== data.fields[path]?.value)
                        .map((choice) => (
                            <option key={path + choice.value} value={`${path}=${choice.value}`}>
                                {data.fields[path]?.label}: {choice.text}
                            </option>
                        )),
                )}
            </select>
        </label>
    );
}

/** What the other reading still needs, entered here. */
function Need({ need, onEnter }: { need: Beside['needs'][number]; onEnter: (typed: string) => void }) {
    const [text, setText] = useState('');
    const { field } = need;
    return (
        <form
            className="mt-2 border-garnet border-l-4 pl-2 text-[0.9rem]"
            onSubmit={(event) => {
                event.preventDefault();
                onEnter(text);
            }}
        >
            {need.text}
            {field !== null && (
                <p>
                    {field.label}:{' '}
                    {field.choices !== undefined ? (
                        <select
                            className="slot"
                            aria-label={field.label}
                            value={field.value ?? ''}
                            onChange={(event) => onEnter(event.target.value)}
                        >
                            <Options choices={field.choices} none="choose" />
                        </select>
                    ) : (
                        <>
                            <input
                                className="slot"
                                aria-label={field.label}
                                value={text}
                                size={10}
                                placeholder={field.text === '' ? 'missing' : field.text}
                                onChange={(event) => setText(event.target.value)}
                            />{' '}
                            <button type="submit" className="act act-small">
                                Lay it beside with this
                            </button>
                        </>
                    )}
                </p>
            )}
        </form>
    );
}

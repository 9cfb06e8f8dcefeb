import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import { takeConfirmed } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import type { DeskData } from '@/types/desk';

type Subject = { subject: string; value: string; text: string; done: string | null; source?: string };

/** Where named persons confirm recalled values, clear stops and sign the roof structure. */
export function Signing() {
    const { data, sign, busy, may } = useDesk();
    const [picked, setPicked] = useState<Record<string, boolean>>({});
    const [who, setWho] = useState<Who>({ name: '', reason: '', password: '' });
    const user = usePage<{ user: { name: string } }>().props.user;
    const { structure, stops, values, toMend } = subjects(data);
    const all = [...structure, ...stops, ...values];
    const chosen = all.filter((one) => picked[one.subject] === true && one.done === null);
    const pickAll = (list: Subject[]) => setPicked({ ...picked, ...Object.fromEntries(list.map((one) => [one.subject, true])) });
    if (!may('sign')) {
        return <p>Planners and reviewers sign here.</p>;
    }
    return (
        <form
            onSubmit={async (event) => {
                event.preventDefault();
                if (
                    await sign(
                        chosen.map(({ subject, value }) => ({ subject, value })),
                        who.name,
                        who.reason,
                        who.password,
                    )
                ) {
                    setPicked({});
                    setWho({ ...who, password: '' });
                }
            }}
        >
            <h2 className="text-[1.07rem]">Signatures of named persons</h2>
            <p className="text-muted text-[0.9rem]">
                Whoever has no account here signs with yours: it then reads “name, in the presence of {user.name}”.
            </p>
            <Signer who={who} onChange={setWho} user={user.name} busy={busy} count={chosen.length} />
            {structure.length > 0 && (
                <Group title="Roof structure" list={structure} picked={picked} onPick={setPicked} onAll={pickAll} />
            )}
            {toMend > 0 && (
                <p className="tone-fails mt-3">
                    {toMend} {toMend === 1 ? 'finding needs' : 'findings need'} mending at the stages before; no signature stands
                    for those.
                </p>
            )}
            {stops.length > 0 && <Group title="Stops" list={stops} picked={picked} onPick={setPicked} onAll={pickAll} />}
            <Recalled values={values} password={who.password} picked={picked} onPick={setPicked} onAll={pickAll} />
        </form>
    );
}

/** What there is to sign: the roof structure, stops that are a matter of judgement, recalled values; and how much only mending helps. */
function subjects(data: DeskData) {
    // A table stands on nothing that somebody else has to judge.
    const structure: Subject[] =
        data.table !== null
            ? []
            : [
                  {
                      subject: 'structure',
                      value: data.summary.structure_digest,
                      text: `The roof structure${data.surfaces.length > 1 ? ` under ${data.fields['/surface/name']?.text ?? ''}` : ''} was judged for these loads on its members`,
                      done: data.summary.structure_signed_by,
                  },
              ];
    const stops: Subject[] = data.findings
        .filter((finding) => finding.clearable)
        .map((finding) => ({ subject: finding.subject, value: '', text: finding.text, done: finding.cleared_by }));
    const values: Subject[] = data.coefficients.map((used) => ({
        subject: `coefficient/${used.id}`,
        value: used.text,
        text: `${used.name} = ${used.text} · ${used.confidence}${used.note === '' ? '' : ` · ${used.note}`}`,
        done: used.confirmed_by,
        source: used.source,
    }));
    const toMend = data.findings.filter(
        (finding) => finding.kind === 'refusal' || (finding.kind === 'stop' && !finding.clearable),
    ).length;
    return { structure, stops, values, toMend };
}

type Who = { name: string; reason: string; password: string };

function Signer({
    who,
    onChange,
    user,
    busy,
    count,
}: {
    who: Who;
    onChange: (who: Who) => void;
    user: string;
    busy: boolean;
    count: number;
}) {
    return (
        <div className="mt-2 flex flex-wrap items-end gap-4">
            <label className="min-w-36 flex-1">
                Name
                <input
                    className="entry"
                    autoComplete="name"
                    required
                    minLength={2}
                    value={who.name}
                    onChange={(event) => onChange({ ...who, name: event.target.value })}
                />
            </label>
            <label className="min-w-48 flex-[2]">
                Reason, or the document read
                <input
                    className="entry"
                    required
                    minLength={3}
                    value={who.reason}
                    onChange={(event) => onChange({ ...who, reason: event.target.value })}
                />
            </label>
            <label className="w-44">
                Your password, {user}
                <input
                    className="entry"
                    type="password"
                    autoComplete="current-password"
                    placeholder="when asked for it"
                    value={who.password}
                    onChange={(event) => onChange({ ...who, password: event.target.value })}
                />
            </label>
            <button type="submit" className="act act-main" disabled={busy || count === 0}>
                Sign {count} {count === 1 ? 'item' : 'items'}
            </button>
        </div>
    );
}

type Picking = {
    picked: Record<string, boolean>;
    onPick: (picked: Record<string, boolean>) => void;
    onAll: (list: Subject[]) => void;
};

/** Recalled values by their documents, and those that others of the company confirmed. */
function Recalled({ values, password, ...picking }: Picking & { values: Subject[]; password: string }) {
    const { data, job, send, busy } = useDesk();
    return (
        <fieldset className="mt-4">
            <legend className="font-semibold">
                Recalled values, to be read in your own copy{' '}
                <button type="button" className="act act-small ml-2 font-normal" onClick={() => picking.onAll(values)}>
                    pick all
                </button>
            </legend>
            {data.confirmed_offers !== null && (
                <p className="mt-2 border-verdigris border-l-4 pl-2">
                    {data.confirmed_offers.count} of them were confirmed for other jobs of the company ({data.confirmed_offers.by}
                    ), the same values from the same documents.{' '}
                    <button
                        type="button"
                        className="act act-small"
                        disabled={busy}
                        onClick={() => void send((base) => takeConfirmed(job, base, password))}
                    >
                        Take these signatures over
                    </button>
                </p>
            )}
            {[...new Set(values.map((one) => one.source ?? ''))].map((source) => {
                const here = values.filter((one) => one.source === source);
                return <Group key={source} title={source} list={here} all={`all ${here.length} of these`} {...picking} />;
            })}
        </fieldset>
    );
}

function Group({
    title,
    list,
    all = 'pick all',
    picked,
    onPick,
    onAll,
}: Picking & { title: string; list: Subject[]; all?: string }) {
    return (
        <fieldset className="mt-4">
            <legend className="font-semibold">
                {title}{' '}
                {list.length > 1 && (
                    <button type="button" className="act act-small ml-2 font-normal" onClick={() => onAll(list)}>
                        {all}
                    </button>
                )}
            </legend>
            <ul className="mt-1 space-y-0.5 text-[0.93rem]">
                {list.map((one) => (
                    <li key={one.subject}>
                        {one.done === null ? (
                            <label className="flex gap-2">
                                <input
                                    type="checkbox"
                                    checked={picked[one.subject] === true}
                                    onChange={(event) => onPick({ ...picked, [one.subject]: event.target.checked })}
                                />
                                <span>{one.text}</span>
                            </label>
                        ) : (
                            <span>
                                {one.text} <span className="tone-holds font-semibold">signed by {one.done}</span>
                            </span>
                        )}
                    </li>
                ))}
            </ul>
        </fieldset>
    );
}

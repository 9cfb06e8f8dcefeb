import { Head, router, usePage } from '@inertiajs/react';
import { useState } from 'react';
import { Frame } from '@/ui/Frame';

type Member = { id: number; name: string; email: string; role: string; disabled: boolean; is_me: boolean };
type Rate = { key: string; name: string; unit: string; value: number | null };
type Props = {
    company: string;
    may_manage: boolean;
    may_start: boolean;
    rates: { currency: string; rates: Rate[] } | null;
    kept: { part: string; name: string; version: number }[];
    members: Member[];
    invitations: { id: number; role: string; until: string }[];
    sessions: { is_this: boolean; at: string; from: string; with: string }[];
    link: string | null;
};

const roles = { planner: 'Planner', reviewer: 'Reviewer', crew: 'Crew' } as const;
const can = {
    planner: 'starts, changes, signs and issues; invites people',
    reviewer: 'reads everything and signs',
    crew: 'reads sheets, tapes and holes',
} as const;

export default function Company({ company, may_manage, may_start, rates, kept, members, invitations, sessions, link }: Props) {
    const errors = usePage<{ errors: Record<string, string> }>().props.errors;
    return (
        <Frame>
            <Head title={company} />
            <h1 className="mb-4 font-condensed text-[1.6rem]">{company}</h1>
            {errors.member !== undefined && (
                <p role="alert" className="tone-fails mb-3">
                    {errors.member}
                </p>
            )}
            <Members members={members} may_manage={may_manage} />
            {may_manage && <Invitations invitations={invitations} link={link} />}
            {rates !== null && <Rates {...rates} mayChange={may_start} errors={errors} />}
            <Catalogue kept={kept} mayStart={may_start} wrong={errors.catalogue} />
            <Sessions sessions={sessions} />
        </Frame>
    );
}

function Members({ members, may_manage }: Pick<Props, 'members' | 'may_manage'>) {
    return (
        <div className="overflow-x-auto">
            <table className="min-w-[640px]">
                <thead>
                    <tr>
                        <th>Name</th>
                        <th>E-mail</th>
                        <th>May</th>
                        <th>Account</th>
                    </tr>
                </thead>
                <tbody>
                    {members.map((member) => (
                        <tr key={member.id}>
                            <td className="font-semibold">{member.name}</td>
                            <td>{member.email}</td>
                            <td>
                                <Role of={member} mayManage={may_manage} />
                            </td>
                            <td>
                                <Account of={member} mayManage={may_manage} />
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

function Role({ of: member, mayManage }: { of: Member; mayManage: boolean }) {
    return (
        <>
            {mayManage ? (
                <select
                    className="slot"
                    aria-label={`Role of ${member.name}`}
                    value={member.role}
                    onChange={(event) => router.patch(`/company/members/${member.id}`, { role: event.target.value })}
                >
                    {Object.entries(roles).map(([key, title]) => (
                        <option key={key} value={key}>
                            {title}
                        </option>
                    ))}
                </select>
            ) : (
                roles[member.role as keyof typeof roles]
            )}
            <span className="text-muted text-[0.9rem]"> {can[member.role as keyof typeof can]}</span>
        </>
    );
}

function Account({ of: member, mayManage }: { of: Member; mayManage: boolean }) {
    return (
        <>
            {member.disabled ? 'closed ' : ''}
            {member.is_me ? (
                <button type="button" className="act act-small" onClick={() => router.post('/company/leave')}>
                    Leave the company
                </button>
            ) : (
                mayManage && (
                    <button
                        type="button"
                        className="act act-small"
                        onClick={() => router.patch(`/company/members/${member.id}`, { disabled: !member.disabled })}
                    >
                        {member.disabled ? 'Open it' : 'Close it'}
                    </button>
                )
            )}
        </>
    );
}

function Invitations({ invitations, link }: Pick<Props, 'invitations' | 'link'>) {
    const [role, setRole] = useState('crew');
    return (
        <section className="mt-8" aria-label="Invitations">
            <h2 className="font-condensed text-[1.2rem]">Invitations</h2>
            <p className="mt-1">
                Invite somebody as{' '}
                <select
                    className="slot"
                    aria-label="Role of the invited"
                    value={role}
                    onChange={(event) => setRole(event.target.value)}
                >
                    {Object.entries(roles).map(([key, title]) => (
                        <option key={key} value={key}>
                            {title}
                        </option>
                    ))}
                </select>{' '}
                <button type="button" className="act act-small" onClick={() => router.post('/company/invitations', { role })}>
                    Make a link
                </button>
            </p>
            {link !== null && (
                <p role="status" className="mt-2 border-l-4 border-verdigris pl-3">
                    Give this link to one person; it is shown only now and good for a week:
                    <br />
                    <strong className="break-all" data-link={link}>
                        {link}
                    </strong>{' '}
                    <Copy text={link} />
                </p>
            )}
            <ul className="mt-2">
                {invitations.map((one) => (
                    <li key={one.id}>
                        Open for one {one.role}, until {new Date(one.until).toLocaleDateString('en-US', { dateStyle: 'medium' })}{' '}
                        <button
                            type="button"
                            className="act act-small"
                            onClick={() => router.delete(`/company/invitations/${one.id}`)}
                        >
                            Withdraw it
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Catalogue({ kept, mayStart, wrong }: { kept: Props['kept']; mayStart: boolean; wrong: string | undefined }) {
    return (
        <section className="mt-8" aria-label="Catalogue">
            <h2 className="font-condensed text-[1.2rem]">Catalogue</h2>
            <p className="mt-1 max-w-[70ch]">
                Modules, rails, clamps, bolts, feet, screws and sealants that were kept from a job.{' '}
                <a className="why" href="/company/catalogue.json">
                    Carry it out as a file
                </a>{' '}
                or{' '}
                <a className="why" href="/company/catalogue.csv">
                    as a table
                </a>
                {mayStart && (
                    <>
                        {' '}
                        <label className="act act-small focus-within:outline-2">
                            Bring one in
                            <input
                                className="sr-only"
                                type="file"
                                accept="application/json,.json,text/csv,.csv"
                                onChange={(event) => {
                                    const file = event.target.files?.[0];
                                    if (file !== undefined) {
                                        router.post('/company/catalogue', { file }, { forceFormData: true });
                                    }
                                }}
                            />
                        </label>
                    </>
                )}
            </p>
            {wrong !== undefined && (
                <p role="alert" className="tone-fails mt-1">
                    Nothing was taken over: {wrong}
                </p>
            )}
            {kept.length > 0 && (
                <ul className="mt-2 columns-2">
                    {kept.map((one) => (
                        <li key={`${one.part} ${one.name}`}>
                            {one.part}: {one.name}, version {one.version}
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}

function Sessions({ sessions }: Pick<Props, 'sessions'>) {
    return (
        <section className="mt-8" aria-label="Where you are logged in">
            <h2 className="font-condensed text-[1.2rem]">Where you are logged in</h2>
            <ul className="mt-1">
                {sessions.map((one) => (
                    <li key={one.at + one.with}>
                        {one.is_this ? <strong>Here</strong> : one.from},{' '}
                        {new Date(one.at).toLocaleString('en-US', { dateStyle: 'medium', timeStyle: 'short' })}, {one.with}
                    </li>
                ))}
            </ul>
            <button type="button" className="act act-small mt-2" onClick={() => router.post('/company/sessions/end')}>
                Log out everywhere else
            </button>
        </section>
    );
}

/** Puts a text where it can be pasted; where the browser does not let it, the text is selected for it. */
function Copy({ text }: { text: string }) {
    const [done, setDone] = useState<string | null>(null);
    const copy = async () => {
        try {
            await navigator.clipboard.writeText(text);
            setDone('Copied');
        } catch {
            const shown = document.querySelector(`[data-link="${CSS.escape(text)}"]`);
            if (shown !== null) {
                window.getSelection()?.selectAllChildren(shown);
            }
            setDone('Selected: copy it with Ctrl-C');
        }
    };
    return (
        <>
            <button type="button" className="act act-small" onClick={() => void copy()}>
                Copy it
            </button>{' '}
            <span role="status">{done}</span>
        </>
    );
}

/** What work and parts cost the company, by which other ways to build are compared. */
function Rates({
    currency,
    rates,
    mayChange,
    errors,
}: {
    currency: string;
    rates: Rate[];
    mayChange: boolean;
    errors: Record<string, string>;
}) {
    const [values, setValues] = useState<Record<string, string>>({
        currency,
        ...Object.fromEntries(rates.map((one) => [one.key, one.value === null ? '' : String(one.value)])),
    });
    const slot = (key: string, label: string, wide: string) => (
        <input
            className={`slot text-right ${wide}`}
            aria-label={label}
            name={key}
            inputMode={key === 'currency' ? 'text' : 'decimal'}
            disabled={!mayChange}
            value={values[key] ?? ''}
            onChange={(event) => setValues({ ...values, [key]: event.target.value })}
        />
    );
    return (
        <section className="mt-8" aria-label="Rates">
            <h2 className="font-condensed text-[1.2rem]">Rates</h2>
            <p className="mt-1 max-w-[70ch]">
                By these, other ways to lay a roof and other kinds of table tell their hours and what they cost. They are your
                company’s own; crews do not see them, and no plan, page or file holds them. Money is in{' '}
                {slot('currency', 'Currency, three letters', 'w-[5ch]')}.
            </p>
            {errors['rates.currency'] !== undefined && <Fault text={errors['rates.currency']} />}
            <table className="mt-2 max-w-[70ch]">
                <tbody>
                    {rates.map((one) => (
                        <tr key={one.key}>
                            <td>
                                {one.name}
                                {errors[`rates.${one.key}`] !== undefined && <Fault text={errors[`rates.${one.key}`] ?? ''} />}
                            </td>
                            <td className="whitespace-nowrap">
                                {slot(one.key, one.name, 'w-[8ch]')} {one.unit === 'min' ? 'min' : values.currency}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {mayChange && (
                <button
                    type="button"
                    className="act mt-2"
                    onClick={() => router.put('/company/rates', values, { preserveScroll: true })}
                >
                    Keep the rates
                </button>
            )}
        </section>
    );
}

function Fault({ text }: { text: string }) {
    return (
        <span role="alert" className="tone-fails block">
            {text}
        </span>
    );
}

import { Head, router, usePage } from '@inertiajs/react';
import { useState } from 'react';
import { Frame } from '@/ui/Frame';

type Member = { id: number; name: string; email: string; role: string; disabled: boolean; is_me: boolean };
type Props = {
    company: string;
    may_manage: boolean;
    may_start: boolean;
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

export default function Company({ company, may_manage, may_start, kept, members, invitations, sessions, link }: Props) {
    const errors = usePage<{ errors: Record<string, string> }>().props.errors;
    const [role, setRole] = useState('crew');
    return (
        <Frame>
            <Head title={company} />
            <h1 className="mb-4 font-condensed text-[1.6rem]">{company}</h1>
            {errors.member !== undefined && (
                <p role="alert" className="tone-fails mb-3">
                    {errors.member}
                </p>
            )}
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
                                    {may_manage ? (
                                        <select
                                            className="slot"
                                            aria-label={`Role of ${member.name}`}
                                            value={member.role}
                                            onChange={(event) =>
                                                router.patch(`/company/members/${member.id}`, { role: event.target.value })
                                            }
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
                                </td>
                                <td>
                                    {member.disabled ? 'closed ' : ''}
                                    {member.is_me ? (
                                        <button
                                            type="button"
                                            className="act act-small"
                                            onClick={() => router.post('/company/leave')}
                                        >
                                            Leave the company
                                        </button>
                                    ) : (
                                        may_manage && (
                                            <button
                                                type="button"
                                                className="act act-small"
                                                onClick={() =>
                                                    router.patch(`/company/members/${member.id}`, { disabled: !member.disabled })
                                                }
                                            >
                                                {member.disabled ? 'Open it' : 'Close it'}
                                            </button>
                                        )
                                    )}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            {may_manage && (
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
                        <button
                            type="button"
                            className="act act-small"
                            onClick={() => router.post('/company/invitations', { role })}
                        >
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
                                Open for one {one.role}, until{' '}
                                {new Date(one.until).toLocaleDateString('en-US', { dateStyle: 'medium' })}{' '}
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
            )}
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
                    {may_start && (
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
                {errors.catalogue !== undefined && (
                    <p role="alert" className="tone-fails mt-1">
                        Nothing was taken over: {errors.catalogue}
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
        </Frame>
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

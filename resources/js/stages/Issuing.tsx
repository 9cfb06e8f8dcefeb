import { useEffect, useState } from 'react';
import { issue, issued, makePaper } from '@/api';
import { useDesk } from '@/desk/DeskContext';
import type { Issued } from '@/types/desk';

const names = { crew: 'Crew sheets', calculation: 'Calculation', whole: 'Paper' };

/** Plans released to a crew, each with its papers; while one is being made, how far it has come. */
export function Issuing() {
    const { job, may } = useDesk();
    const [rows, setRows] = useState<Issued[]>([]);
    const [wrong, setWrong] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const take = async (ask: Promise<Issued[]>) => {
        setBusy(true);
        try {
            setRows(await ask);
            setWrong(null);
        } catch (error) {
            setWrong((error as Error).message);
        } finally {
            setBusy(false);
        }
    };
    useEffect(() => {
        issued(job).then(setRows, (error: Error) => setWrong(error.message));
    }, [job]);
    const inTheMaking = rows.some((row) => row.papers.some((paper) => paper.state === 'waiting' || paper.state === 'making'));
    useEffect(() => {
        if (!inTheMaking) {
            return;
        }
        const timer = setInterval(() => issued(job).then(setRows, () => {}), 700);
        return () => clearInterval(timer);
    }, [job, inTheMaking]);
    return (
        <section className="mt-5" aria-label="Issued plans">
            <h3>Issued plans</h3>
            {wrong !== null && (
                <p role="alert" className="tone-fails">
                    {wrong}
                </p>
            )}
            {may('issue') && <IssueForm busy={busy} take={take} />}
            <ol className="mt-2 space-y-2" data-issued={rows.length}>
                {rows.map((row) => (
                    <Revision key={row.id} of={row} onAgain={() => void take(makePaper(job, row.id))} />
                ))}
            </ol>
        </section>
    );
}

/** Asks for a revision: what for, of which surfaces, to be looked at or to be built. */
function IssueForm({ busy, take }: { busy: boolean; take: (ask: Promise<Issued[]>) => Promise<void> }) {
    const { job, data } = useDesk();
    const [note, setNote] = useState('');
    const [without, setWithout] = useState<string[]>([]);
    const of = data.surfaces.filter((one) => !without.includes(one.id));
    // Of a large one that is not in view it is not known here: the server says whether it may be built.
    const mayBeBuilt = of.length > 0 && of.every((one) => one.confirmed !== false);
    return (
        <form
            className="mt-1"
            onSubmit={(event) => {
                event.preventDefault();
                const asked = (event.nativeEvent as SubmitEvent).submitter?.getAttribute('value');
                const purpose = asked === 'construction' ? 'construction' : 'review';
                void take(issue(job, data.design.id, note, purpose, without.length === 0 ? [] : of.map((one) => one.id))).then(
                    () => setNote(''),
                );
            }}
        >
            <label>
                What for
                <input className="entry" maxLength={400} value={note} onChange={(event) => setNote(event.target.value)} />
            </label>
            {data.surfaces.length > 1 && <Of without={without} onChange={setWithout} />}
            <span className="mt-2 flex flex-wrap gap-2">
                <button type="submit" value="review" className="act" disabled={busy || of.length === 0}>
                    Issue design {data.design.number} for review
                </button>
                {mayBeBuilt && (
                    <button type="submit" value="construction" className="act act-main" disabled={busy}>
                        Issue for construction
                    </button>
                )}
            </span>
            <p className="mt-1 text-[0.87rem] text-muted">
                {mayBeBuilt && of.every((one) => one.confirmed === true)
                    ? 'All is confirmed by name. For review, every page still says “not for construction”.'
                    : 'For construction once nothing stops the plan, its recalled values are confirmed and the structure is signed. Every page of a review says “not for construction”.'}
            </p>
        </form>
    );
}

/** The surfaces and tables that a revision is of. */
function Of({ without, onChange }: { without: string[]; onChange: (without: string[]) => void }) {
    const { data } = useDesk();
    return (
        <fieldset className="mt-2">
            <legend>Of</legend>
            {data.surfaces.map((one) => (
                <label key={one.id} className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={!without.includes(one.id)}
                        onChange={(event) =>
                            onChange(event.target.checked ? without.filter((id) => id !== one.id) : [...without, one.id])
                        }
                    />
                    {one.name}
                    {one.confirmed && <span className="tone-holds text-[0.87rem]">confirmed</span>}
                </label>
            ))}
        </fieldset>
    );
}

function Revision({ of: row, onAgain }: { of: Issued; onAgain: () => void }) {
    const { job, data } = useDesk();
    return (
        <li className="border-line border-l-4 pl-2">
            <strong>Revision {row.revision}</strong> of design {row.design},{' '}
            {row.for_construction ? 'for construction' : `for review, ${row.status}`}
            {row.note !== '' && `: ${row.note}`}
            {row.left_out.length > 0 && `; without ${row.left_out.join(', ')}`}
            {row.overtaken && (
                <span className="tone-fails block font-semibold">
                    Overtaken: design {data.design.number} plans something else
                </span>
            )}
            <p className="text-[0.87rem] text-muted">
                {row.by}, {new Date(row.at).toLocaleString('en-US', { dateStyle: 'medium', timeStyle: 'short' })}
            </p>
            {row.papers.map((paper) => (
                <PaperLine key={paper.kind} of={paper} revision={row} onAgain={onAgain} />
            ))}
            <a className="why" href={`/jobs/${job}/issued/${row.id}/plan.json`}>
                Plan (JSON)
            </a>
        </li>
    );
}

function PaperLine({ of: paper, revision, onAgain }: { of: Issued['papers'][number]; revision: Issued; onAgain: () => void }) {
    const { job, may } = useDesk();
    return (
        <p>
            {paper.state === 'done' && (
                <a className="why" href={`/jobs/${job}/issued/${revision.id}/${paper.file}`}>
                    {names[paper.kind]}, PDF of {paper.pages} pages
                </a>
            )}
            {(paper.state === 'waiting' || paper.state === 'making') && (
                <span role="status" className="flex flex-wrap items-center gap-2">
                    {names[paper.kind]}: {paper.state === 'waiting' ? 'the paper waits its turn' : 'the paper is being made'}
                    <progress
                        max={100}
                        value={paper.percent}
                        aria-label={`${names[paper.kind]} of revision ${revision.revision}`}
                    />
                </span>
            )}
            {paper.state === 'failed' && (
                <span className="tone-fails">
                    {names[paper.kind]}: no paper, {paper.trouble}{' '}
                    {may('issue') && (
                        <button type="button" className="act act-small" onClick={onAgain}>
                            Try again
                        </button>
                    )}
                </span>
            )}
        </p>
    );
}

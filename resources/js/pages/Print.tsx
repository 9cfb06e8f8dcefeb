import { Head } from '@inertiajs/react';
import { type Desk, DeskContext } from '@/desk/DeskContext';
import { TableCalculation, TableCrewSheets } from '@/ground/TablePaper';
import { Calculation } from '@/paper/Calculation';
import { CrewSheets } from '@/paper/CrewSheets';
import { Materials } from '@/paper/shared';
import type { PaperData } from '@/types/desk';

/** The papers of a plan, each printable alone. The head of the table repeats the status on every page. */
type Props = {
    job: { id: number; name: string };
    /** Of each surface. */
    views: PaperData[];
    /** Of each table on the ground. */
    tables: PaperData[];
    /** Plans issued long ago have one paper of both. */
    paper: 'crew' | 'calculation' | 'whole';
    /** Of an issued plan. */
    revision?: { number: number; by: string | null; at: string; hash: string; for_construction: boolean; left_out: string[] };
};

const titles = { crew: 'Crew sheets', calculation: 'Calculation', whole: 'Crew sheets and calculation' };

/** As the file is called, so that who prints it knows the page is there. */
const files = { crew: 'crew-sheets', calculation: 'calculation', whole: 'paper' };

const standing = (view: PaperData, named: boolean) => {
    const { modules, counted, reserve, word } = view.summary;
    const counts = `${modules} modules, ${counted}${reserve === null ? '' : `, least reserve ${reserve} (${word})`}`;
    return named ? `${nameOf(view)}: ${counts}` : counts;
};

const nameOf = (view: PaperData) => view.table?.name ?? view.fields['/surface/name']?.text;

const deskOf = (job: number, view: PaperData): Desk => ({
    job,
    data: view,
    faults: {},
    typed: {},
    giveUp: () => {},
    questions: {},
    busy: false,
    may: () => false,
    edit: async () => false,
    look: () => {},
    unsaved: () => {},
    ask: () => {},
    sign: async () => false,
    send: async () => false,
});

export default function Print({ job, views: surfaces, tables, paper, revision }: Props) {
    const views = [...surfaces, ...tables];
    const view = views[0] as PaperData;
    const open = views.find((one) => one.status !== 'confirmed');
    // A review says so on every page, whatever is confirmed by now.
    const isToBuild = open === undefined && (revision === undefined || revision.for_construction);
    return (
        <>
            <Head title={revision === undefined ? `${job.name}, ${titles[paper]}` : `${files[paper]} ${revision.hash}`} />
            <Papers job={job.id} paper={paper} />
            <main className="mx-auto max-w-[752px] wrap-anywhere px-4 print:wrap-normal print:max-w-none print:px-0">
                <table className="table-fixed">
                    <thead>
                        <tr>
                            <th className="border-ink text-ink">
                                <span className="flex flex-wrap justify-between gap-x-4 py-1">
                                    <span>
                                        {job.name} · {titles[paper].toLowerCase()} ·{' '}
                                        {revision === undefined ? 'working print' : `revision ${revision.number}`} · design{' '}
                                        {view.design.number} · {view.design.hash}
                                    </span>
                                    <strong className={isToBuild ? 'tone-holds' : 'tone-fails'}>
                                        {isToBuild || open !== undefined
                                            ? (open ?? view).status_text
                                            : 'For review: not for construction'}
                                    </strong>
                                </span>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr className="whole">
                            <td className="border-0 pr-0 pb-0">
                                <h1 className="mt-4 font-condensed text-[1.8rem]">
                                    {job.name}: {titles[paper].toLowerCase()}
                                </h1>
                                <p>
                                    {views.map((one) => standing(one, views.length > 1)).join('; ')}. Saved by{' '}
                                    {view.design.author} on {view.design.at.slice(0, 10)}.
                                </p>
                                {revision !== undefined && (
                                    <p>
                                        Revision {revision.number}, issued by {revision.by} on {revision.at}; plan {revision.hash}
                                        .
                                    </p>
                                )}
                                {revision !== undefined && revision.left_out.length > 0 && (
                                    <p>
                                        <strong>Not in this revision: {revision.left_out.join(', ')}.</strong>
                                    </p>
                                )}
                                {paper !== 'calculation' && view.all_materials != null && (
                                    <Materials title="Materials of all surfaces" materials={view.all_materials} />
                                )}
                                {views.map((one, index) => (
                                    <One
                                        key={one.surface}
                                        job={job.id}
                                        of={one}
                                        paper={paper}
                                        index={views.length > 1 ? index : null}
                                    />
                                ))}
                            </td>
                        </tr>
                    </tbody>
                </table>
            </main>
        </>
    );
}

function Papers({ job, paper }: { job: number; paper: Props['paper'] }) {
    return (
        <nav className="no-print flex flex-wrap gap-4 border-line border-b bg-panel px-6 py-2">
            <a className="why" href={`/jobs/${job}/stage/handover`}>
                Back to the desk
            </a>
            {(['crew', 'calculation'] as const).map((one) =>
                one === paper ? (
                    <span key={one} aria-current="page" className="font-semibold">
                        {titles[one]}
                    </span>
                ) : (
                    <a key={one} className="why" href={`/jobs/${job}/print/${one}`}>
                        {titles[one]}
                    </a>
                ),
            )}
            <button type="button" className="act act-small" onClick={() => window.print()}>
                Print
            </button>
        </nav>
    );
}

/** A surface or a table on paper, under its name where there are several. */
function One({ job, of: one, paper, index }: { job: number; of: PaperData; paper: Props['paper']; index: number | null }) {
    return (
        <DeskContext.Provider value={deskOf(job, one)}>
            {index !== null && (
                <h2
                    className={`mt-8 border-ink border-t-2 pt-2 font-condensed text-[1.5rem] ${index > 0 ? 'break-before-page' : ''}`}
                >
                    {nameOf(one)}
                </h2>
            )}
            {paper !== 'calculation' && (one.table === null ? <CrewSheets view={one} /> : <TableCrewSheets view={one} />)}
            {paper !== 'crew' && (one.table === null ? <Calculation view={one} /> : <TableCalculation view={one} />)}
        </DeskContext.Provider>
    );
}

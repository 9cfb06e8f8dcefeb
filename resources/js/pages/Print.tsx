import { Head } from '@inertiajs/react';
import { Fragment } from 'react';
import { Node } from '@/desk/BecausePanel';
import { DeskContext } from '@/desk/DeskContext';
import { FindingList } from '@/desk/FindingList';
import { Sheet } from '@/sheet/Sheet';
import { paperScale } from '@/sheet/scale';
import { CuttingBars, Ledger } from '@/stages/StagePanel';
import type { DeskData } from '@/types/desk';

/** The hand-over on paper. The head of the table repeats the status on every page. */
type Props = {
    job: { id: number; name: string };
    view: DeskData;
    /** Of an issued plan. */
    revision?: { number: number; by: string | null; at: string; hash: string };
};

export default function Print({ job, view, revision }: Props) {
    const scale = paperScale(view, 720, 900);
    const desk = {
        job: job.id,
        data: view,
        shown: view,
        faults: {},
        busy: false,
        may: () => false,
        edit: async () => false,
        look: () => {},
        unsaved: () => {},
        ask: () => {},
        sign: async () => false,
        send: async () => false,
    };
    const kinds = {
        stop: 'Stops',
        refusal: 'Not covered by the methods',
        warning: 'To mind',
        assumption: 'Assumptions to confirm',
    } as const;
    return (
        <DeskContext.Provider value={desk}>
            <Head title={revision === undefined ? `${job.name}, hand-over` : `plan ${revision.hash}`} />
            <p className="no-print flex gap-4 border-line border-b bg-panel px-6 py-2">
                <a className="why" href={`/jobs/${job.id}/stage/handover`}>
                    Back to the desk
                </a>
                <button type="button" className="act act-small" onClick={() => window.print()}>
                    Print
                </button>
            </p>
            <main className="mx-auto max-w-[190mm] px-4 print:max-w-none print:px-0">
                <table>
                    <thead>
                        <tr>
                            <th className="border-ink text-ink">
                                <span className="flex justify-between py-1">
                                    <span>
                                        {job.name} · {revision === undefined ? 'working print' : `revision ${revision.number}`} ·
                                        design {view.design.number} · {view.design.hash}
                                    </span>
                                    <strong className={view.status === 'confirmed' ? 'tone-holds' : 'tone-fails'}>
                                        {view.status_text}
                                    </strong>
                                </span>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr className="whole">
                            <td className="border-0 pr-0 pb-0">
                                <h1 className="mt-4 font-condensed text-[1.8rem]">{job.name}</h1>
                                <p>
                                    {view.summary.modules} modules, {view.summary.attachments} feet
                                    {view.summary.reserve !== null &&
                                        `, least reserve ${view.summary.reserve} (${view.summary.word})`}
                                    . Saved by {view.design.author} on {view.design.at.slice(0, 10)}.
                                </p>
                                {revision !== undefined && (
                                    <p>
                                        Revision {revision.number}, issued by {revision.by} on {revision.at}; plan {revision.hash}
                                        .
                                    </p>
                                )}
                                <p className="mt-2">
                                    Drawn at <strong>{scale.text}</strong> when printed on letter paper at full size.
                                </p>
                                <Sheet planned={view} stage="handover" selectedRun={null} fixed={scale.fixed} />
                                <Tapes view={view} />
                                <Part title="Loads, and why">
                                    {(view.becauses ?? []).map((node) => (
                                        <div key={node.title} className="mt-2 pl-2">
                                            <Node node={node} depth={0} />
                                        </div>
                                    ))}
                                    <table className="mt-3">
                                        <tbody>
                                            {view.loads.map((row) => (
                                                <tr key={row.path}>
                                                    <td>{row.name}</td>
                                                    <td className="text-right">{row.value}</td>
                                                </tr>
                                            ))}
                                        </tbody>
                                    </table>
                                </Part>
                                {view.cutting !== null && (
                                    <Part title={`Cutting list: ${view.cutting.count} lengths of ${view.cutting.stock_length}`}>
                                        <CuttingBars cutting={view.cutting} />
                                    </Part>
                                )}
                                <Part title="Materials">
                                    <Rows
                                        head={['Item', 'Name', 'Count']}
                                        rows={view.materials.map((item) => [item.item, item.name, String(item.count)])}
                                    />
                                </Part>
                                <Part title="Torque (the maker’s value governs)">
                                    <Rows
                                        head={['Joint', 'Torque', 'Document']}
                                        rows={view.torque.map((row) => [row.what, row.torque, row.document])}
                                    />
                                </Part>
                                <Part title="Hole ledger">
                                    <Ledger />
                                </Part>
                                <Part title="Steps in working order">
                                    <ol className="list-decimal space-y-1.5 pl-6">
                                        {view.steps.map((step) => (
                                            <li key={step.text}>
                                                {step.text}
                                                {step.cautions.map((caution) => (
                                                    <p key={caution} className="border-ochre border-l-4 pl-2">
                                                        <strong>Caution:</strong> {caution}
                                                    </p>
                                                ))}
                                            </li>
                                        ))}
                                    </ol>
                                </Part>
                                {(Object.keys(kinds) as (keyof typeof kinds)[]).map((kind) => {
                                    const list = view.findings.filter((finding) => finding.kind === kind);
                                    return list.length === 0 ? null : (
                                        <Part key={kind} title={kinds[kind]}>
                                            <FindingList findings={list} />
                                        </Part>
                                    );
                                })}
                                <Part title="Recalled values">
                                    <Rows
                                        head={['Value', '', 'Source', 'Confirmed by']}
                                        rows={view.coefficients.map((used) => [
                                            used.name,
                                            used.text,
                                            `${used.source} (${used.confidence})`,
                                            used.confirmed_by ?? 'nobody yet',
                                        ])}
                                    />
                                </Part>
                                <Part title="Survey">
                                    <Rows
                                        head={['Item', 'Answer', 'By', 'On']}
                                        rows={view.survey.map((item) => [
                                            item.label,
                                            item.answer ?? 'not asked',
                                            item.by ?? '',
                                            item.on ?? '',
                                        ])}
                                    />
                                </Part>
                                <Part title="Signatures">
                                    {view.summary.structure_signed_by === null && <p>The roof structure is not signed.</p>}
                                    <Rows
                                        head={['For', 'Name', 'On', 'Reason']}
                                        rows={view.signatures.map((one) => [one.subject, one.name, one.on, one.reason])}
                                    />
                                </Part>
                                <Part title="Not covered by this plan">
                                    <p>{view.not_covered.join('; ')}.</p>
                                    <p className="mt-2">
                                        Local codes, the authority having jurisdiction, makers’ instructions and licensed practice
                                        govern over everything printed here.
                                    </p>
                                </Part>
                            </td>
                        </tr>
                    </tbody>
                </table>
            </main>
        </DeskContext.Provider>
    );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
    return (
        <section className="mt-6">
            <h2 className="border-ink border-b font-condensed text-[1.2rem]">{title}</h2>
            <div className="mt-1">{children}</div>
        </section>
    );
}

function Rows({ head, rows }: { head: string[]; rows: string[][] }) {
    return (
        <table className="font-condensed">
            <thead>
                <tr>
                    {head.map((title) => (
                        <th key={title}>{title}</th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.join('|')}>
                        {row.map((cell, index) => (
                            // biome-ignore lint/suspicious/noArrayIndexKey: cells of a row
                            <td key={index}>{cell}</td>
                        ))}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** Marks and numbers in large type; never to scale. */
/** The dimensions of one kind along a run, none broken over two lines. */
function marks(run: DeskData['runs'][number], kind: string, between: string) {
    return run.tape
        .filter((mark) => mark.kind === kind)
        .map((mark, index) => (
            <Fragment key={mark.x_m}>
                {index > 0 && between}
                <span className="whitespace-nowrap">{mark.text}</span>
            </Fragment>
        ));
}

function Tapes({ view }: { view: DeskData }) {
    return (
        <Part title="Tapes">
            <p className="font-semibold">Read the numbers, do not lay this down.</p>
            <h3 className="mt-2">
                Slope tape, at both rakes, from the {view.fields['/rules/slope_datum']?.text}: chalk lines of the holes
            </h3>
            <p className="font-condensed text-[1.3rem]">
                {view.slope_tape.map((mark) => (
                    <span key={mark.line} className="mr-6 inline-block">
                        {mark.line} <strong>{mark.tape}</strong>
                    </span>
                ))}
            </p>
            {view.runs.map((run) => (
                <div key={run.id} className="mt-3">
                    <h3>
                        Run {run.id}, chalk line at {run.height}, from the {view.fields['/rules/run_datum']?.text}
                    </h3>
                    <p className="font-condensed text-[1.3rem]">
                        {run.table.map((foot) => (
                            <span key={foot.number} className="mr-6 inline-block">
                                {foot.number} <strong>{foot.tape}</strong>
                                <span className="text-[0.93rem]">
                                    {' '}
                                    member {foot.member}
                                    {foot.other === 'none' && ', no other member'}
                                </span>
                            </span>
                        ))}
                    </p>
                    <p className="font-condensed">
                        Rail from {marks(run, 'end', ' to ')}
                        {run.splices_m.length > 0 && <>; splices at {marks(run, 'splice', ', ')}</>}; clamps at{' '}
                        {marks(run, 'clamp', ', ')}.
                    </p>
                </div>
            ))}
        </Part>
    );
}

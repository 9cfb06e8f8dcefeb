import { Head, Link } from '@inertiajs/react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { loadDesk, Refused, saveEdits, sign as sendSignature } from '@/api';
import { BecausePanel } from '@/desk/BecausePanel';
import { DeskContext } from '@/desk/DeskContext';
import { FindingList } from '@/desk/FindingList';
import { Rule } from '@/desk/Rule';
import { Sheet } from '@/sheet/Sheet';
import { StagePanel } from '@/stages/StagePanel';
import { Worksheet } from '@/stages/Worksheet';
import { Tape } from '@/tape/Tape';
import type { DeskData, Edit, Fault } from '@/types/desk';

export default function Desk({ job, stage }: { job: { id: number; name: string }; stage: string }) {
    const [data, setData] = useState<DeskData | null>(null);
    const [faults, setFaults] = useState<Record<string, Fault>>({});
    const [notice, setNotice] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const [asked, setAsked] = useState<string | null>(null);
    const [runId, setRunId] = useState<string | null>(null);

    useEffect(() => {
        loadDesk(job.id).then(setData, (error: Error) => setNotice(error.message));
    }, [job.id]);

    const send = useCallback(
        async (ask: () => Promise<{ status: number; data: DeskData }>) => {
            setBusy(true);
            try {
                const answer = await ask();
                setFaults({});
                if (answer.status === 409) {
                    setNotice(
                        `Somebody saved before you. Yours is kept as design ${answer.data.design.number}; this is the newest one.`,
                    );
                    setData(await loadDesk(job.id));
                    return false;
                }
                setNotice(null);
                setData(answer.data);
                return true;
            } catch (error) {
                const refused =
                    error instanceof Refused ? error : new Refused('Something went wrong here; nothing was saved.', []);
                setFaults(Object.fromEntries(refused.faults.map((fault) => [fault.path, fault])));
                setNotice(refused.faults.length > 0 ? 'Not saved: see the value marked below.' : refused.message);
                return false;
            } finally {
                setBusy(false);
            }
        },
        [job.id],
    );

    const desk = useMemo(
        () =>
            data === null
                ? null
                : {
                      job: job.id,
                      data,
                      faults,
                      busy,
                      edit: (edits: Edit[]) => send(() => saveEdits(job.id, data.design.id, edits)),
                      ask: setAsked,
                      sign: (subjects: { subject: string; value: string }[], name: string, reason: string) =>
                          send(() => sendSignature(job.id, { base: data.design.id, subjects, name, reason })),
                  },
        [job.id, data, faults, busy, send],
    );

    if (desk === null || data === null) {
        return (
            <main className="p-6">
                <Head title={job.name} />
                <h1 className="text-[1.2rem]">{job.name}</h1>
                <p role="status">{notice ?? 'Planning …'}</p>
            </main>
        );
    }
    const run = data.runs.find((one) => one.id === runId) ?? data.runs[0];
    const datum = data.fields['/rules/run_datum']?.text ?? '';
    const showTape = run !== undefined && ['attachments', 'rails', 'holes'].includes(stage);
    return (
        <DeskContext.Provider value={desk}>
            <Head title={data.fields['/name']?.text ?? job.name} />
            <div className="flex min-h-screen flex-col md:h-screen md:min-h-0">
                <header className="flex flex-none flex-col border-ink border-b md:flex-row">
                    <div className="flex-none border-line px-5 py-2.5 md:w-[300px] md:border-r">
                        <h1 className="truncate text-[1.13rem] leading-tight">{data.fields['/name']?.text}</h1>
                        <p className="truncate text-muted text-[0.87rem]">
                            <Link href="/jobs" className="why">
                                Jobs
                            </Link>{' '}
                            · design {data.design.number} · {data.fields['/site/wind_speed_m_per_s']?.text}, exposure{' '}
                            {data.fields['/site/exposure']?.value}
                        </p>
                    </div>
                    <div className="min-w-0 flex-1">
                        <Rule job={job.id} stages={data.stages} current={stage} />
                    </div>
                </header>
                <p
                    role="status"
                    aria-live="polite"
                    className={notice === null ? 'sr-only' : 'flex-none bg-garnet px-5 py-1 text-paper'}
                >
                    {notice ?? (busy ? 'Saving and planning' : 'Saved')}
                </p>
                <div className="contents min-h-0 flex-1 md:flex">
                    <main
                        className="order-3 flex-none overflow-y-auto border-line bg-panel px-5 py-4 md:order-none md:w-[300px] md:border-r"
                        aria-busy={busy}
                    >
                        <Worksheet stage={stage} />
                        <FindingList findings={data.findings.filter((finding) => finding.stage === stage)} />
                    </main>
                    <div className="order-1 flex min-w-0 flex-none flex-col md:order-none md:flex-1">
                        <div className={`md:min-h-[320px] ${stage === 'handover' ? 'flex-none md:h-[46%]' : 'flex-1'}`}>
                            <Sheet
                                planned={data}
                                stage={stage}
                                selectedRun={showTape ? run.id : null}
                                onRun={setRunId}
                                onFoot={(id, foot) => {
                                    setRunId(id);
                                    setAsked(`runs/${id}/feet/${foot}`);
                                }}
                                onModule={(row, column) =>
                                    stage === 'loads'
                                        ? setAsked(`modules/${row}/${column}`)
                                        : void desk.edit([{ toggle: { row, column } }])
                                }
                            />
                        </div>
                        <StagePanel stage={stage} run={run} onRun={setRunId} />
                    </div>
                    {asked !== null && (
                        <BecausePanel job={job.id} path={asked} design={data.design.id} onClose={() => setAsked(null)} />
                    )}
                </div>
                {showTape && (
                    <footer className="order-2 flex-none border-ink border-t md:order-none">
                        <Tape
                            run={run}
                            units={data.units}
                            datum={datum}
                            onFoot={(foot) => setAsked(`runs/${run.id}/feet/${foot}`)}
                        />
                    </footer>
                )}
            </div>
        </DeskContext.Provider>
    );
}

import { Head, Link, router, usePage } from '@inertiajs/react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { loadDesk, preview, sign as sendSignature, show, step } from '@/api';
import { AreaStrip } from '@/desk/AreaStrip';
import { BecausePanel } from '@/desk/BecausePanel';
import { Blocks } from '@/desk/Blocks';
import { DeskContext, type Question } from '@/desk/DeskContext';
import { FindingList } from '@/desk/FindingList';
import { HistoryPanel } from '@/desk/HistoryPanel';
import { LiveStrip } from '@/desk/LiveStrip';
import { Pull } from '@/desk/Pull';
import { Rule } from '@/desk/Rule';
import { FROM_EXAMPLE } from '@/desk/Slot';
import { Surfaces, stageOf } from '@/desk/Surfaces';
import { faultsAfter, Saves, type Saving, without } from '@/desk/saves';
import { useLive } from '@/desk/useLive';
import { Sheet } from '@/sheet/Sheet';
import { StagePanel } from '@/stages/StagePanel';
import { Worksheet } from '@/stages/Worksheet';
import { Tape } from '@/tape/Tape';
import type { DeskData, Edit, Fault } from '@/types/desk';
import { Theme } from '@/ui/Theme';

/** What can take modules off the roof without saying so. */
const takesOut = (edit: Edit) => 'path' in edit && /^\/block\/(rows|columns)$/.test(edit.path);

/** By place, what edits bring that somebody typed. */
const typedIn = (edits: Edit[]) =>
    Object.fromEntries(edits.flatMap((edit) => ('typed' in edit ? [[edit.path, edit.typed]] : [])));

type Props = { job: { id: number; name: string }; stage: string; surface: string | null; block: string | null };

/** Another surface or block is another desk: nothing of the one before is carried over. */
export default function Desk(props: Props) {
    show(props.surface, props.block);
    return <DeskOfOne key={`${props.surface}/${props.block}`} {...props} />;
}

function DeskOfOne({ job, stage, surface, block }: Props) {
    const may = usePage<{ user: { may: string[] } }>().props.user.may;
    const [data, setData] = useState<DeskData | null>(null);
    const [faults, setFaults] = useState<Record<string, Fault>>({});
    const [notice, setNotice] = useState<string | null>(null);
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [saving, setSaving] = useState<Saving>({ waiting: 0, offline: false });
    const busy = saving.waiting > 0;
    const [asked, setAsked] = useState<string | null>(null);
    const [runId, setRunId] = useState<string | null>(null);
    const [place, setPlace] = useState<number | null>(null);
    const [area, setArea] = useState<string | null>(null);
    const [showsDesigns, setShowsDesigns] = useState(false);
    /** By stage, how much of the middle the sheet takes where somebody pulled at what is under it, in per cent. */
    const [shares, setShares] = useState<Record<string, number | undefined>>({});
    const [question, setQuestion] = useState<Question | null>(null);
    /** A design of one's own that lost a race. */
    const [side, setSide] = useState<{ id: number; number: number } | null>(null);
    const unsaved = useRef<string | null>(null);
    const showTape = ['attachments', 'rails', 'holes'].includes(stage);
    const { live, look, stop } = useLive(job.id, data?.design.id ?? null, showTape ? (runId ?? data?.runs[0]?.id ?? null) : null);

    useEffect(() => {
        loadDesk(job.id).then(setData, (error: Error) => setNotice(error.message));
    }, [job.id]);

    const base = useRef(0);
    /** What the last save answered with. */
    const newestData = useRef<DeskData | null>(null);
    /** The design that stands now, whoever made it; the one at hand where it cannot be had. */
    const newest = useCallback(
        () =>
            loadDesk(job.id).then(
                (now) => {
                    setData(now);
                    return now.design.id;
                },
                () => base.current,
            ),
        [job.id],
    );
    /** One queue for the job, as long as its desk is open. */
    const saves = useMemo(
        () =>
            new Saves(job.id, {
                saving: setSaving,
                answered: async (answer, edits) => {
                    setFaults((now) => without(now, edits));
                    setTyped((now) =>
                        without(
                            now,
                            edits.filter((edit) => !('path' in edit && saves.isWaiting(edit.path))),
                        ),
                    );
                    setNotice(null);
                    if (answer.status === 409) {
                        setSide(answer.data.design);
                        return newest();
                    }
                    newestData.current = answer.data;
                    setData(answer.data);
                    return answer.data.design.id;
                },
                doubtful: () => {
                    setNotice('The server did not answer. Whether that was done shows in the newest design, which is this one.');
                    return newest();
                },
                refused: (why, edits) => {
                    setFaults((now) => faultsAfter(now, edits, why));
                    setNotice(why.faults.length > 0 ? 'Not saved: see the value marked below.' : why.message);
                },
            }),
        [job.id, newest],
    );
    if (data !== null) {
        base.current = data.design.id;
        saves.base ??= data.design.id;
    }
    // What was asked or chosen at one stage is not carried to the next; what was typed is.
    // biome-ignore lint/correctness/useExhaustiveDependencies: only another stage matters
    useEffect(() => {
        setAsked(null);
        setArea(null);
        setPlace(null);
        stop();
    }, [stage]);
    // What had the focus may be gone with the change: it goes to the worksheet, never to the page's body.
    const shownBefore = useRef(false);
    // biome-ignore lint/correctness/useExhaustiveDependencies: whatever takes elements away
    useEffect(() => {
        if (shownBefore.current && (document.activeElement === null || document.activeElement === document.body)) {
            document.getElementById('worksheet')?.focus({ preventScroll: true });
        }
        shownBefore.current = data !== null;
    }, [stage, data?.design.id, faults, question]);
    const send = useCallback(
        (ask: (base: number) => Promise<{ status: number; data: DeskData }>) =>
            saves.turn(ask).then((done) => {
                if (done) {
                    stop();
                }
                return done;
            }),
        [saves, stop],
    );
    const [on, of] = [data?.surface ?? '', data?.block ?? ''];
    const save = useCallback(
        (edits: Edit[]) => {
            setTyped((now) => ({ ...now, ...typedIn(edits) }));
            return saves.edit(edits.map((one) => ({ of, ...one, on }))).then((done) => {
                if (done && saves.waiting === 0) {
                    stop();
                }
                return done;
            });
        },
        [saves, stop, on, of],
    );
    const giveUp = useCallback((path: string) => {
        setFaults((now) => without(now, [{ path, typed: '' }]));
        setTyped((now) => without(now, [{ path, typed: '' }]));
        setNotice(null);
    }, []);
    const edit = useCallback(
        async (edits: Edit[], after?: (now: DeskData) => void) => {
            if (data === null) {
                return false;
            }
            if (after !== undefined) {
                return save(edits).then((done) => {
                    if (done && newestData.current !== null) {
                        after(newestData.current);
                    }
                    return done;
                });
            }
            const asks = edits.find(takesOut);
            if (asks !== undefined && 'path' in asks) {
                const after = await preview(job.id, data.design.id, edits, null).catch(() => null);
                const fewer = data.summary.modules - (after?.summary.modules ?? data.summary.modules);
                if (fewer > 0) {
                    setTyped((now) => ({ ...now, ...typedIn(edits) }));
                    return new Promise<boolean>((answer) => {
                        setQuestion({
                            text: `${fewer === 1 ? 'One module' : `${fewer} modules`} would be taken out.`,
                            path: asks.path,
                            agree: () => {
                                setQuestion(null);
                                void save(edits).then(answer);
                            },
                            keep: () => {
                                setQuestion(null);
                                giveUp(asks.path);
                                stop();
                                answer(false);
                            },
                        });
                    });
                }
            }
            return save(edits);
        },
        [job.id, data, save, giveUp, stop],
    );
    const goTo = useCallback((way: string) => send((base) => step(job.id, base, way)), [job.id, send]);
    useEffect(() => {
        const keys = (event: KeyboardEvent) => {
            const typing = event.target instanceof HTMLElement && event.target.matches('input,textarea,select');
            if (!typing && (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
                event.preventDefault();
                void goTo(event.shiftKey ? 'redo' : 'undo');
            }
        };
        const leaving = (event: BeforeUnloadEvent) => {
            if (unsaved.current !== null || saves.waiting > 0 || Object.keys(typed).length > 0) {
                event.preventDefault();
            }
        };
        window.addEventListener('keydown', keys);
        window.addEventListener('beforeunload', leaving);
        return () => {
            window.removeEventListener('keydown', keys);
            window.removeEventListener('beforeunload', leaving);
        };
    }, [goTo, saves, typed]);

    const desk = useMemo(
        () =>
            data === null
                ? null
                : {
                      job: job.id,
                      may: (what: string) => may.includes(what),
                      data,
                      shown: live?.planned ?? data,
                      faults,
                      typed,
                      giveUp,
                      question,
                      busy,
                      edit,
                      look: (edits: Edit[]) => (edits.length === 0 ? stop() : look(edits)),
                      unsaved: (path: string | null) => {
                          unsaved.current = path;
                      },
                      ask: (path: string) => {
                          setShowsDesigns(false);
                          setAsked(path);
                      },
                      send,
                      sign: (subjects: { subject: string; value: string }[], name: string, reason: string, password: string) =>
                          send((base) => sendSignature(job.id, { base, subjects, name, reason, password })),
                  },
        [job.id, may, data, live, faults, typed, giveUp, question, busy, send, edit, look, stop],
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
    const onHand = (edits: Edit[], doing: 'moving' | 'done' | 'given up') => {
        if (doing === 'moving') {
            look(edits);
        } else if (doing === 'done') {
            void edit(edits).then((saved) => saved || stop());
        } else {
            stop();
        }
    };
    const inView = data.blocks.findIndex((one) => one.id === data.block) + 1;
    const onModule = (row: number, column: number) =>
        stage === 'loads'
            ? desk.ask(`modules/${inView > 1 ? `${inView}/` : ''}${row}/${column}`)
            : void edit([{ toggle: { row, column } }]);
    const onBlock = (number: number) => {
        const chosen = data.blocks[number - 1];
        if (chosen !== undefined && Object.keys(faults).length === 0 && Object.keys(typed).length === 0) {
            router.visit(stageOf(job.id, stage, data.surface, chosen.id));
        }
    };
    const shown = live?.planned ?? data;
    const drawn = shown.runs.find((one) => one.id === runId) ?? shown.runs[0];
    const saved = data.runs.find((one) => one.id === drawn?.id);
    // A preview sends tape and table of one run; of another, chosen since, the saved ones stay until those are there.
    const run =
        drawn !== undefined && drawn.tape.length === 0 && saved !== undefined
            ? { ...drawn, tape: saved.tape, table: saved.table, places: saved.places }
            : drawn;
    const wait = `${saving.waiting === 1 ? 'One entry waits' : `${saving.waiting} entries wait`} for the network; nothing is lost.`;
    const said = [
        saving.offline ? wait : null,
        question !== null ? 'Not saved yet: rows or columns wait for your answer, at their place.' : null,
        side !== null ? `Somebody saved before you. Yours is kept as design ${side.number}; this is the newest one.` : null,
        notice,
    ].filter((one) => one !== null);
    const loud = said.length > 0;
    if (!loud) {
        said.push(busy ? 'Saving and planning' : Object.keys(faults).length > 0 ? 'All but the marked values saved' : 'Saved');
    }
    const pulled = shares[stage];
    const tall = ['handover', 'holes', 'loads'].includes(stage);
    const datum = (path: '/rules/run_datum' | '/rules/slope_datum') => data.fields[path]?.text ?? '';
    return (
        <DeskContext.Provider value={desk}>
            <Head title={data.fields['/name']?.text ?? job.name} />
            <a href="#worksheet" className="skip">
                To the worksheet
            </a>
            <p id={FROM_EXAMPLE} hidden>
                From the example; nobody entered it. Enter keeps it.
            </p>
            <div className="flex min-h-screen flex-col md:h-screen md:min-h-0">
                <header className="flex flex-none flex-col border-ink border-b md:flex-row">
                    <div className="flex-none border-line px-5 py-2.5 md:w-[300px] md:border-r">
                        <h1 className="truncate text-[1.13rem] leading-tight">{data.fields['/name']?.text}</h1>
                        <p className="truncate text-muted text-[0.87rem]">
                            <Link href="/jobs" className="why">
                                Jobs
                            </Link>{' '}
                            ·{' '}
                            <button
                                type="button"
                                className="why"
                                onClick={() => {
                                    setAsked(null);
                                    setShowsDesigns(!showsDesigns);
                                }}
                            >
                                design {data.design.number}
                            </button>{' '}
                            ·{' '}
                            {may.includes('update') && (
                                <>
                                    <Step way="undo" what={data.history.undo} says="Takes back" onStep={goTo} />{' '}
                                    <Step way="redo" what={data.history.redo} says="Brings again" onStep={goTo} /> ·{' '}
                                </>
                            )}
                            <Theme />
                        </p>
                    </div>
                    <div className="min-w-0 flex-1">
                        <Rule job={job.id} surface={surface} block={block} stages={data.stages} current={stage} />
                    </div>
                </header>
                <p role="status" aria-live="polite" className={loud ? 'flex-none bg-garnet px-5 py-1 text-paper' : 'sr-only'}>
                    {said.join(' ')}
                    {side !== null && (
                        <>
                            <button
                                type="button"
                                className="act act-small ml-3 text-ink"
                                onClick={() => void goTo(`${side.id}/onto`).then((done) => done && setSide(null))}
                            >
                                Put mine onto it
                            </button>
                            <button type="button" className="act act-small ml-3 text-ink" onClick={() => setSide(null)}>
                                Leave it there
                            </button>
                        </>
                    )}
                </p>
                <div className="contents min-h-0 flex-1 md:flex">
                    <main
                        id="worksheet"
                        tabIndex={-1}
                        className="order-4 flex-none overflow-y-auto border-line bg-panel px-5 py-4 md:order-none md:w-[300px] md:border-r"
                        aria-busy={busy}
                    >
                        <Surfaces stage={stage} />
                        {['modules', 'attachments'].includes(stage) && <Blocks stage={stage} />}
                        <Worksheet stage={stage} />
                        <FindingList findings={data.findings.filter((finding) => finding.stage === stage)} />
                    </main>
                    <section aria-label="Sheet and tables" className="contents min-w-0 flex-none flex-col md:flex md:flex-1">
                        <div
                            className={`relative order-1 md:order-none ${pulled === undefined ? `md:min-h-[320px] ${tall ? 'flex-none md:h-[46%]' : 'flex-1'}` : 'flex-none md:h-[var(--pulled)]'}`}
                            style={pulled === undefined ? {} : ({ '--pulled': `${pulled}%` } as React.CSSProperties)}
                        >
                            <Sheet
                                planned={shown}
                                stage={stage}
                                sequence={live?.sequence ?? 0}
                                selectedArea={area}
                                onArea={setArea}
                                {...(may.includes('update') ? { onHand } : {})}
                                selectedRun={showTape ? (run?.id ?? null) : null}
                                onRun={(id) => {
                                    setRunId(id);
                                    if (stage === 'rails') {
                                        desk.ask(`runs/${id}/rail`);
                                    }
                                }}
                                {...(stage === 'attachments'
                                    ? {
                                          onMember: (member: number) => desk.ask(`members/${member}`),
                                          place,
                                          onPlace: setPlace,
                                      }
                                    : {})}
                                onFoot={(id, foot) => {
                                    setRunId(id);
                                    desk.ask(`runs/${id}/feet/${foot}`);
                                }}
                                {...(stage === 'loads' || may.includes('update') ? { onModule } : {})}
                                {...(stage === 'modules' && !busy ? { onBlock } : {})}
                            />
                            {live !== null && <LiveStrip live={live} data={data} />}
                        </div>
                        {stage === 'surface' && area !== null && <AreaStrip id={area} onGone={() => setArea(null)} />}
                        {!['site', 'modules'].includes(stage) && (
                            <Pull share={pulled} onPull={(share) => setShares({ ...shares, [stage]: share })} />
                        )}
                        <StagePanel
                            pulled={pulled !== undefined}
                            stage={stage}
                            run={run}
                            onRun={setRunId}
                            place={place}
                            onPlace={setPlace}
                        />
                    </section>
                    {showsDesigns && <HistoryPanel onStep={goTo} onClose={() => setShowsDesigns(false)} />}
                    {asked !== null && !showsDesigns && (
                        <BecausePanel job={job.id} path={asked} design={data.design.id} onClose={() => setAsked(null)} />
                    )}
                </div>
                {showTape && run !== undefined && run.tape.length > 0 && (
                    <footer className="order-2 flex-none border-ink border-t md:order-none">
                        <Tape
                            run={run}
                            units={data.units}
                            slope={data.slope_tape}
                            runDatum={datum('/rules/run_datum')}
                            slopeDatum={datum('/rules/slope_datum')}
                            head={shown.tape_head}
                            onFoot={(foot) => desk.ask(`runs/${run.id}/feet/${foot}`)}
                            {...(stage === 'attachments'
                                ? {
                                      place,
                                      onPlace: setPlace,
                                      ...(may.includes('update')
                                          ? {
                                                onHand: (what: 'pin' | 'bar', member: number) => {
                                                    const crossing = { line: run.letter, member };
                                                    const of = data.blocks[run.block - 1]?.id ?? data.block;
                                                    void edit([what === 'pin' ? { pin: crossing, of } : { bar: crossing, of }]);
                                                },
                                            }
                                          : {}),
                                  }
                                : {})}
                        />
                    </footer>
                )}
            </div>
        </DeskContext.Provider>
    );
}

function Step(props: { way: 'undo' | 'redo'; what: string | null; says: string; onStep: (way: string) => Promise<boolean> }) {
    return (
        <button
            type="button"
            className="why disabled:no-underline disabled:opacity-60"
            disabled={props.what === null}
            title={props.what === null ? `Nothing to ${props.way}` : `${props.says}: ${props.what}`}
            onClick={() => void props.onStep(props.way)}
        >
            {props.way}
        </button>
    );
}

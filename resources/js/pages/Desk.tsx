import { Head, usePage } from '@inertiajs/react';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { sign as sendSignature, show, step } from '@/api';
import { BecausePanel } from '@/desk/BecausePanel';
import { Blocks } from '@/desk/Blocks';
import { DeskContext, ShownContext, useDesk } from '@/desk/DeskContext';
import { FindingList } from '@/desk/FindingList';
import { Header } from '@/desk/Header';
import { HistoryPanel } from '@/desk/HistoryPanel';
import { type Choice, Middle, TapeInHand } from '@/desk/Middle';
import { Notice } from '@/desk/Notice';
import { FROM_EXAMPLE } from '@/desk/Slot';
import { Surfaces } from '@/desk/Surfaces';
import { useLive } from '@/desk/useLive';
import { useEdit, useSaves } from '@/desk/useSaves';
import { useFocus, useKeys } from '@/desk/useWindow';
import { TableMiddle } from '@/ground/TableMiddle';
import { TableSheets } from '@/ground/TableSheets';
import { Worksheet } from '@/stages/Worksheet';
import type { DeskData, Edit, Planned } from '@/types/desk';

type Props = { job: { id: number; name: string }; stage: string; surface: string | null; block: string | null };

/** Another surface or block is another desk: nothing of the one before is carried over. */
export default function Desk(props: Props) {
    show(props.surface, props.block);
    return <DeskOfOne key={`${props.surface}/${props.block}`} {...props} />;
}

/** The run in hand, drawn as it would be, with the tape and the table that there are. */
function runInHand(shown: Planned | null, data: DeskData | null, id: string | null) {
    const drawn = shown?.runs.find((one) => one.id === id) ?? shown?.runs[0];
    const saved = data?.runs.find((one) => one.id === drawn?.id);
    // A preview sends tape and table of one run; of another, chosen since, the saved ones stay until those are there.
    return drawn !== undefined && drawn.tape.length === 0 && saved !== undefined
        ? { ...drawn, tape: saved.tape, table: saved.table, places: saved.places }
        : drawn;
}

/** What is looked at on the desk: a run, a place on it, an area, a because or the list of designs; each stage begins anew. */
function useLookedAt(stage: string, stop: () => void) {
    const [asked, setAsked] = useState<string | null>(null);
    const [place, setPlace] = useState<number | null>(null);
    const [area, setArea] = useState<string | null>(null);
    const [showsDesigns, setShowsDesigns] = useState(false);
    // What was asked or chosen at one stage is not carried to the next; what was typed is.
    // biome-ignore lint/correctness/useExhaustiveDependencies: only another stage matters
    useEffect(() => {
        setAsked(null);
        setArea(null);
        setPlace(null);
        stop();
    }, [stage]);
    return { asked, setAsked, place, setPlace, area, setArea, showsDesigns, setShowsDesigns };
}

/** The desk with what stands on it: what is saved and what waits, what a hand makes of it, what is looked at. */
function useTheDesk(job: Props['job'], stage: string, tapeOf: string | null) {
    const may = usePage<{ user: { may: string[] } }>().props.user.may;
    const unsaved = useRef<string | null>(null);
    const stopLook = useRef(() => {});
    const stop = useCallback(() => stopLook.current(), []);
    const saved = useSaves(job.id, stop);
    const { data, faults, typed, saving, send, giveUp } = saved;
    const {
        live,
        look,
        stop: stopNow,
    } = useLive(job.id, data?.design.id ?? null, tapeOf === '' ? (data?.runs[0]?.id ?? null) : tapeOf);
    stopLook.current = stopNow;
    const { questions, edit } = useEdit(job.id, saved, stop);
    const at = useLookedAt(stage, stop);
    const { setAsked, setShowsDesigns } = at;
    const busy = saving.waiting > 0;
    useFocus(stage, data, [faults, questions]);
    const goTo = useCallback((way: string) => send((base) => step(job.id, base, way)), [job.id, send]);
    useKeys(goTo, saved.saves, typed, unsaved);
    const desk = useMemo(
        () =>
            data === null
                ? null
                : {
                      job: job.id,
                      may: (what: string) => may.includes(what),
                      data,
                      faults,
                      typed,
                      giveUp,
                      questions,
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
        [job.id, may, data, faults, typed, giveUp, questions, busy, send, edit, look, stop, setAsked, setShowsDesigns],
    );
    return { desk, data, live, saved, at, goTo };
}

function DeskOfOne({ job, stage, surface, block }: Props) {
    const [runId, setRunId] = useState<string | null>(null);
    const [shares, setShares] = useState<Record<string, number | undefined>>({});
    const showTape = ['attachments', 'rails', 'holes'].includes(stage);
    const { desk, data, live, saved, at, goTo } = useTheDesk(job, stage, showTape ? (runId ?? '') : null);
    if (desk === null || data === null) {
        return <NotYet name={job.name} says={saved.notice ?? 'Planning …'} />;
    }
    const shown = live?.planned ?? data;
    const choice: Choice = {
        run: runInHand(shown, data, runId),
        onRun: setRunId,
        place: at.place,
        onPlace: at.setPlace,
        area: at.area,
        onArea: at.setArea,
    };
    return (
        <DeskContext.Provider value={desk}>
            <ShownContext.Provider value={shown}>
                <Head title={data.fields['/name']?.text ?? job.name} />
                <a href="#worksheet" className="skip">
                    To the worksheet
                </a>
                <p id={FROM_EXAMPLE} hidden>
                    From the example; nobody entered it. Enter keeps it.
                </p>
                <div className="flex min-h-screen flex-col md:h-screen md:min-h-0">
                    <Header
                        surface={surface}
                        block={block}
                        stage={stage}
                        goTo={goTo}
                        onDesigns={() => {
                            at.setAsked(null);
                            at.setShowsDesigns(!at.showsDesigns);
                        }}
                    />
                    <Notice
                        saving={saved.saving}
                        side={saved.side}
                        notice={saved.notice}
                        onOnto={(id) => void goTo(`${id}/onto`).then((done) => done && saved.setSide(null))}
                        onLeave={() => saved.setSide(null)}
                    />
                    <div className="contents min-h-0 flex-1 md:flex">
                        <Left stage={stage} />
                        {shown.table !== null ? (
                            <TableMiddle stage={stage} table={shown.table} live={live} />
                        ) : (
                            <Middle
                                stage={stage}
                                live={live}
                                choice={choice}
                                showTape={showTape}
                                pulled={shares[stage]}
                                onPull={(share) => setShares({ ...shares, [stage]: share })}
                            />
                        )}
                        {at.showsDesigns && <HistoryPanel onStep={goTo} onClose={() => at.setShowsDesigns(false)} />}
                        {at.asked !== null && !at.showsDesigns && (
                            <BecausePanel
                                job={job.id}
                                path={at.asked}
                                design={data.design.id}
                                onClose={() => at.setAsked(null)}
                            />
                        )}
                    </div>
                    {showTape && <TapeInHand stage={stage} choice={choice} />}
                </div>
            </ShownContext.Provider>
        </DeskContext.Provider>
    );
}

function NotYet({ name, says }: { name: string; says: string }) {
    return (
        <main className="p-6">
            <Head title={name} />
            <h1 className="text-[1.2rem]">{name}</h1>
            <p role="status">{says}</p>
        </main>
    );
}

/** The worksheet with what it is of, and what was found at its stage; what a hand draws does not make it anew. */
const Left = memo(function Left({ stage }: { stage: string }) {
    const desk = useDesk();
    return (
        <main
            id="worksheet"
            tabIndex={-1}
            className="order-4 flex-none overflow-y-auto border-line bg-panel px-5 py-4 md:order-none md:w-[300px] md:border-r"
            aria-busy={desk.busy}
        >
            <Surfaces stage={stage} />
            {['modules', 'attachments', 'rails'].includes(stage) && <Blocks stage={stage} />}
            {desk.data.table === null ? <Worksheet stage={stage} /> : <TableSheets stage={stage} />}
            <FindingList findings={desk.data.findings.filter((finding) => finding.stage === stage)} />
        </main>
    );
});

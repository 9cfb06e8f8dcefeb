import { type Dispatch, type SetStateAction, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { loadDesk, preview } from '@/api';
import type { Question } from '@/desk/DeskContext';
import { faultsAfter, Saves, type Saving, without } from '@/desk/saves';
import type { DeskData, Edit, Fault } from '@/types/desk';

/** What can take modules off the roof without saying so. */
const takesOut = (edit: Edit) => 'path' in edit && /^\/block\/(rows|columns)$/.test(edit.path);

/** By place, what edits bring that somebody typed. */
const typedIn = (edits: Edit[]) =>
    Object.fromEntries(edits.flatMap((edit) => ('typed' in edit ? [[edit.path, edit.typed]] : [])));

/** The design at hand with all that waits, was refused or is asked about it, and the acts that change it. */
export function useSaves(job: number, stop: () => void) {
    const [data, setData] = useState<DeskData | null>(null);
    const [faults, setFaults] = useState<Record<string, Fault>>({});
    const [notice, setNotice] = useState<string | null>(null);
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [saving, setSaving] = useState<Saving>({ waiting: 0, offline: false });
    /** A design of one's own that lost a race. */
    const [side, setSide] = useState<{ id: number; number: number } | null>(null);
    useEffect(() => {
        loadDesk(job).then(setData, (error: Error) => setNotice(error.message));
    }, [job]);
    const base = useRef(0);
    /** What the last save answered with. */
    const newestData = useRef<DeskData | null>(null);
    /** The design that stands now, whoever made it; the one at hand where it cannot be had. */
    const newest = useCallback(
        () =>
            loadDesk(job).then(
                (now) => {
                    setData(now);
                    return now.design.id;
                },
                () => base.current,
            ),
        [job],
    );
    const saves = useQueue(job, { setData, setFaults, setNotice, setTyped, setSaving, setSide, newestData }, newest);
    if (data !== null) {
        base.current = data.design.id;
        saves.base ??= data.design.id;
    }
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
    return { data, faults, notice, typed, saving, side, setSide, setTyped, newestData, saves, send, save, giveUp };
}

type Put<Value> = Dispatch<SetStateAction<Value>>;

/** Where what a queue tells is shown. */
type Shows = {
    setData: Put<DeskData | null>;
    setFaults: Put<Record<string, Fault>>;
    setNotice: Put<string | null>;
    setTyped: Put<Record<string, string>>;
    setSaving: Put<Saving>;
    setSide: Put<{ id: number; number: number } | null>;
    newestData: { current: DeskData | null };
};

/** One queue for the job, as long as its desk is open. */
function useQueue(job: number, show: Shows, newest: () => Promise<number>): Saves {
    const { setData, setFaults, setNotice, setTyped, setSaving, setSide, newestData } = show;
    const saves: Saves = useMemo(
        () =>
            new Saves(job, {
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
        [job, newest, setData, setFaults, setNotice, setTyped, setSaving, setSide, newestData],
    );
    return saves;
}

type Saved = ReturnType<typeof useSaves>;

/** An edit as it is made on the desk: what would take modules away is asked about first. */
export function useEdit(job: number, { data, newestData, save, setTyped, giveUp }: Saved, stop: () => void) {
    // Each at its place: another that is asked meanwhile drops none.
    const [questions, setQuestions] = useState<Record<string, Question>>({});
    const ask = useCallback(
        (edits: Edit[], path: string, fewer: number) => {
            setTyped((now) => ({ ...now, ...typedIn(edits) }));
            return new Promise<boolean>((answer) => {
                const answered = () =>
                    setQuestions((now) => Object.fromEntries(Object.entries(now).filter(([at]) => at !== path)));
                const question = {
                    text: `${fewer === 1 ? 'One module' : `${fewer} modules`} would be taken out.`,
                    agree: () => {
                        answered();
                        void save(edits).then(answer);
                    },
                    keep: () => {
                        answered();
                        giveUp(path);
                        stop();
                        answer(false);
                    },
                };
                setQuestions((now) => ({ ...now, [path]: question }));
            });
        },
        [save, setTyped, giveUp, stop],
    );
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
                const then = await preview(job, data.design.id, edits, null).catch(() => null);
                const fewer = data.summary.modules - (then?.summary.modules ?? data.summary.modules);
                if (fewer > 0) {
                    return ask(edits, asks.path, fewer);
                }
            }
            return save(edits);
        },
        [job, data, newestData, save, ask],
    );
    return { questions, edit };
}

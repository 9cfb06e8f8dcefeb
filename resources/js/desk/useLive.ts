import { useCallback, useEffect, useRef, useState } from 'react';
import { preview, Refused, Superseded } from '@/api';
import { uuid } from '@/desk/saves';
import type { Edit, Planned } from '@/types/desk';

/** What changes would do: the last drawing that could be made, and what is wrong with the newest change, if anything. */
export type Live = { planned: Planned | null; sequence: number; wrong: string | null };

/** A large roof takes seconds: so long an older look has before it gives way to a newer one. */
const PATIENCE_MS = 1000;

/**
 * Looks at changes while a hand or a key makes them: one question on its way at a time, the newest wins, and the last good
 * drawing stays while the change in hand makes no sense.
 */
export function useLive(job: number, base: number | null, tapeOf: string | null) {
    const [live, setLive] = useState<Live | null>(null);
    const tape = useRef(tapeOf);
    tape.current = tapeOf;
    const waiting = useRef<Edit[] | null>(null);
    const newest = useRef<Edit[] | null>(null);
    const asking = useRef<AbortController | null>(null);
    const sequence = useRef(0);
    const [tab] = useState(uuid);
    /** Answers up to this one are no longer of interest. */
    const past = useRef(0);

    const pump = useCallback(async () => {
        if (asking.current !== null || waiting.current === null || base === null) {
            return;
        }
        const edits = waiting.current;
        waiting.current = null;
        const question = new AbortController();
        asking.current = question;
        const patience = setInterval(() => {
            if (waiting.current !== null) {
                question.abort();
            }
        }, PATIENCE_MS);
        sequence.current += 1;
        const mine = sequence.current;
        try {
            const planned = await preview(job, base, edits, tape.current, { tab, sequence: mine, void: question.signal });
            if (mine > past.current) {
                setLive({ planned, sequence: mine, wrong: null });
            }
        } catch (error) {
            if (mine > past.current && !(error instanceof Superseded)) {
                const fault = error instanceof Refused ? error.faults[0] : undefined;
                const wrong = fault === undefined ? (error as Error).message : `expected ${fault.expected}; found ${fault.found}`;
                setLive((now) => ({ planned: now?.planned ?? null, sequence: mine, wrong }));
            }
        } finally {
            clearInterval(patience);
            asking.current = null;
            void pump();
        }
    }, [job, base, tab]);

    const look = useCallback(
        (edits: Edit[]) => {
            newest.current = edits;
            waiting.current = edits;
            void pump();
        },
        [pump],
    );
    const stop = useCallback(() => {
        newest.current = null;
        waiting.current = null;
        past.current = sequence.current;
        setLive(null);
    }, []);
    // A new design makes every look at the old one void.
    // biome-ignore lint/correctness/useExhaustiveDependencies: only a new base matters
    useEffect(stop, [base]);
    // Another run came on view: what was sent has no tape of it.
    // biome-ignore lint/correctness/useExhaustiveDependencies: only another run matters
    useEffect(() => {
        if (newest.current !== null) {
            look(newest.current);
        }
    }, [tapeOf]);
    return { live, look, stop };
}

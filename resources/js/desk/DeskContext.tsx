import { createContext, useContext } from 'react';
import type { DeskData, Edit, Fault, Planned } from '@/types/desk';

/** A change whose consequence is named before it is saved. */
export type Question = { text: string; agree: () => void; keep: () => void };

export type Desk = {
    job: number;
    /** What this user may do: update, sign, issue, archive. */
    may: (what: string) => boolean;
    data: DeskData;
    /** Faults by place, each until what stands there is mended or given up. */
    faults: Record<string, Fault>;
    /** By place, what was typed there and is not saved: on its way, or refused. */
    typed: Record<string, string>;
    /** Lets go of what was refused at a place. */
    giveUp: (path: string) => void;
    /** Changes that wait until their consequence is agreed to, by the place that they are about. */
    questions: Record<string, Question>;
    busy: boolean;
    /** Saves edits of the surface in view; what comes after is told the design that was saved. */
    edit: (edits: Edit[], after?: (now: DeskData) => void) => Promise<boolean>;
    /** Shows what edits would do without saving them; none shows the saved design again. */
    look: (edits: Edit[]) => void;
    /** Names a value that was typed and not saved yet, or none. */
    unsaved: (path: string | null) => void;
    ask: (path: string) => void;
    /** Sends anything else that answers with the desk. */
    send: (ask: (base: number) => Promise<{ status: number; data: DeskData }>) => Promise<boolean>;
    /** With the password again, where the server asks for it. */
    sign: (subjects: { subject: string; value: string }[], name: string, reason: string, password: string) => Promise<boolean>;
};

export const DeskContext = createContext<Desk | null>(null);

export function useDesk(): Desk {
    const desk = useContext(DeskContext);
    if (desk === null) {
        throw new Error('A part of the desk stands outside it.');
    }
    return desk;
}

/**
 * What is drawn now: the saved plan, or what a change in hand would make of it. It changes with every move of a hand, and apart from the desk: what only
 * saved values stand in is not drawn anew meanwhile.
 */
export const ShownContext = createContext<Planned | null>(null);

export function useShown(): Planned {
    const shown = useContext(ShownContext);
    if (shown === null) {
        throw new Error('A part of the desk stands outside it.');
    }
    return shown;
}

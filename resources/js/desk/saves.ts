import { Refused, saveEdits, Unreachable } from '@/api';
import type { DeskData, Edit, Fault } from '@/types/desk';

type Answer = { status: number; data: DeskData };

type Entry = {
    /** Repeated with its key, a save answers with what was stored the first time. */
    key: string;
    edits: Edit[];
    /** Something else than edits, which goes in its turn. */
    ask?: (base: number) => Promise<Answer>;
    /** Refused together with others: goes alone, so that only what is wrong stays behind. */
    alone?: boolean;
    /** How many went under its key. */
    together?: number;
    done: (saved: boolean) => void;
};

export type Saving = {
    /** Entries that were not answered yet. */
    waiting: number;
    offline: boolean;
};

type Listener = {
    saving: (now: Saving) => void;
    /** Tells the design that the next save is to start from; never fails. */
    answered: (answer: Answer, edits: Edit[]) => Promise<number>;
    refused: (why: Refused, edits: Edit[]) => void;
    /** Whether a turn was done is not known: what there is now tells. */
    doubtful: () => Promise<number>;
};

const PAUSE_MS = 1_500;

/**
 * What one person changes goes to the server in order, one save at a time, each from the design that the last one answered with.
 * What is typed meanwhile is joined into the next. Without a network the entries wait here and go when it is back.
 */
export class Saves {
    base: number | null = null;

    private entries: Entry[] = [];

    private running = false;

    private offline = false;

    constructor(
        private readonly job: number,
        private readonly listener: Listener,
    ) {}

    edit(edits: Edit[]): Promise<boolean> {
        return this.add({ edits });
    }

    turn(ask: (base: number) => Promise<Answer>): Promise<boolean> {
        return this.add({ edits: [], ask });
    }

    get waiting(): number {
        return this.entries.length;
    }

    isWaiting(path: string): boolean {
        return this.entries.some((entry) => entry.edits.some((edit) => 'path' in edit && edit.path === path));
    }

    private add(entry: Pick<Entry, 'edits' | 'ask'>): Promise<boolean> {
        return new Promise((done) => {
            this.entries.push({ key: uuid(), done, ...entry });
            this.tell();
            void this.run();
        });
    }

    private tell() {
        this.listener.saving({ waiting: this.entries.length, offline: this.offline });
    }

    private async run() {
        if (this.running || this.base === null) {
            return;
        }
        this.running = true;
        while (this.entries.length > 0 && this.base !== null) {
            await this.next(this.base);
        }
        this.running = false;
    }

    private async next(base: number) {
        const batch = this.batch();
        const first = batch[0] as Entry;
        const edits = batch.flatMap((entry) => entry.edits);
        try {
            const answer = await (first.ask === undefined ? saveEdits(this.job, base, edits, first.key) : first.ask(base));
            this.offline = false;
            this.entries.splice(0, batch.length);
            this.base = await this.listener.answered(answer, edits);
            for (const entry of batch) {
                entry.done(answer.status !== 409);
            }
        } catch (error) {
            if (error instanceof Unreachable && first.ask !== undefined) {
                // It has no key, and done twice it would be another step.
                this.entries.splice(0, 1);
                this.base = await this.listener.doubtful();
                first.done(false);
                this.tell();
                return;
            }
            if (error instanceof Unreachable) {
                this.offline = true;
                this.tell();
                await pause();
                return;
            }
            const refused = error instanceof Refused ? error : new Refused('Something went wrong here; nothing was saved.', []);
            this.offline = false;
            if (batch.length > 1) {
                for (const entry of batch) {
                    entry.alone = true;
                }
                return;
            }
            this.entries.splice(0, 1);
            this.listener.refused(refused, edits);
            first.done(false);
        }
        this.tell();
    }

    /** The entries that go together: edits that wait behind one another; once on their way they stay together under one key. */
    private batch(): Entry[] {
        const first = this.entries[0] as Entry;
        if (first.ask !== undefined || first.alone === true) {
            return [first];
        }
        const end = this.entries.findIndex((entry) => entry.ask !== undefined || entry.alone === true);
        first.together ??= end < 0 ? this.entries.length : end;
        return this.entries.slice(0, first.together);
    }
}

/** Random in the form of a UUID; crypto.randomUUID is not there without TLS. */
export function uuid(): string {
    const bytes = [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    return `${bytes.slice(0, 8)}-${bytes.slice(8, 12)}-4${bytes.slice(13, 16)}-a${bytes.slice(17, 20)}-${bytes.slice(20)}`;
}

/** A moment, or until the network says that it is back. */
function pause(): Promise<void> {
    return new Promise((resolve) => {
        const go = () => {
            window.removeEventListener('online', go);
            clearTimeout(timer);
            resolve();
        };
        const timer = setTimeout(go, PAUSE_MS);
        window.addEventListener('online', go);
    });
}

/** What stands at other places than those of some edits. */
export function without<T>(now: Record<string, T>, edits: Edit[]): Record<string, T> {
    const sent = new Set(
        edits.flatMap((edit) => ('path' in edit ? [edit.path] : 'tape' in edit || 'corner' in edit ? ['/surface/outline'] : [])),
    );
    return Object.fromEntries(Object.entries(now).filter(([path]) => !sent.has(path)));
}

/** Faults by place after a refusal; where the server named none, each value that was sent is marked as not saved. */
export function faultsAfter(now: Record<string, Fault>, edits: Edit[], why: Refused): Record<string, Fault> {
    const unsaved = edits.flatMap((edit) =>
        'typed' in edit ? [{ path: edit.path, expected: 'it to be saved', found: 'it was not; Enter sends it again' }] : [],
    );
    const faults = why.faults.length > 0 ? why.faults : unsaved;
    return { ...without(now, edits), ...Object.fromEntries(faults.map((fault) => [fault.path, fault])) };
}

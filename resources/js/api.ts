import type {
    BecauseNode,
    Beside,
    CataloguePart,
    CatalogueRow,
    Compared,
    DesignRow,
    DeskData,
    Edit,
    Fault,
    Filled,
    Hazards,
    Issued,
    LevelsTold,
    Planned,
    School,
    Supposed,
    TableBeside,
    TableKindBeside,
    Weather,
} from '@/types/desk';

/** The server's no, with what is wrong at which place. */
export class Refused extends Error {
    constructor(
        message: string,
        readonly faults: Fault[],
    ) {
        super(message);
    }
}

/** No answer, or one that leaves open whether anything was done. */
export class Unreachable extends Refused {
    constructor() {
        super('The server cannot be reached. What you typed is still here; try again.', []);
    }
}

/** A newer look took its place: nobody waits for the answer. */
export class Superseded extends Error {}

/** The surface that questions are about and answers show, and the block in view on it; none for the first of the job. */
let inView = '';

export const show = (surface: string | null, block: string | null) => {
    inView = new URLSearchParams({ ...(surface === null ? {} : { surface }), ...(block === null ? {} : { block }) }).toString();
};

/** So often a large plan asks for its turn, once a second. */
const TURNS = 60;

async function ask<T>(url: string, body?: unknown, signal?: AbortSignal): Promise<{ status: number; data: T }> {
    for (let turn = 1; ; turn += 1) {
        if (signal?.aborted) {
            throw new Superseded();
        }
        const answer = await askOnce<T>(url, body, turn === TURNS, signal);
        if (answer !== null) {
            return answer;
        }
        await new Promise((go) => setTimeout(go, 1000));
    }
}

/** Nothing where the server is busy with large plans, and it is to be asked again. */
async function askOnce<T>(
    url: string,
    body: unknown,
    isLast: boolean,
    signal?: AbortSignal,
): Promise<{ status: number; data: T } | null> {
    let response: Response;
    try {
        response = await fetch(inView === '' ? url : `${url}${url.includes('?') ? '&' : '?'}${inView}`, {
            signal: signal ?? null,
            method: body === undefined ? 'GET' : 'POST',
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? ''),
                ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
            },
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        });
    } catch {
        throw signal?.aborted ? new Superseded() : new Unreachable();
    }
    const data = await response.json().catch(() => null);
    if (signal?.aborted) {
        throw new Superseded();
    }
    if (response.ok || response.status === 409) {
        return { status: response.status, data: data as T };
    }
    if (response.status === 429 && data?.code === 'busy' && !isLast) {
        return null;
    }
    if ([502, 503, 504].includes(response.status)) {
        throw new Unreachable();
    }
    if (response.status === 419 || response.status === 401) {
        throw new Refused('You are no longer logged in. Reload the page and log in again; nothing saved is lost.', []);
    }
    if (response.status === 404) {
        throw new Refused('This is no longer there. Go back to the jobs; nothing that was saved is lost.', []);
    }
    throw new Refused(data?.message ?? `The server answered ${response.status}.`, data?.faults ?? []);
}

export const loadDesk = async (job: number) => (await ask<DeskData>(`/jobs/${job}/view`)).data;

/** A key made here: repeated, a save answers with what it stored the first time. */
export const saveEdits = (job: number, base: number, edits: Edit[], key: string) =>
    ask<DeskData>(`/jobs/${job}/designs`, { base, edits, key });

/** Of the runs only the one on view is sent its tape, if any. */
export const preview = async (
    job: number,
    base: number,
    edits: Edit[],
    tapeOf: string | null,
    look?: { tab: string; sequence: number; void: AbortSignal },
) => {
    const body = { base, edits, tape_of: tapeOf ?? '', tab: look?.tab ?? null, sequence: look?.sequence ?? 0 };
    return (await ask<Planned>(`/jobs/${job}/preview`, body, look?.void)).data;
};

export const designs = async (job: number) => (await ask<{ designs: DesignRow[] }>(`/jobs/${job}/designs`)).data.designs;

export const compare = async (job: number, one: number, two: number) =>
    (await ask<Compared>(`/jobs/${job}/compare?one=${one}&two=${two}`)).data;

/** What else would stand in place of the table in view, and tilts beside each other. */
export const tableBeside = async (job: number, what: 'ways' | 'sun' | 'fewest', isVoid?: AbortSignal) =>
    (await ask<TableBeside>(`/jobs/${job}/table/beside?what=${what}`, undefined, isVoid)).data;

/** Levels at the posts of a table out of a grid over its field. */
export const levelsOf = async (job: number, base: number, text: string) =>
    (await ask<LevelsTold>(`/jobs/${job}/table/levels`, { base, edits: [], text })).data;

/** The weather of the days on which the table in view is built. */
export const weather = async (job: number) => (await ask<Weather>(`/jobs/${job}/table/weather`)).data;

/** The same modules on each kind of table. */
export const tableKinds = async (job: number) => (await ask<TableKindBeside[]>(`/jobs/${job}/table/kinds`)).data;

export const hazards = async (job: number, place: string) =>
    (await ask<Hazards>(`/jobs/${job}/hazards?place=${encodeURIComponent(place)}`)).data;

export const ownCopy = (
    job: number,
    body: { base: number; coefficient: string; value: string; document: string; clause: string; name: string },
) => ask<DeskData>(`/jobs/${job}/own-copies`, body);

export const takeOwnCopies = (job: number, base: number) => ask<DeskData>(`/jobs/${job}/own-copies/take`, { base, edits: [] });

export const takeConfirmed = (job: number, base: number, password: string) =>
    ask<DeskData>(`/jobs/${job}/confirmations/take`, { base, edits: [], password });

export const issued = async (job: number) => (await ask<{ issued: Issued[] }>(`/jobs/${job}/issued`)).data.issued;

/** Of some surfaces, or of all where none is named. */
export const issue = async (job: number, base: number, note: string, purpose: 'review' | 'construction', surfaces: string[]) =>
    (
        await ask<{ issued: Issued[] }>(`/jobs/${job}/issued`, {
            base,
            note,
            purpose,
            surfaces: surfaces.length === 0 ? null : surfaces,
        })
    ).data.issued;

export const makePaper = async (job: number, one: number) =>
    (await ask<{ issued: Issued[] }>(`/jobs/${job}/issued/${one}/paper`, {})).data.issued;

export const beside = async (job: number, base: number, edits: Edit[]) =>
    (await ask<Beside>(`/jobs/${job}/beside`, { base, edits })).data;

/** The block in view as other schools lay it. */
export const schools = async (job: number, base: number) =>
    (await ask<School[]>(`/jobs/${job}/schools`, { base, edits: [] })).data;

/** Ways to fill the plane with the block in view. */
export const fill = async (job: number, base: number) => (await ask<Filled>(`/jobs/${job}/fill`, { base, edits: [] })).data;

export const catalogue = async (job: number, base: number, part: CataloguePart) =>
    (await ask<{ here: string; items: CatalogueRow[] }>(`/jobs/${job}/catalogue/${part}`, { base, edits: [] })).data;

export const takeFromCatalogue = (job: number, base: number, part: CataloguePart, item: number) =>
    ask<DeskData>(`/jobs/${job}/catalogue/${part}/${item}`, { base, edits: [] });

export const keepInCatalogue = async (job: number, base: number, part: CataloguePart) =>
    (await ask<{ name: string; version: number }>(`/jobs/${job}/catalogue/${part}/keep`, { base, edits: [] })).data;

/** Undo, redo, an earlier design again, or a side design onto the newest. */
export const step = (job: number, base: number, way: string) => ask<DeskData>(`/jobs/${job}/designs/${way}`, { base });

export const sign = (
    job: number,
    body: { base: number; subjects: { subject: string; value: string }[]; name: string; reason: string; password: string },
) => ask<DeskData>(`/jobs/${job}/confirmations`, body);

export const whatIf = async (job: number, base: number, path: string, edits: Edit[]) =>
    (await ask<Supposed>(`/jobs/${job}/because`, { base, path, edits })).data;

export const because = async (job: number, path: string) =>
    (await ask<BecauseNode>(`/jobs/${job}/because?path=${encodeURIComponent(path)}`)).data;

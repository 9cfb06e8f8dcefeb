import { Link, router } from '@inertiajs/react';
import { useDesk } from '@/desk/DeskContext';
import { RoofDrawing } from '@/desk/RoofDrawing';
import type { DeskData } from '@/types/desk';

/** Where a surface of a job is worked at, and a block of it; the first ones need no name. */
export const stageOf = (job: number, stage: string, surface: string | null, block: string | null = null) => {
    const named = new URLSearchParams({
        ...(surface === null ? {} : { surface }),
        ...(block === null ? {} : { block }),
    }).toString();
    return `/jobs/${job}/stage/${stage}${named === '' ? '' : `?${named}`}`;
};

/** What waits or was refused belongs to the surface in view: until it is done nobody goes to another. */
export function useHeld(): boolean {
    const { busy, faults, typed } = useDesk();
    return busy || Object.keys(faults).length > 0 || Object.keys(typed).length > 0;
}

/** The surfaces of the job, where there are several: the one in view and the others, each with how it stands. */
export function Surfaces({ stage }: { stage: string }) {
    const { job, data } = useDesk();
    const held = useHeld();
    if (data.surfaces.length === 1) {
        return null;
    }
    return (
        <nav aria-label="Surfaces" className="mb-4 border-line border-b pb-3">
            <ul>
                {data.surfaces.map((one) => (
                    <li key={one.id} className="flex items-center gap-x-3 py-1" data-surface={one.id}>
                        <RoofDrawing drawing={one.drawing} className="h-[36px] w-[60px] shrink-0" />
                        <div className="min-w-0 leading-snug">
                            {one.id === data.surface ? (
                                <strong aria-current="true">{one.name}</strong>
                            ) : held ? (
                                <span className="text-muted">{one.name}</span>
                            ) : (
                                <Link className="why" href={stageOf(job, stage, one.id)}>
                                    {one.name}
                                </Link>
                            )}
                            <br />
                            <span className="text-muted text-[0.87rem]">
                                {one.modules === null ? 'not planned here' : `${one.modules} modules, ${one.counted}`}
                            </span>{' '}
                            <span className={`tone-${one.tone} font-semibold text-[0.87rem]`}>{one.word}</span>
                        </div>
                    </li>
                ))}
            </ul>
        </nav>
    );
}

/** One table more, or one less. */
export function TableActs() {
    const { job, data, may, edit } = useDesk();
    const held = useHeld();
    if (!may('update')) {
        return null;
    }
    const copy = () =>
        edit([{ plane: 'copy' }], (now: DeskData) => {
            const added = now.surfaces.find((one) => data.surfaces.every((known) => known.id !== one.id));
            router.visit(stageOf(job, 'table', added?.id ?? null));
        });
    const remove = () => edit([{ plane: 'remove' }], () => router.visit(stageOf(job, 'table', null)));
    return (
        <p className="mt-3 flex flex-wrap gap-2">
            <button type="button" className="act act-small" disabled={held} onClick={() => void copy()}>
                Another table like this
            </button>
            {data.surfaces.length > 1 && (
                <button type="button" className="act act-small" disabled={held} onClick={() => void remove()}>
                    Take this table out
                </button>
            )}
        </p>
    );
}

/** One surface more, or one less. */
export function SurfaceActs() {
    const { job, data, may, edit } = useDesk();
    const held = useHeld();
    if (!may('update')) {
        return null;
    }
    const copy = (how: 'copy' | 'mirror') =>
        edit([{ plane: how }], (now: DeskData) => {
            const added = now.surfaces.find((one) => data.surfaces.every((known) => known.id !== one.id));
            router.visit(stageOf(job, 'surface', added?.id ?? null));
        });
    const remove = () => edit([{ plane: 'remove' }], () => router.visit(stageOf(job, 'surface', null)));
    return (
        <p className="mt-3 flex flex-wrap gap-2">
            <button type="button" className="act act-small" disabled={held} onClick={() => void copy('copy')}>
                Add a plane like this
            </button>
            <button type="button" className="act act-small" disabled={held} onClick={() => void copy('mirror')}>
                Add its mirror image
            </button>
            {data.surfaces.length > 1 && (
                <button type="button" className="act act-small" disabled={held} onClick={() => void remove()}>
                    Take this plane out
                </button>
            )}
        </p>
    );
}

import { Link, router } from '@inertiajs/react';
import { useDesk } from '@/desk/DeskContext';
import type { DeskData } from '@/types/desk';

/** Where a surface of a job is worked at; the first one needs no name. */
export const stageOf = (job: number, stage: string, surface: string | null) =>
    `/jobs/${job}/stage/${stage}${surface === null ? '' : `?surface=${encodeURIComponent(surface)}`}`;

/** The surfaces of the job, the one in view and the others, each with how it stands; and where they are drawn, one more or one less. */
export function Surfaces({ stage }: { stage: string }) {
    const { job, data, may, edit, busy, faults, typed } = useDesk();
    const isDrawn = stage === 'surface';
    if (data.surfaces.length === 1 && !isDrawn) {
        return null;
    }
    // What waits or was refused belongs to this surface.
    const held = busy || Object.keys(faults).length > 0 || Object.keys(typed).length > 0;
    const copy = async () => {
        const before = new Set(data.surfaces.map((one) => one.id));
        const saved = await edit([{ plane: 'copy' }], (now: DeskData) => {
            const added = now.surfaces.find((one) => !before.has(one.id));
            if (added !== undefined) {
                router.visit(stageOf(job, stage, added.id));
            }
        });
        return saved;
    };
    return (
        <nav aria-label="Surfaces" className="mb-4 border-line border-b pb-3" data-surfaces>
            {data.surfaces.length > 1 && (
                <ul className="mb-2">
                    {data.surfaces.map((one) => {
                        const told = one.modules === null ? 'not planned here' : `${one.modules} modules, ${one.feet} feet`;
                        return (
                            <li key={one.id} className="flex flex-wrap items-baseline gap-x-2 py-0.5">
                                {one.id === data.surface ? (
                                    <strong aria-current="true">{one.name}</strong>
                                ) : held ? (
                                    <span className="text-muted">{one.name}</span>
                                ) : (
                                    <Link className="why" href={stageOf(job, stage, one.id)}>
                                        {one.name}
                                    </Link>
                                )}
                                <span className="text-muted text-[0.87rem]">{told}</span>
                                <span className={`tone-${one.tone} text-[0.87rem] font-semibold`}>{one.word}</span>
                            </li>
                        );
                    })}
                </ul>
            )}
            {isDrawn && may('update') && (
                <p className="flex flex-wrap gap-2">
                    <button type="button" className="act act-small" disabled={held} onClick={() => void copy()}>
                        Add a plane like this
                    </button>
                    {data.surfaces.length > 1 && (
                        <button
                            type="button"
                            className="act act-small"
                            disabled={held}
                            onClick={() => void edit([{ plane: 'remove' }], () => router.visit(stageOf(job, stage, null)))}
                        >
                            Take this plane out
                        </button>
                    )}
                </p>
            )}
        </nav>
    );
}

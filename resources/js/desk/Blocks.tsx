import { Link, router } from '@inertiajs/react';
import { useDesk } from '@/desk/DeskContext';
import { stageOf, useHeld } from '@/desk/Surfaces';
import type { DeskData } from '@/types/desk';

/** The blocks of the surface, where there are several: the one in view, which the worksheet is of, and the others. */
export function Blocks({ stage }: { stage: string }) {
    const { job, data } = useDesk();
    const held = useHeld();
    if (data.blocks.length === 1) {
        return null;
    }
    return (
        <nav aria-label="Blocks" className="mb-3">
            <ul>
                {data.blocks.map((one) => (
                    <li key={one.id} className="flex flex-wrap items-baseline gap-x-2 py-0.5" data-block={one.number}>
                        {one.id === data.block ? (
                            <strong aria-current="true">Block {one.number}</strong>
                        ) : held ? (
                            <span className="text-muted">Block {one.number}</span>
                        ) : (
                            <Link className="why" href={stageOf(job, stage, data.surface, one.id)}>
                                Block {one.number}
                            </Link>
                        )}
                        <span className="text-muted text-[0.87rem]">{one.modules} modules</span>
                    </li>
                ))}
            </ul>
        </nav>
    );
}

/** One block more, or one less. */
export function BlockActs() {
    const { job, data, may, edit } = useDesk();
    const held = useHeld();
    if (!may('update')) {
        return null;
    }
    const add = () =>
        edit([{ block: 'add' }], (now: DeskData) => {
            const added = now.blocks.find((one) => data.blocks.every((known) => known.id !== one.id));
            router.visit(stageOf(job, 'modules', data.surface, added?.id ?? null));
        });
    const remove = () => edit([{ block: 'remove' }], () => router.visit(stageOf(job, 'modules', data.surface)));
    return (
        <p className="mt-3 flex flex-wrap gap-2">
            <button type="button" className="act act-small" disabled={held} onClick={() => void add()}>
                Add a block like this
            </button>
            {data.blocks.length > 1 && (
                <button type="button" className="act act-small" disabled={held} onClick={() => void remove()}>
                    Take this block out
                </button>
            )}
        </p>
    );
}

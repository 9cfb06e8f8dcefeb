import { Link } from '@inertiajs/react';
import { stageOf } from '@/desk/Surfaces';
import type { StageState } from '@/types/desk';

/** The measuring rule across the top: its numbered ticks are the stages, each with its state in a word. */
type Props = { job: number; surface: string | null; block: string | null; stages: StageState[]; current: string };

export function Rule({ job, surface, block, stages, current }: Props) {
    return (
        <nav aria-label="Stages" className="flex overflow-x-auto">
            {stages.map((stage) => {
                const here = stage.key === current;
                const text = (
                    <>
                        <Ticks light={here} />
                        <span className="flex gap-2 font-condensed text-[0.87rem] whitespace-nowrap">
                            <span className={here ? '' : 'text-muted'}>{stage.number}</span>
                            <span className={here ? 'font-semibold' : `tone-${stage.tone} font-semibold`}>{stage.state}</span>
                        </span>
                        <span className="block font-condensed text-[1.07rem] leading-tight font-semibold whitespace-nowrap">
                            {stage.title}
                        </span>
                    </>
                );
                return here ? (
                    // Where one stands leads nowhere.
                    <span
                        key={stage.key}
                        aria-current="step"
                        className="relative block min-w-[88px] flex-1 border-l border-ink bg-garnet px-2 pt-[18px] pb-1.5 text-paper"
                    >
                        {text}
                    </span>
                ) : (
                    <Link
                        key={stage.key}
                        href={stageOf(job, stage.key, surface, block)}
                        preserveState
                        className="relative block min-w-[88px] flex-1 border-l border-ink px-2 pt-[18px] pb-1.5 hover:bg-panel"
                    >
                        {text}
                    </Link>
                );
            })}
        </nav>
    );
}

const tenths = [1, 2, 3, 4, 5, 6, 7, 8, 9];

function Ticks({ light }: { light: boolean }) {
    return (
        <svg className="absolute top-0 left-0 h-4 w-full" viewBox="0 0 100 16" preserveAspectRatio="none" aria-hidden="true">
            {tenths.map((tenth) => (
                <line
                    key={tenth}
                    x1={tenth * 10}
                    x2={tenth * 10}
                    y1={0}
                    y2={tenth === 5 ? 13 : 8}
                    vectorEffect="non-scaling-stroke"
                    stroke={light ? 'var(--color-paper)' : 'var(--color-ink)'}
                    strokeWidth={1}
                />
            ))}
        </svg>
    );
}

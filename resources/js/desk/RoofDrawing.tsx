import type { RoofDrawn } from '@/types/desk';

/** Planes with their modules, small and from above; nothing where there is no drawing. */
export function RoofDrawing({ drawing, className }: { drawing: RoofDrawn | null; className: string }) {
    return (
        <svg
            className={className}
            viewBox={drawing === null ? '0 0 100 50' : `-1 -1 ${drawing.width + 2} ${drawing.height + 2}`}
            aria-hidden="true"
        >
            {drawing !== null && (
                <>
                    <path
                        d={drawing.outline}
                        fill="var(--color-sheet)"
                        stroke="var(--color-ink)"
                        strokeWidth={1}
                        vectorEffect="non-scaling-stroke"
                    />
                    <path
                        d={drawing.modules}
                        fill="var(--color-module)"
                        stroke="var(--color-module-edge)"
                        strokeWidth={0.5}
                        vectorEffect="non-scaling-stroke"
                    />
                </>
            )}
        </svg>
    );
}

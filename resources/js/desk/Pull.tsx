import { useRef } from 'react';

const [LEAST, MOST] = [15, 85];

type Props = {
    /** How much the sheet takes, in per cent; nothing while nobody pulled. */
    share: number | undefined;
    /** Nothing gives the usual share back. */
    onPull: (share: number | undefined) => void;
};

/** The edge between the sheet and what stands under it: pulled up and down, or moved with the arrow keys. */
export function Pull({ share, onPull }: Props) {
    const edge = useRef<HTMLDivElement>(null);
    const now = () => {
        const box = edge.current?.parentElement?.getBoundingClientRect();
        const top = edge.current?.getBoundingClientRect().top;
        return box === undefined || top === undefined ? 50 : (100 * (top - box.top)) / box.height;
    };
    const to = (percent: number) => onPull(Math.min(MOST, Math.max(LEAST, Math.round(percent))));
    return (
        // biome-ignore lint/a11y/useSemanticElements: a rule cannot be pulled
        <div
            ref={edge}
            role="separator"
            aria-orientation="horizontal"
            aria-label="Edge under the sheet: arrows move it, Enter puts it back"
            aria-valuemin={LEAST}
            aria-valuemax={MOST}
            aria-valuenow={share ?? 50}
            tabIndex={0}
            title="Pull up or down; twice clicked it goes back"
            className="group hidden h-2 flex-none cursor-row-resize touch-none items-center justify-center border-line border-t md:flex"
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={(event) => {
                const box = edge.current?.parentElement?.getBoundingClientRect();
                if (event.currentTarget.hasPointerCapture(event.pointerId) && box !== undefined) {
                    to((100 * (event.clientY - box.top)) / box.height);
                }
            }}
            onDoubleClick={() => onPull(undefined)}
            onKeyDown={(event) => {
                if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
                    event.preventDefault();
                    to(now() + (event.key === 'ArrowUp' ? -5 : 5));
                } else if (event.key === 'Enter') {
                    onPull(undefined);
                }
            }}
        >
            <span aria-hidden="true" className="h-[3px] w-10 rounded bg-line group-hover:bg-ink" />
        </div>
    );
}

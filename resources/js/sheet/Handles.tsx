import { useRef } from 'react';
import { type Box, dragged, editOf, type Hold, type OnHand } from '@/sheet/hands';
import { px, py, type Viewport } from '@/sheet/viewport';
import type { Planned, Sheet } from '@/types/desk';

/** The step of the arrow keys: an eighth of an inch or a millimetre, and large ones with shift. */
const steps = { ft_in: [0.0254 / 8, 0.0254], mm: [0.001, 0.025] } as const;

/** What a hand can hold of the block, by keys too. */
export function BlockHandle({ view, box, units, onHand }: { view: Viewport; box: Box; units: Planned['units']; onHand: OnHand }) {
    return <Handle label="The block" view={view} box={box} hold={{ what: 'block', box }} units={units} onHand={onHand} />;
}

/** Grips at the corners of an outline and at the areas that are kept free. */
export function SurfaceHandles({
    view,
    sheet,
    units,
    onHand,
    onArea,
}: {
    view: Viewport;
    sheet: Sheet;
    units: Planned['units'];
    onHand: OnHand;
    onArea?: ((id: string | null) => void) | undefined;
}) {
    const hand = { view, units, onHand };
    return (
        <>
            {sheet.edges.map((edge, index) => {
                const [x_m, y_m] = sheet.outline[index] ?? [0, 0];
                const box = { x_m, y_m, width_m: 0, height_m: 0 };
                return (
                    <Handle
                        // biome-ignore lint/suspicious/noArrayIndexKey: corners are known by their places in the outline
                        key={`${edge} ${index}`}
                        label={`Corner ${index + 1}`}
                        box={box}
                        hold={{ what: 'corner', index, box }}
                        {...hand}
                    />
                );
            })}
            {sheet.no_work.map((area) => (
                <Handle
                    key={area.id}
                    label={`Area ${area.id}`}
                    outset_m={area.clearance_m}
                    box={area}
                    hold={{ what: 'area', id: area.id, round: area.round, box: area, size: false }}
                    onFocus={() => onArea?.(area.id)}
                    {...hand}
                />
            ))}
        </>
    );
}

/** Moved or sized by arrow keys; what came of it is saved when the grip is left. */
function useArrows(hold: Hold, units: Planned['units'], onHand: OnHand) {
    const moved = useRef<Hold | null>(null);
    const save = () => {
        if (moved.current !== null) {
            onHand(editOf(moved.current, moved.current.box), 'done');
            moved.current = null;
        }
    };
    const keys = (event: React.KeyboardEvent) => {
        const [small, large] = steps[units];
        const step = event.shiftKey ? large : small;
        const ways: Record<string, [number, number]> = {
            ArrowLeft: [-step, 0],
            ArrowRight: [step, 0],
            ArrowUp: [0, step],
            ArrowDown: [0, -step],
        };
        const way = ways[event.key];
        const now = moved.current ?? hold;
        if (way !== undefined) {
            event.preventDefault();
            const sizes = now.what === 'area' && event.altKey ? { ...now, size: true } : now;
            const next = dragged(sizes, { x_m: 0, y_m: 0 }, { x_m: way[0], y_m: way[1] });
            moved.current = { ...now, box: next };
            onHand(editOf(moved.current, next), 'moving');
        } else if (event.key === 'Enter' && moved.current !== null) {
            event.preventDefault();
            save();
        } else if (event.key === 'Escape') {
            moved.current = null;
        }
    };
    return { keys, save };
}

/** The same by keys: arrows move, with Alt they size an area; Enter saves, Escape gives up. */
function Handle({
    label,
    view,
    box,
    hold,
    units,
    outset_m = 0,
    onHand,
    onFocus,
}: {
    label: string;
    view: Viewport;
    box: Box;
    hold: Hold;
    units: Planned['units'];
    /** How far outside the box the grip stands, so that it hides nothing. */
    outset_m?: number;
    onHand: OnHand;
    onFocus?: () => void;
}) {
    const { keys, save } = useArrows(hold, units, onHand);
    const x = px(view, box.x_m - outset_m) - (outset_m > 0 ? 4 : 0);
    const y = py(view, box.y_m - outset_m) + (outset_m > 0 ? 4 : 0);
    return (
        // biome-ignore lint/a11y/useSemanticElements: no button can stand in a drawing
        <g
            role="button"
            tabIndex={0}
            aria-label={`${label}: arrows move it, Shift and arrows farther${hold.what === 'area' ? ', Alt and arrows size it' : ''}, Enter saves, Escape gives up`}
            data-handle={hold.what === 'area' ? hold.id : hold.what === 'corner' ? `corner-${hold.index}` : hold.what}
            data-area={hold.what === 'area' ? hold.id : undefined}
            onKeyDown={keys}
            onFocus={onFocus}
            onBlur={save}
        >
            {hold.what === 'corner' ? (
                <circle cx={x} cy={y} r={5} fill="var(--color-paper)" stroke="var(--color-garnet)" strokeWidth={2.5} />
            ) : (
                <path d={`M${x} ${y - 11}v11h11`} fill="none" stroke="var(--color-garnet)" strokeWidth={4} />
            )}
            <rect
                x={x - (hold.what === 'corner' ? 12 : 9)}
                y={y - (hold.what === 'corner' ? 12 : 15)}
                width={24}
                height={24}
                fill="transparent"
            />
        </g>
    );
}

import { useRef, useState } from 'react';
import { ChainAcross, ChainUp } from '@/sheet/DimensionLine';
import { type Box, blockBox, dragged, editOf, type Hold, type Place, type Tool } from '@/sheet/hands';
import {
    Beneath,
    Beside,
    Crossings,
    cellAt,
    EdgeNames,
    Feet,
    Hatches,
    MemberNumbers,
    Members,
    Modules,
    NoWork,
    OtherHoles,
    points,
    Rails,
    Setbacks,
    Tall,
    ZoneNames,
    Zones,
} from '@/sheet/layers';
import { around, chainPlaces } from '@/sheet/scale';
import { useLens, usePan } from '@/sheet/useLens';
import { useSize } from '@/sheet/useSize';
import { enlarged, fitted, len, metres, plainLens, px, py, through, type Viewport } from '@/sheet/viewport';
import type { Edit, Planned } from '@/types/desk';

type Props = {
    planned: Planned;
    stage: string;
    selectedRun: string | null;
    onRun?: (run: string) => void;
    onFoot?: (run: string, foot: number) => void;
    onModule?: (row: number, column: number) => void;
    /** A block that is not in view was chosen. */
    onBlock?: (number: number) => void;
    onMember?: (member: number) => void;
    /** Where the run in hand crosses a member: chosen, and to be chosen. */
    place?: number | null;
    onPlace?: (member: number) => void;
    /** What the hand does now: to be looked at while it moves, to be saved when it lets go, to be forgotten when it gives up. */
    onHand?: (edits: Edit[], doing: 'moving' | 'done' | 'given up') => void;
    /** Which look this drawing answers, for those who measure how fast it came. */
    sequence?: number;
    selectedArea?: string | null;
    onArea?: (id: string | null) => void;
    /** On paper: a size that does not change, and a true scale in pixels for a metre. */
    fixed?: { width: number; height: number; scale: number };
};

/** A pixel or two is a click, more is a drag. */
const SLOP = 4;

/** The step of the arrow keys: an eighth of an inch or a millimetre, and large ones with shift. */
const steps = { ft_in: [0.0254 / 8, 0.0254], mm: [0.001, 0.025] } as const;

type Grip = { hold: Hold | null; module: string | null; from: Place; x: number; y: number; moved: boolean };

/** The plan view of the surface, worked on directly: zones by density of hatching, members, modules, rails and feet, real dimensions. */
export function Sheet({
    planned,
    stage,
    selectedRun,
    onRun,
    onFoot,
    onModule,
    onBlock,
    onMember,
    place = null,
    onPlace,
    onHand,
    sequence = 0,
    selectedArea = null,
    onArea,
    fixed,
}: Props) {
    const holder = useRef<HTMLDivElement>(null);
    const size = useSize(holder, fixed === undefined, fixed ?? { width: 690, height: 470 });
    const [tool, setTool] = useState<Tool>('hand');
    const [ghost, setGhost] = useState<{ hold: Hold; box: Box } | null>(null);
    const grip = useRef<Grip | null>(null);
    const narrow = size.width < 640;
    const { lens, setLens } = useLens(holder, fixed === undefined && !narrow);
    const pan = usePan(lens, setLens);
    const { sheet, runs } = planned;
    const margin = around(sheet);
    const chains = chainPlaces(sheet);
    // On a phone the drawing keeps a readable width and is moved sideways.
    const width = narrow ? 640 : size.width;
    const natural = margin.top + margin.bottom + ((width - margin.left - margin.right) * sheet.length_m) / sheet.width_m;
    const height = narrow ? natural : size.height;
    const view = through(
        fixed !== undefined
            ? { k: fixed.scale, x: margin.left, y: height - margin.bottom }
            : fitted(sheet.width_m, sheet.length_m, {
                  left: margin.left,
                  top: margin.top,
                  width: Math.max(120, width - margin.left - margin.right),
                  height: Math.max(100, height - margin.top - margin.bottom),
              }),
        lens,
    );
    const bottom = Math.min(py(view, 0), height - margin.bottom);
    const leans = (sheet.outline[sheet.outline.length - 1]?.[0] ?? 0) > 0.01;
    const right = Math.min(px(view, sheet.width_m), width - margin.right);
    const showZones = stage === 'loads' || stage === 'attachments' || stage === 'modules';
    const showFeet = ['attachments', 'rails', 'holes', 'handover'].includes(stage);
    const showRails = showFeet || stage === 'modules';
    const drawsAreas = stage === 'surface' && onHand !== undefined;
    const movesBlock = stage === 'modules' && onHand !== undefined;
    const block = blockBox(sheet);

    const at = (event: React.PointerEvent): Place => {
        const box = holder.current?.getBoundingClientRect();
        return metres(view, event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0));
    };
    const down = (event: React.PointerEvent) => {
        if (fixed !== undefined || narrow || event.button !== 0 || !(event.target instanceof Element)) {
            return;
        }
        const from = at(event);
        const module = event.target.closest('[data-module]')?.getAttribute('data-module') ?? cellAt(planned, from.x_m, from.y_m);
        const id = event.target.closest('[data-area]')?.getAttribute('data-area') ?? null;
        const area = sheet.no_work.find((one) => one.id === id);
        const corner = /^corner-\d+$/.exec(event.target.closest('[data-handle]')?.getAttribute('data-handle') ?? '')?.[0];
        let hold: Hold | null = null;
        if (drawsAreas && tool !== 'hand') {
            hold = { what: 'new', round: tool === 'round', box: { ...from, width_m: 0, height_m: 0 } };
        } else if (drawsAreas && area !== undefined) {
            const size = event.target.closest('[data-corner]') !== null;
            hold = { what: 'area', id: area.id, round: area.round, box: area, size };
            onArea?.(area.id);
        } else if (drawsAreas && corner !== undefined) {
            hold = { what: 'corner', index: Number(corner.slice('corner-'.length)), box: { ...from, width_m: 0, height_m: 0 } };
        } else if (movesBlock && module !== null && block !== null) {
            hold = { what: 'block', box: block };
        } else if (drawsAreas) {
            onArea?.(null);
        }
        if (hold === null && event.target.closest('[data-foot],[data-run],[data-member],[data-place],[data-beside]') !== null) {
            return;
        }
        grip.current = { hold, module, from, x: event.clientX, y: event.clientY, moved: false };
        event.currentTarget.setPointerCapture(event.pointerId);
    };
    const move = (event: React.PointerEvent) => {
        const held = grip.current;
        if (held === null || (!held.moved && Math.hypot(event.clientX - held.x, event.clientY - held.y) < SLOP)) {
            return;
        }
        held.moved = true;
        if (held.hold === null) {
            const [dx, dy] = [event.clientX - held.x, event.clientY - held.y];
            [held.x, held.y] = [event.clientX, event.clientY];
            pan.by(dx, dy);
            return;
        }
        const box = dragged(held.hold, held.from, at(event));
        setGhost({ hold: held.hold, box });
        onHand?.(editOf(held.hold, box), 'moving');
    };
    const up = (event: React.PointerEvent) => {
        const held = grip.current;
        grip.current = null;
        setGhost(null);
        pan.end();
        if (held === null) {
            return;
        }
        if (!held.moved) {
            if (held.module !== null) {
                const [row, column] = held.module.split('.').map(Number);
                onModule?.(row ?? 0, column ?? 0);
            }
            return;
        }
        if (held.hold !== null) {
            setTool('hand');
            onHand?.(editOf(held.hold, dragged(held.hold, held.from, at(event))), 'done');
        }
    };
    const giveUp = () => {
        grip.current = null;
        pan.end();
        setGhost(null);
        setTool('hand');
        onHand?.([], 'given up');
    };
    const zoom = (by: number) => setLens((now) => enlarged(now, by, width / 2, height / 2));
    const keys = (event: React.KeyboardEvent) => {
        const pans: Record<string, [number, number]> = {
            ArrowLeft: [40, 0],
            ArrowRight: [-40, 0],
            ArrowUp: [0, 40],
            ArrowDown: [0, -40],
        };
        const by = pans[event.key];
        if (event.key === 'Escape') {
            giveUp();
        } else if (event.target !== event.currentTarget) {
            return;
        } else if (event.key === '+' || event.key === '=') {
            zoom(1.4);
        } else if (event.key === '-') {
            zoom(1 / 1.4);
        } else if (event.key === '0') {
            setLens(plainLens);
        } else if (by !== undefined && lens.zoom > 1) {
            event.preventDefault();
            setLens((now) => ({ ...now, dx: now.dx + by[0], dy: now.dy + by[1] }));
        }
    };
    return (
        // biome-ignore lint/a11y/noStaticElementInteractions: the drawing inside is a group of buttons; this is its frame
        <div
            ref={holder}
            tabIndex={fixed === undefined ? 0 : undefined}
            onKeyDown={fixed === undefined ? keys : undefined}
            className={
                fixed === undefined
                    ? 'relative w-full overflow-x-auto overflow-y-hidden md:h-full md:min-h-[300px] md:touch-none md:overflow-hidden'
                    : ''
            }
        >
            {fixed === undefined && !narrow && (
                <div className="absolute top-2 left-2 z-10 flex gap-1">
                    {drawsAreas && (
                        <>
                            <ToolButton
                                on={tool === 'rectangle'}
                                onClick={() => setTool(tool === 'rectangle' ? 'hand' : 'rectangle')}
                            >
                                Draw a rectangle
                            </ToolButton>
                            <ToolButton on={tool === 'round'} onClick={() => setTool(tool === 'round' ? 'hand' : 'round')}>
                                Draw a round one
                            </ToolButton>
                        </>
                    )}
                    <ToolButton onClick={() => zoom(1.4)}>Closer</ToolButton>
                    {lens.zoom > 1 && (
                        <>
                            <ToolButton onClick={() => zoom(1 / 1.4)}>Farther</ToolButton>
                            <ToolButton onClick={() => setLens(plainLens)}>All of it</ToolButton>
                        </>
                    )}
                </div>
            )}
            {/* biome-ignore lint/a11y/useSemanticElements: a drawing whose parts are buttons is a group, and no fieldset */}
            <svg
                width={width}
                height={height}
                viewBox={`0 0 ${width} ${height}`}
                role="group"
                aria-label="Plan view of the surface"
                data-drawn={sequence}
                onPointerDown={down}
                onPointerMove={move}
                onPointerUp={up}
                onPointerCancel={giveUp}
                style={{ cursor: tool === 'hand' ? (lens.zoom > 1 ? 'grab' : undefined) : 'crosshair' }}
            >
                <Hatches />
                <g ref={pan.drawing}>
                    <polygon points={points(view, sheet.outline)} fill="var(--color-sheet)" />
                    {showZones && <Zones view={view} planned={planned} />}
                    <Setbacks view={view} planned={planned} />
                    <Tall view={view} planned={planned} />
                    <Members view={view} planned={planned} />
                    <Beside view={view} planned={planned} onBlock={onBlock} />
                    <Modules
                        view={view}
                        planned={planned}
                        onModule={stage === 'modules' || stage === 'loads' ? onModule : undefined}
                        acts={stage === 'modules' ? ['take it out', 'put it back'] : ['why?', 'taken out']}
                    />
                    <NoWork view={view} planned={planned} selected={selectedArea} act={drawsAreas} />
                    {stage === 'loads' && <ZoneNames view={view} planned={planned} />}
                    {showRails && <Rails view={view} runs={runs} selected={selectedRun} onRun={onRun} />}
                    {(stage === 'rails' || stage === 'handover') && <Beneath view={view} runs={runs} length_m={sheet.box_m} />}
                    {showFeet && <Feet view={view} runs={runs} selected={selectedRun} onFoot={onFoot} />}
                    {onPlace !== undefined && (
                        <Crossings view={view} runs={runs} selected={selectedRun} place={place} onPlace={onPlace} />
                    )}
                    {(stage === 'holes' || stage === 'handover') && <OtherHoles view={view} planned={planned} />}
                    <polygon points={points(view, sheet.outline)} fill="none" stroke="var(--color-ink)" strokeWidth={1.6} />
                    {movesBlock && block !== null && (
                        <Handle
                            label="The block"
                            view={view}
                            box={block}
                            hold={{ what: 'block', box: block }}
                            units={planned.units}
                            onHand={onHand}
                        />
                    )}
                    {stage === 'surface' && <EdgeNames view={view} planned={planned} />}
                    {drawsAreas &&
                        sheet.edges.map((edge, index) => {
                            const [x_m, y_m] = sheet.outline[index] ?? [0, 0];
                            const box = { x_m, y_m, width_m: 0, height_m: 0 };
                            return (
                                <Handle
                                    // biome-ignore lint/suspicious/noArrayIndexKey: corners are known by their places in the outline
                                    key={`${edge} ${index}`}
                                    label={`Corner ${index + 1}`}
                                    view={view}
                                    box={box}
                                    hold={{ what: 'corner', index, box }}
                                    units={planned.units}
                                    onHand={onHand}
                                />
                            );
                        })}
                    {drawsAreas &&
                        sheet.no_work.map((area) => (
                            <Handle
                                key={area.id}
                                label={`Area ${area.id}`}
                                outset_m={area.clearance_m}
                                view={view}
                                box={area}
                                hold={{ what: 'area', id: area.id, round: area.round, box: area, size: false }}
                                units={planned.units}
                                onHand={onHand}
                                onFocus={() => onArea?.(area.id)}
                            />
                        ))}
                    {ghost !== null && (
                        <rect
                            x={px(view, ghost.box.x_m)}
                            y={py(view, ghost.box.y_m + ghost.box.height_m)}
                            width={len(view, ghost.box.width_m)}
                            height={len(view, ghost.box.height_m)}
                            rx={'round' in ghost.hold && ghost.hold.round ? len(view, ghost.box.width_m / 2) : 0}
                            fill="none"
                            stroke="var(--color-garnet)"
                            strokeWidth={2}
                            strokeDasharray="6 4"
                        />
                    )}
                </g>
                {lens.zoom > 1 && (
                    <>
                        <Band x={0} y={0} width={width} height={50} />
                        <Band x={0} y={bottom + 12} width={width} height={height - bottom} />
                        <Band x={right + 8} y={0} width={width - right} height={height} />
                    </>
                )}
                <g ref={pan.beside}>
                    <MemberNumbers view={view} planned={planned} until={right + 8} onMember={onMember} />
                    <text x={right} y={Math.max(26, py(view, sheet.length_m) - 24)} fontSize={13} textAnchor="end">
                        {narrow
                            ? 'ridge'
                            : `ridge above; ${planned.stand === 'purlin' ? 'rib' : planned.stand === 'course' ? 'member' : planned.stand}s counted from the left ${leans ? 'corner' : 'rake'}`}
                    </text>
                    {sheet.dimensions.across.map((chain, index) => (
                        <ChainAcross
                            key={chain[0]?.text ?? index}
                            parts={chain}
                            at={(m) => px(view, m)}
                            seen={[0, right + 8]}
                            place={bottom + 28 + index * 24}
                        />
                    ))}
                    {sheet.dimensions.up.map((chain, index) => (
                        <ChainUp
                            key={chain[0]?.text ?? index}
                            parts={chain}
                            at={(m) => py(view, m)}
                            seen={[lens.zoom > 1 ? 50 : 0, bottom + 12]}
                            place={right + (chains[index] ?? 20)}
                        />
                    ))}
                </g>
            </svg>
        </div>
    );
}

/** Keeps numbers and dimensions readable over an enlarged drawing. */
function Band({ x, y, width, height }: { x: number; y: number; width: number; height: number }) {
    return <rect x={x} y={y} width={width} height={height} fill="var(--color-paper)" />;
}

function ToolButton({ on = false, onClick, children }: { on?: boolean; onClick: () => void; children: React.ReactNode }) {
    return (
        <button type="button" aria-pressed={on} className={`act act-small ${on ? 'act-main' : ''}`} onClick={onClick}>
            {children}
        </button>
    );
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
    onHand: Props['onHand'];
    onFocus?: () => void;
}) {
    const moved = useRef<Hold | null>(null);
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
            onHand?.(editOf(moved.current, next), 'moving');
        } else if (event.key === 'Enter' && moved.current !== null) {
            event.preventDefault();
            onHand?.(editOf(moved.current, moved.current.box), 'done');
            moved.current = null;
        } else if (event.key === 'Escape') {
            moved.current = null;
        }
    };
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
            onBlur={() => {
                if (moved.current !== null) {
                    onHand?.(editOf(moved.current, moved.current.box), 'done');
                    moved.current = null;
                }
            }}
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

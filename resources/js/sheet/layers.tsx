import { useId, useMemo, useRef, useState } from 'react';
import { len, px, py, type Viewport } from '@/sheet/viewport';
import type { Planned, XY } from '@/types/desk';

/** Distance of the engraved lines by density of a zone, the weakest without any. */
const densities: Record<number, number> = { 1: 16, 2: 13, 3: 10, 4: 7, 5: 5 };
/** Beyond so many modules the sheet draws one path for each class. */
const MANY = 1000;

const colours: Record<string, string> = {
    holds: 'var(--color-verdigris)',
    tight: 'var(--color-ochre)',
    fails: 'var(--color-garnet)',
    plain: 'var(--color-muted)',
};

export function Hatches() {
    return (
        <defs>
            {Object.entries(densities).map(([density, gap]) => (
                <pattern
                    key={density}
                    id={`hatch-${density}`}
                    width={gap}
                    height={gap}
                    patternUnits="userSpaceOnUse"
                    patternTransform="rotate(45)"
                >
                    <line x1={0} x2={0} y1={0} y2={gap} stroke="var(--color-hatch)" strokeWidth={0.9} />
                </pattern>
            ))}
            <pattern id="hatch-no-work" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
                <line x1={0} x2={0} y1={0} y2={5} stroke="var(--color-garnet)" strokeWidth={1.2} />
            </pattern>
        </defs>
    );
}

/** Corners of a shape on the surface as an SVG list of points. */
export function points(view: Viewport, corners: XY[]): string {
    return corners.map(([x_m, y_m]) => `${px(view, x_m)},${py(view, y_m)}`).join(' ');
}

export function Zones({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <g>
            {planned.sheet.zones.map(
                (zone) =>
                    zone.density in densities && (
                        <polygon
                            key={String(zone.corners)}
                            points={points(view, zone.corners)}
                            fill={`url(#hatch-${zone.density})`}
                        />
                    ),
            )}
        </g>
    );
}

type Named = {
    zone: string;
    area: number;
    wide: number;
    high: number;
    x_m: number;
    y_m: number;
    left_m: number;
    upright: boolean;
};

function measured({ zone, corners }: { zone: string; corners: XY[] }): Named {
    const xs = corners.map(([x_m]) => x_m);
    const ys = corners.map(([, y_m]) => y_m);
    const middle = (all: number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
    let double = 0;
    corners.forEach(([x_m, y_m], index) => {
        const [next_m, up_m] = corners[(index + 1) % corners.length] ?? [0, 0];
        double += x_m * up_m - next_m * y_m;
    });
    const left_m = Math.min(...xs);
    return {
        zone,
        area: double / 2,
        wide: Math.max(...xs) - left_m,
        high: Math.max(...ys) - Math.min(...ys),
        x_m: middle(xs),
        y_m: middle(ys),
        left_m,
        upright: new Set(xs).size === 2,
    };
}

/** Names over the hatching: on the largest piece of each zone and its mirror image, the field's beside the modules where it can be read. */
export function ZoneNames({ view, planned }: { view: Viewport; planned: Planned }) {
    const { sheet } = planned;
    const pieces = sheet.zones.map(measured);
    const named = pieces.filter((piece) => {
        const largest = pieces.reduce(
            (best, one) => (one.zone === piece.zone && one.area > best.area + 1e-6 ? one : best),
            piece,
        );
        const mirrored =
            Math.abs(piece.x_m + largest.x_m - sheet.width_m) + Math.abs(piece.y_m - largest.y_m) < 0.02 * sheet.width_m;
        return largest === piece || (mirrored && piece.area > 0.8 * largest.area);
    });
    const weakest = sheet.zones.filter((zone) => zone.density === 0).map(measured);
    const field = weakest.sort((one, other) => other.area - one.area)[0]?.zone;
    return (
        <g>
            {named.map((piece) => {
                const half = 4 + 4.5 * piece.zone.length;
                const x = piece.zone === field && piece.upright ? px(view, piece.left_m) + half + 6 : px(view, piece.x_m);
                if (len(view, piece.wide) < 2 * half || len(view, piece.high) < 18) {
                    return null;
                }
                return (
                    <g key={`${piece.zone} ${piece.x_m} ${piece.y_m}`} transform={`translate(${x} ${py(view, piece.y_m)})`}>
                        <rect x={-half} y={-9} width={2 * half} height={18} fill="var(--color-sheet)" />
                        <text textAnchor="middle" dy="0.35em" fontSize={14} fontWeight={600}>
                            {piece.zone}
                        </text>
                    </g>
                );
            })}
        </g>
    );
}

/** What snow drifts against, on or beside the roof: solid, with its name. */
export function Tall({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <g>
            {planned.sheet.tall.map((one) => (
                <g key={one.id}>
                    <rect
                        x={px(view, one.x_m)}
                        y={py(view, one.y_m + one.length_m)}
                        width={Math.max(2, len(view, one.width_m))}
                        height={Math.max(2, len(view, one.length_m))}
                        fill="var(--color-muted)"
                        fillOpacity={0.35}
                        stroke="var(--color-ink)"
                    />
                    <text
                        fontSize={13}
                        textAnchor="middle"
                        transform={`translate(${px(view, one.x_m) - 6} ${py(view, one.y_m + one.length_m / 2)}) rotate(-90)`}
                    >
                        {one.id}
                    </text>
                </g>
            ))}
        </g>
    );
}

export function Setbacks({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <polygon
            points={points(view, planned.sheet.kept_free)}
            fill="none"
            stroke="var(--color-muted)"
            strokeDasharray="2 4"
            strokeWidth={1}
        />
    );
}

export function Members({ view, planned }: { view: Viewport; planned: Planned }) {
    const { sheet } = planned;
    if (sheet.purlins.length > 0) {
        return <SheetOnPurlins view={view} planned={planned} />;
    }
    const lap = sheet.lap;
    const from = (x_m: number, top_m: number, bottom_m: number) => `M${px(view, x_m)} ${py(view, top_m)}V${py(view, bottom_m)}`;
    const drawn = (members: typeof sheet.members) =>
        members
            .map(({ x_m, from_m, top_m }) =>
                lap === null
                    ? from(x_m, top_m, from_m)
                    : from(x_m, top_m, Math.max(from_m, Math.min(lap.from_m, top_m))) +
                      from(x_m + lap.shift_m, Math.min(lap.to_m, top_m), Math.min(from_m, lap.to_m)),
            )
            .join('');
    return (
        <>
            {sheet.battens_m.length > 0 && <Battens view={view} planned={planned} />}
            <g
                stroke="var(--color-timber)"
                // On a deck these are no members, only where the plan lets feet stand.
                strokeOpacity={planned.stand === 'place' ? 0.45 : 1}
                strokeDasharray={planned.stand === 'seam' ? undefined : planned.stand === 'place' ? '1 7' : '7 5'}
            >
                <path d={drawn(sheet.members.filter((member) => member.plies === 1))} strokeWidth={1} />
                <path d={drawn(sheet.members.filter((member) => member.plies > 1))} strokeWidth={3} />
            </g>
        </>
    );
}

/** The middles of the battens as fine lines along the eave. */
function Battens({ view, planned }: { view: Viewport; planned: Planned }) {
    const { outline, battens_m, width_m } = planned.sheet;
    const plane = useId();
    return (
        <g clipPath={`url(#${plane})`}>
            <clipPath id={plane}>
                <polygon points={points(view, outline)} />
            </clipPath>
            <path
                d={battens_m.map((y_m) => `M${px(view, 0)} ${py(view, y_m)}H${px(view, width_m)}`).join('')}
                stroke="var(--color-timber)"
                strokeOpacity={0.45}
                strokeWidth={0.6}
            />
        </g>
    );
}

/** Ribs as fine lines up the slope, not nearer than can be told apart, and the purlins under them with their numbers. */
function SheetOnPurlins({ view, planned }: { view: Viewport; planned: Planned }) {
    const { members, purlins } = planned.sheet;
    const apart = view.k * ((members[1]?.x_m ?? 1) - (members[0]?.x_m ?? 0));
    const step = Math.max(1, Math.ceil(5 / Math.max(0.1, apart)));
    const plane = useId();
    return (
        <g clipPath={`url(#${plane})`}>
            <clipPath id={plane}>
                <polygon points={points(view, planned.sheet.outline)} />
            </clipPath>
            <path
                d={members
                    .filter((_, index) => index % step === 0)
                    .map(({ x_m, from_m, top_m }) => `M${px(view, x_m)} ${py(view, top_m)}V${py(view, from_m)}`)
                    .join('')}
                stroke="var(--color-timber)"
                strokeOpacity={0.45}
                strokeWidth={0.6}
            />
            {purlins.map(({ number, y_m, from_m, to_m }) => (
                <g key={number}>
                    <path
                        d={`M${px(view, from_m)} ${py(view, y_m)}H${px(view, to_m)}`}
                        stroke="var(--color-timber)"
                        strokeWidth={1.4}
                        strokeDasharray="7 5"
                    />
                    <text
                        x={px(view, from_m) + 4}
                        // Under the line where there is no room over it.
                        y={py(view, y_m) + (py(view, y_m) - py(view, planned.sheet.length_m) < 18 ? 13 : -4)}
                        fontSize={12}
                        paintOrder="stroke"
                        stroke="var(--color-sheet)"
                        strokeWidth={3}
                    >
                        {number}
                    </text>
                </g>
            ))}
        </g>
    );
}

/** What lies beyond each edge of a plane that is drawn by its corners, along the edge. */
export function EdgeNames({ view, planned }: { view: Viewport; planned: Planned }) {
    const { outline, edges } = planned.sheet;
    return (
        <g>
            {edges.map((name, index) => {
                const from: XY = outline[index] ?? [0, 0];
                const to: XY = outline[(index + 1) % outline.length] ?? [0, 0];
                const [x, y] = [(px(view, from[0]) + px(view, to[0])) / 2, (py(view, from[1]) + py(view, to[1])) / 2];
                const turn =
                    (Math.atan2(py(view, to[1]) - py(view, from[1]), px(view, to[0]) - px(view, from[0])) * 180) / Math.PI;
                const over = Math.abs(turn) > 90 ? turn + 180 : turn;
                return (
                    <text
                        // biome-ignore lint/suspicious/noArrayIndexKey: edges are known by their places in the outline
                        key={`${name} ${index}`}
                        transform={`translate(${x} ${y}) rotate(${over})`}
                        dy={Math.abs(turn) > 90 ? 15 : -6}
                        textAnchor="middle"
                        fontSize={13}
                        fontStyle="italic"
                        paintOrder="stroke"
                        stroke="var(--color-sheet)"
                        strokeWidth={4}
                    >
                        {index + 1} {name}
                    </text>
                );
            })}
        </g>
    );
}

/** As many as can be read, above the ridge, or at the top of an enlarged drawing. */
export function MemberNumbers({
    view,
    planned,
    until,
    onMember,
}: {
    view: Viewport;
    planned: Planned;
    until: number;
    onMember: ((member: number) => void) | undefined;
}) {
    const { members, length_m } = planned.sheet;
    const apart = view.k * ((members[1]?.x_m ?? 1) - (members[0]?.x_m ?? 0));
    const digits = String(members[members.length - 1]?.number ?? 1).length;
    const step = Math.max(1, Math.ceil((digits * 7 + 6) / Math.max(1, apart)));
    return (
        <g>
            {members
                .filter((member) => member.number % step === 0 && px(view, member.x_m) > 4 && px(view, member.x_m) < until)
                .map((member) => (
                    // biome-ignore lint/a11y/noStaticElementInteractions: the list of members does the same by keyboard
                    <text
                        key={member.number}
                        data-member={member.number}
                        cursor={onMember === undefined ? undefined : 'pointer'}
                        onClick={() => onMember?.(member.number)}
                        x={px(view, member.x_m)}
                        y={Math.max(44, py(view, length_m) - 7)}
                        textAnchor="middle"
                        fontSize={13}
                    >
                        {member.number}
                    </text>
                ))}
        </g>
    );
}

export function Modules({
    view,
    planned,
    onModule,
    acts,
}: {
    view: Viewport;
    planned: Planned;
    onModule: ((row: number, column: number) => void) | undefined;
    acts: [string, string];
}) {
    const { sheet } = planned;
    const act = (row: number, column: number) =>
        onModule === undefined ? {} : { 'data-module': `${row}.${column}`, cursor: 'pointer' };
    const box = (cell: { x_m: number; y_m: number }) => ({
        x: px(view, cell.x_m),
        y: py(view, cell.y_m + sheet.module.length_m),
        width: len(view, sheet.module.width_m),
        height: len(view, sheet.module.length_m),
    });
    const shown = sheet.modules.length > MANY ? [] : sheet.modules;
    return (
        <g>
            {sheet.modules.length > MANY && <ManyModules view={view} sheet={sheet} />}
            {shown.map((module) => (
                <rect
                    key={`${module.row}.${module.column}`}
                    {...box(module)}
                    fill={module.word === 'fails' ? 'var(--color-failing)' : 'var(--color-module)'}
                    fillOpacity={0.78}
                    stroke={module.word === 'fails' ? 'var(--color-garnet)' : 'var(--color-module-edge)'}
                    strokeWidth={1.3}
                    {...act(module.row, module.column)}
                />
            ))}
            {sheet.left_out.map((cell) => (
                <rect
                    key={`${cell.row}.${cell.column}`}
                    {...box(cell)}
                    fill="var(--color-sheet)"
                    fillOpacity={0.01}
                    stroke="var(--color-muted)"
                    strokeDasharray="3 3"
                    {...act(cell.row, cell.column)}
                />
            ))}
            {onModule !== undefined && <ModuleInHand planned={planned} box={box} onModule={onModule} acts={acts} />}
        </g>
    );
}

/** The other blocks of the surface: paler, and each one thing that can be taken into view. */
export function Beside({
    view,
    planned,
    onBlock,
}: {
    view: Viewport;
    planned: Planned;
    onBlock: ((number: number) => void) | undefined;
}) {
    return (
        <g>
            {planned.sheet.beside.map(({ number, width_m, length_m, modules }) => (
                // biome-ignore lint/a11y/noStaticElementInteractions: the list of blocks does the same by keyboard
                <g
                    key={number}
                    data-beside={number}
                    cursor={onBlock === undefined ? undefined : 'pointer'}
                    onClick={() => onBlock?.(number)}
                >
                    {modules.map(({ row, column, x_m, y_m, word }) => (
                        <rect
                            key={`${row}.${column}`}
                            x={px(view, x_m)}
                            y={py(view, y_m + length_m)}
                            width={len(view, width_m)}
                            height={len(view, length_m)}
                            fill={word === 'fails' ? 'var(--color-failing)' : 'var(--color-module)'}
                            fillOpacity={onBlock === undefined ? 0.78 : 0.4}
                            stroke={word === 'fails' ? 'var(--color-garnet)' : 'var(--color-module-edge)'}
                            strokeWidth={1.3}
                        />
                    ))}
                </g>
            ))}
        </g>
    );
}

type CellBox = { x: number; y: number; width: number; height: number };

/** All modules are one stop of the tab key, however many: arrows go from one to the next, Enter acts on it. */
function ModuleInHand({
    planned,
    box,
    onModule,
    acts,
}: {
    planned: Planned;
    box: (cell: { x_m: number; y_m: number }) => CellBox;
    onModule: (row: number, column: number) => void;
    acts: [string, string];
}) {
    const { modules, left_out } = planned.sheet;
    const cells = [...modules, ...left_out];
    const [chosen, setChosen] = useState<string | null>(null);
    const moves = useRef(false);
    const named = (cell: { row: number; column: number }) => `${cell.row}.${cell.column}`;
    const cell = cells.find((one) => named(one) === chosen) ?? cells[0];
    if (cell === undefined) {
        return null;
    }
    const keys = (event: React.KeyboardEvent) => {
        const ways: Record<string, [number, number]> = {
            ArrowLeft: [0, -1],
            ArrowRight: [0, 1],
            ArrowUp: [1, 0],
            ArrowDown: [-1, 0],
        };
        const way = ways[event.key];
        if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onModule(cell.row, cell.column);
        } else if (way !== undefined) {
            event.preventDefault();
            const next = cells.find((one) => one.row === cell.row + way[0] && one.column === cell.column + way[1]);
            moves.current = next !== undefined;
            setChosen(next === undefined ? chosen : named(next));
        }
    };
    const isOut = left_out.includes(cell);
    return (
        // biome-ignore lint/a11y/useSemanticElements: no button can stand in a drawing
        <rect
            // A new element for each module, so that it is announced when it takes the focus.
            key={named(cell)}
            ref={(element) => {
                if (moves.current && element !== null) {
                    moves.current = false;
                    element.focus();
                }
            }}
            {...box(cell)}
            fill="transparent"
            pointerEvents="none"
            role="button"
            tabIndex={0}
            aria-label={`Module ${cell.column} of row ${cell.row}: ${acts[isOut ? 1 : 0]}; arrows go to the next`}
            data-in-hand={named(cell)}
            onKeyDown={keys}
        />
    );
}

/** One path for each class, written once in metres: enlarging and moving the drawing changes its transform alone. */
function ManyModules({ view, sheet }: { view: Viewport; sheet: Planned['sheet'] }) {
    const { modules, module } = sheet;
    const paths = useMemo(() => {
        const byWord: Record<string, string[]> = {};
        for (const { word, x_m, y_m } of modules) {
            byWord[word] ??= [];
            byWord[word].push(`M${x_m.toFixed(4)} ${y_m.toFixed(4)}h${module.width_m}v${module.length_m}h${-module.width_m}z`);
        }
        return Object.entries(byWord).map(([word, parts]) => [word, parts.join('')] as const);
    }, [modules, module]);
    return (
        <g transform={`matrix(${view.k} 0 0 ${-view.k} ${view.x} ${view.y})`} fillOpacity={0.78}>
            {paths.map(([word, d]) => (
                <path
                    key={word}
                    d={d}
                    fill={word === 'fails' ? 'var(--color-failing)' : 'var(--color-module)'}
                    stroke={word === 'fails' ? 'var(--color-garnet)' : 'var(--color-module-edge)'}
                    // Where nobody can tell them apart, edges only take time.
                    strokeWidth={len(view, module.width_m) < 6 ? 0 : 0.6}
                    vectorEffect="non-scaling-stroke"
                />
            ))}
        </g>
    );
}

/** The place of the block under a point, where no part of its own is drawn. */
export function cellAt(planned: Planned, x_m: number, y_m: number): string | null {
    const { modules, left_out, module } = planned.sheet;
    if (modules.length <= MANY) {
        return null;
    }
    const cell = [...modules, ...left_out].find(
        (one) => x_m >= one.x_m && x_m <= one.x_m + module.width_m && y_m >= one.y_m && y_m <= one.y_m + module.length_m,
    );
    return cell === undefined ? null : `${cell.row}.${cell.column}`;
}

export function NoWork({
    view,
    planned,
    selected,
    act,
}: {
    view: Viewport;
    planned: Planned;
    selected: string | null;
    act: boolean;
}) {
    return (
        <g>
            {planned.sheet.no_work.map((area) => {
                const x = px(view, area.x_m);
                const y = py(view, area.y_m + area.height_m);
                const c = len(view, area.clearance_m);
                const width = len(view, area.width_m);
                const height = len(view, area.height_m);
                return (
                    <g key={area.id} data-area={area.id} cursor={act ? 'move' : undefined}>
                        <rect
                            x={x - c}
                            y={y - c}
                            width={width + 2 * c}
                            height={height + 2 * c}
                            rx={area.round ? width / 2 + c : 0}
                            fill="url(#hatch-no-work)"
                            stroke="var(--color-garnet)"
                            strokeWidth={area.id === selected ? 2.5 : 1}
                        />
                        <rect
                            x={x}
                            y={y}
                            width={width}
                            height={height}
                            rx={area.round ? width / 2 : 0}
                            fill={area.path ? 'url(#hatch-no-work)' : 'var(--color-sheet)'}
                            stroke="var(--color-ink)"
                        />
                        {area.path && (
                            <text
                                x={x + width / 2}
                                y={y + height / 2}
                                dy="0.35em"
                                fontSize={12}
                                textAnchor="middle"
                                stroke="var(--color-sheet)"
                                strokeWidth={4}
                                paintOrder="stroke"
                                transform={height > width ? `rotate(-90 ${x + width / 2} ${y + height / 2})` : undefined}
                            >
                                {area.id}
                            </text>
                        )}
                        {act && area.id === selected && (
                            <rect
                                data-corner=""
                                x={x + width + c - 3}
                                y={y - c - 9}
                                width={12}
                                height={12}
                                fill="var(--color-garnet)"
                                cursor="nesw-resize"
                            />
                        )}
                    </g>
                );
            })}
        </g>
    );
}

/** A place along a run, on the drawing. */
const spot = (view: Viewport, run: { up: boolean; at_m: number }, along_m: number): [number, number] =>
    run.up ? [px(view, run.at_m), py(view, along_m)] : [px(view, along_m), py(view, run.at_m)];

/** Where a run's name ends: beside the run, or outside the roof where the rake would run through it. */
const beside = (view: Viewport, x_m: number) => {
    const at = px(view, x_m) - 8;
    return at - px(view, 0) < 26 ? Math.min(at, px(view, 0) - 6) : at;
};

/** Of names at the left of their places those that do not stand on one another, the one in hand among them. */
function readable(names: { id: string; x: number; y: number; wide: number }[], first: string | null) {
    const kept: typeof names = [];
    for (const name of [...names].sort((one, other) => Number(other.id === first) - Number(one.id === first))) {
        if (kept.every((other) => Math.abs(other.x - name.x) > name.wide || Math.abs(other.y - name.y) > 13)) {
            kept.push(name);
        }
    }
    return new Set(kept.map((name) => name.id));
}

/** Where a run's name stands: at its left end, or under its lower end. */
function nameOf(view: Viewport, run: Planned['runs'][number]) {
    return run.up
        ? { x: px(view, run.at_m), y: py(view, run.x0_m) + 11, wide: 8 * run.id.length + 4 }
        : { x: beside(view, run.x0_m), y: py(view, run.at_m), wide: 40 };
}

export function Rails({
    view,
    runs,
    selected,
    onRun,
}: {
    view: Viewport;
    runs: Planned['runs'];
    selected: string | null;
    onRun: ((run: string) => void) | undefined;
}) {
    // Short pieces of a line have its name once.
    const heads = runs.filter((run, index) => !run.piece || run.id === selected || runs[index - 1]?.line !== run.line);
    const named = readable(
        heads.map((run) => ({ id: run.id, ...nameOf(view, run) })),
        selected,
    );
    const heights = [...new Set(runs.map((run) => run.at_m))].sort((one, other) => one - other);
    // On a roof of very many lines each is drawn as thin as the room between them wants.
    const room = len(view, Math.min(1, ...heights.slice(1).map((height, index) => height - (heights[index] ?? 0))));
    const thick = Math.min(4, Math.max(1, room / 3));
    const tick = Math.min(5, Math.max(1, room / 2.5));
    return (
        <g>
            {runs.map((run) => {
                const [x1, y1] = spot(view, run, run.x0_m);
                const [x2, y2] = spot(view, run, run.x1_m);
                const name = nameOf(view, run);
                const here = run.id === selected;
                return (
                    // biome-ignore lint/a11y/noStaticElementInteractions: the list of runs does the same by keyboard
                    <g
                        key={run.id}
                        data-run={run.id}
                        onClick={() => onRun?.(run.id)}
                        cursor={onRun === undefined ? undefined : 'pointer'}
                    >
                        <line
                            x1={x1}
                            x2={x2}
                            y1={y1}
                            y2={y2}
                            // Without a rail only where its feet belong together.
                            strokeDasharray={run.bare ? '2 5' : undefined}
                            stroke={here ? 'var(--color-garnet)' : 'var(--color-ink)'}
                            strokeWidth={run.bare ? 1 : thick}
                        />
                        {thick > 2 && !run.bare && (
                            <line x1={x1} x2={x2} y1={y1} y2={y2} stroke="var(--color-paper)" strokeWidth={0.4 * thick} />
                        )}
                        {run.splices_m.length > 0 && (
                            <path
                                d={run.splices_m
                                    .map((splice) => {
                                        const [x, y] = spot(view, run, splice);
                                        return run.up ? `M${x - tick} ${y}h${2 * tick}` : `M${x} ${y - tick}v${2 * tick}`;
                                    })
                                    .join('')}
                                stroke="var(--color-ink)"
                                strokeWidth={Math.min(2, thick)}
                            />
                        )}
                        {named.has(run.id) && (
                            <text
                                x={name.x}
                                y={name.y}
                                dy="0.35em"
                                textAnchor={run.up ? 'middle' : 'end'}
                                fontSize={13}
                                fontWeight={600}
                                fill={here ? 'var(--color-garnet)' : 'var(--color-ink)'}
                                // A member behind the name is broken off around it.
                                stroke="var(--color-paper)"
                                strokeWidth={5}
                                strokeLinejoin="round"
                                paintOrder="stroke"
                            >
                                {run.piece && !here ? run.line : run.id}
                            </text>
                        )}
                    </g>
                );
            })}
        </g>
    );
}

export function Feet({
    view,
    runs,
    selected,
    onFoot,
}: {
    view: Viewport;
    runs: Planned['runs'];
    selected: string | null;
    onFoot: ((run: string, foot: number) => void) | undefined;
}) {
    // Of very many, only those of the run in hand are parts of their own.
    const many = runs.reduce((sum, run) => sum + run.feet.length, 0) > MANY;
    // Feet over the crossings of rails that lie on them.
    const ordered = [...runs].sort((one, other) => Number(other.on_rails) - Number(one.on_rails));
    const drawn = many ? runs.filter((run) => run.id === selected) : ordered;
    const word = (run: Planned['runs'][number], foot: { word: string }) => (run.holds ? foot.word : 'fails');
    // Of very many, as large as half a metre leaves room for.
    const half = many ? Math.max(1.2, Math.min(6.5, len(view, 0.22))) : 6.5;
    const mark = (run: Planned['runs'][number], { x_m, strong }: Planned['runs'][number]['feet'][number]) => {
        const [x, y] = spot(view, run, x_m);
        // A stronger one has a bar under it.
        const bar = strong ? `M${x - 1.3 * half} ${y + half * 1.5}h${2.6 * half}v${half * 0.6}h${-2.6 * half}z` : '';
        // What holds a rail on another is no foot.
        return run.on_rails
            ? `M${x - half / 2} ${y - half / 2}h${half}v${half}h${-half}z`
            : `M${x} ${y - half / 2}l${half} ${half * 1.7}h${-2 * half}z${bar}`;
    };
    return (
        <g>
            {many &&
                Object.keys(colours).map((kind) => (
                    <path
                        key={kind}
                        d={runs
                            .flatMap((run) => run.feet.filter((foot) => word(run, foot) === kind).map((foot) => mark(run, foot)))
                            .join('')}
                        fill={colours[kind]}
                    />
                ))}
            {drawn.flatMap((run) =>
                run.feet.map((foot) => (
                    // biome-ignore lint/a11y/noStaticElementInteractions: the table of feet does the same by keyboard
                    <path
                        key={`${run.id}-${foot.number}`}
                        data-foot={`${run.id}-${foot.number}`}
                        d={mark(run, foot)}
                        fill={colours[word(run, foot)]}
                        stroke={run.id === selected ? 'var(--color-ink)' : 'var(--color-paper)'}
                        strokeWidth={1}
                        cursor={onFoot === undefined ? undefined : 'pointer'}
                        onClick={() => onFoot?.(run.id, foot.number)}
                    />
                )),
            )}
        </g>
    );
}

/** Boxes that hang on the rails, and lugs on them. */
export function Beneath({ view, runs, length_m }: { view: Viewport; runs: Planned['runs']; length_m: number }) {
    const [long, wide] = [len(view, length_m), Math.max(3, Math.min(9, len(view, 0.12)))];
    return (
        <g fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth={1}>
            {runs.flatMap((run) =>
                run.tape
                    .filter(({ kind }) => kind === 'box' || kind === 'lug')
                    .map(({ kind, x_m }) => {
                        const [x, y] = spot(view, run, x_m);
                        const [width, height] = run.up ? [wide, long] : [long, wide];
                        return kind === 'lug' ? (
                            <circle key={`${run.id} lug ${x_m}`} cx={x} cy={y} r={wide / 2} />
                        ) : (
                            <rect key={`${run.id} ${x_m}`} x={x - width / 2} y={y - height / 2} width={width} height={height} />
                        );
                    }),
            )}
        </g>
    );
}

/** Where the run in hand crosses members: rings to choose by, a frame around a pinned foot, a cross where none may stand. */
export function Crossings({
    view,
    runs,
    selected,
    place,
    onPlace,
}: {
    view: Viewport;
    runs: Planned['runs'];
    selected: string | null;
    place: number | null;
    onPlace: (member: number) => void;
}) {
    const run = runs.find((one) => one.id === selected);
    const apart = view.k * ((run?.places[1]?.x_m ?? 1) - (run?.places[0]?.x_m ?? 0));
    return (
        <g>
            {run?.places.map((one) => {
                const [x, y] = spot(view, run, one.x_m);
                return (
                    // biome-ignore lint/a11y/noStaticElementInteractions: the list of places below does the same by keyboard
                    <g key={one.member} data-place={one.member} cursor="pointer" onClick={() => onPlace(one.member)}>
                        {/* A foot's own mark stays free to be asked. */}
                        <circle cx={x} cy={y - 6} r={Math.min(9, Math.max(3, apart / 2))} fill="transparent" />
                        {one.hand === 'pinned' && (
                            <rect
                                x={x - 9}
                                y={y - 9}
                                width={18}
                                height={20}
                                fill="none"
                                stroke="var(--color-ink)"
                                strokeWidth={2}
                            />
                        )}
                        {one.hand === 'barred' && (
                            <path
                                d={`M${x - 5} ${y - 5}l10 10m0 -10l-10 10`}
                                stroke="var(--color-ink)"
                                strokeWidth={2}
                                fill="none"
                            />
                        )}
                        <circle
                            cx={x}
                            cy={y - 7}
                            r={Math.min(3, Math.max(1.2, apart / 3))}
                            fill={one.member === place ? 'var(--color-garnet)' : 'var(--color-sheet)'}
                            stroke={one.member === place ? 'var(--color-garnet)' : 'var(--color-muted)'}
                        />
                    </g>
                );
            })}
        </g>
    );
}

export function OtherHoles({ view, planned }: { view: Viewport; planned: Planned }) {
    return (
        <g>
            {planned.sheet.holes.map((hole) => (
                <circle
                    key={hole.id}
                    cx={px(view, hole.x_m)}
                    cy={py(view, hole.y_m)}
                    r={5}
                    fill="var(--color-paper)"
                    stroke="var(--color-garnet)"
                    strokeWidth={2}
                />
            ))}
        </g>
    );
}

import type { Size } from '@/sheet/useSize';
import type { TableDrawn, TableUpright } from '@/types/desk';

const MARGIN = { left: 96, right: 110, top: 34, bottom: 46 };

/** A table from the side, to scale, cut through the posts of which most is asked; the ground with its holes and the frost. */
export function Elevation({ drawn, title, size }: { drawn: TableDrawn; title: string; size: Size }) {
    const { width: wide, height: high } = size;
    const { tilt_rad: tilt, text, uprights } = drawn;
    const [sin, cos] = [Math.sin(tilt), Math.cos(tilt)];
    const [first, last] = [uprights[0], uprights[uprights.length - 1]];
    if (first === undefined || last === undefined) {
        return null;
    }
    const slope = first === last ? 0 : (last.ground_m - first.ground_m) / (last.y_m - first.y_m);
    const ground = (y: number) => first.ground_m + slope * (y - first.y_m);
    const half = Math.max(...uprights.map((one) => one.hole_m)) / 2;
    const deepest = Math.max(drawn.frost_m, 0.4, ...uprights.map((one) => one.depth_m ?? 0));
    const seasons = drawn.seasons.map((one) => ({
        ...one,
        end: [one.y_m + drawn.chord_m * Math.cos(one.tilt_rad), one.z_m + drawn.chord_m * Math.sin(one.tilt_rad)] as const,
    }));
    const [from, to] = [
        Math.min(0, first.y_m - half, ...seasons.map((one) => one.y_m)) - 0.5,
        Math.max(drawn.chord_m * cos, last.y_m + half, ...seasons.map((one) => one.end[0])) + 0.5,
    ];
    const low = Math.min(...uprights.map((one) => one.ground_m)) - deepest - 0.3;
    const top = Math.max(drawn.chord_m * sin, ...seasons.map((one) => one.end[1])) + 0.12;
    const scale = Math.min((wide - MARGIN.left - MARGIN.right) / (to - from), (high - MARGIN.top - MARGIN.bottom) / (top - low));
    const middle = (wide - scale * (to - from)) / 2;
    const x = (y: number) => middle + scale * (y - from);
    const z = (height: number) => MARGIN.top + scale * (top - height);
    const at = (y: number, height: number) => `${x(y).toFixed(1)},${z(height).toFixed(1)}`;
    const above = drawn.stands_on_m ?? 0;
    /** How far a post goes down under the ground. */
    const into = (one: TableUpright) =>
        drawn.stands_on_m === null ? Math.max(0, (one.depth_m ?? 0) - (one.hole_m > 0 ? 0.08 : 0)) : -drawn.stands_on_m;
    const slab = (thick: number, over: number) =>
        [
            [0, over],
            [drawn.chord_m, over],
            [drawn.chord_m, over + thick],
            [0, over + thick],
        ]
            .map(([s, up]) => at((s ?? 0) * cos - (up ?? 0) * sin, (s ?? 0) * sin + (up ?? 0) * cos))
            .join(' ');
    return (
        <svg width={wide} height={high} role="img" aria-label={`${title}, ${text.tilt} from the horizontal`} data-elevation>
            <text x={14} y={20} fontSize={14} fill="var(--color-muted)">
                {title}
            </text>
            <polygon
                points={`${at(from, ground(from))} ${at(to, ground(to))} ${at(to, low)} ${at(from, low)}`}
                fill="var(--color-panel)"
            />
            {uprights.map((one) => (
                <rect
                    key={one.y_m}
                    x={x(one.y_m - one.hole_m / 2)}
                    y={z(one.ground_m + above)}
                    width={scale * one.hole_m}
                    height={scale * ((one.depth_m ?? 0) + above)}
                    fill="var(--color-paper)"
                    stroke="var(--color-muted)"
                />
            ))}
            {drawn.frost_m > 0 && (
                <>
                    <line
                        x1={x(from)}
                        y1={z(ground(from) - drawn.frost_m)}
                        x2={x(to)}
                        y2={z(ground(to) - drawn.frost_m)}
                        stroke="var(--color-garnet)"
                        strokeDasharray="7 4"
                    />
                    <text x={x(to) + 6} y={z(ground(to) - drawn.frost_m)} dy="0.35em" fontSize={14} fill="var(--color-garnet)">
                        frost to {text.frost}
                    </text>
                </>
            )}
            <line x1={x(from)} y1={z(ground(from))} x2={x(to)} y2={z(ground(to))} stroke="var(--color-ink)" strokeWidth={1.8} />
            {drawn.struts.map(([y1, z1, y2, z2]) => (
                <line
                    key={`${y1} ${z1} ${y2} ${z2}`}
                    x1={x(y1)}
                    y1={z(z1)}
                    x2={x(y2)}
                    y2={z(z2)}
                    stroke="var(--color-ink)"
                    strokeWidth={3}
                />
            ))}
            {uprights.map((one) => {
                const side = one === last ? 1 : -1;
                const edge = x(one.y_m) + side * (scale * (Math.max(one.hole_m, one.thick_m) / 2) + 16);
                const anchor = side < 0 ? 'end' : 'start';
                const depth = one.depth_m ?? 0;
                return (
                    <g key={one.y_m}>
                        <rect
                            x={x(one.y_m) - Math.max(2, (scale * one.thick_m) / 2)}
                            y={z(one.top_m)}
                            width={Math.max(4, scale * one.thick_m)}
                            height={Math.max(0, scale * (one.top_m - one.ground_m + into(one)))}
                            fill="var(--color-paper)"
                            stroke="var(--color-ink)"
                        />
                        {drawn.beam_wide_m > 0 && !drawn.is_round && (
                            <rect
                                x={x(one.y_m) + scale * (one.thick_m / 2)}
                                y={z(one.top_m + drawn.beam_high_m / 2)}
                                width={Math.max(4, scale * drawn.beam_wide_m)}
                                height={scale * drawn.beam_high_m}
                                fill="var(--color-paper)"
                                stroke="var(--color-ink)"
                            />
                        )}
                        {drawn.is_round && (
                            <circle
                                cx={x(one.y_m)}
                                cy={z(one.top_m)}
                                r={6}
                                fill="var(--color-paper)"
                                stroke="var(--color-ink)"
                                strokeWidth={1.6}
                            />
                        )}
                        {one.height !== null && (
                            <Upright
                                at={edge}
                                from={z(one.top_m)}
                                to={z(one.ground_m)}
                                text={one.height}
                                anchor={anchor}
                                side={side}
                            />
                        )}
                        {one.depth !== null && (
                            <Upright
                                at={edge}
                                from={z(one.ground_m)}
                                to={z(one.ground_m - depth)}
                                text={one.depth}
                                anchor={anchor}
                                side={side}
                            />
                        )}
                        {one.blocks !== null && (
                            <text x={x(one.y_m)} y={z(one.ground_m) + 18} fontSize={14} fontWeight={600} textAnchor="middle">
                                {one.blocks} {one.blocks === 1 ? 'block' : 'blocks'}
                            </text>
                        )}
                        {one.cut !== null && (
                            <text
                                x={
                                    x(one.y_m) -
                                    side * (scale * ((drawn.stands_on_m === null ? one.hole_m : one.thick_m) / 2) + 10)
                                }
                                y={
                                    drawn.stands_on_m === null
                                        ? z(one.ground_m - depth * (side < 0 ? 0.45 : 0.7))
                                        : z((one.ground_m + one.top_m) / 2)
                                }
                                fontSize={14}
                                fontWeight={600}
                                dy="0.35em"
                                textAnchor={side < 0 ? 'start' : 'end'}
                            >
                                cut {one.cut}
                            </text>
                        )}
                    </g>
                );
            })}
            {seasons.map((one) => (
                <g key={one.text}>
                    <line
                        x1={x(one.y_m)}
                        y1={z(one.z_m)}
                        x2={x(one.end[0])}
                        y2={z(one.end[1])}
                        stroke="var(--color-muted)"
                        strokeWidth={1.6}
                        strokeDasharray="8 5"
                    />
                    <text x={x(one.end[0]) + 8} y={z(one.end[1]) + 4} fontSize={14} fill="var(--color-muted)">
                        {one.text}
                    </text>
                </g>
            ))}
            <polygon points={slab(0.03, -0.06)} fill="var(--color-module-edge)" />
            <polygon points={slab(0.04, 0)} fill="var(--color-paper)" stroke="var(--color-ink)" />
            <text x={x(drawn.chord_m * cos) + 8} y={z(drawn.chord_m * sin) + 4} fontSize={14}>
                {text.tilt}
            </text>
            <text x={x(0) - 8} y={z(0) - 12} fontSize={14} textAnchor="end">
                edge {text.edge}
            </text>
            {text.between !== null && (
                <g>
                    <line
                        x1={x(first.y_m)}
                        x2={x(last.y_m)}
                        y1={high - 20}
                        y2={high - 20}
                        stroke="var(--color-ink)"
                        strokeWidth={0.8}
                    />
                    <Tick x={x(first.y_m)} y={high - 20} />
                    <Tick x={x(last.y_m)} y={high - 20} />
                    <text x={(x(first.y_m) + x(last.y_m)) / 2} y={high - 4} fontSize={14} textAnchor="middle">
                        {text.between}, level
                    </text>
                </g>
            )}
        </svg>
    );
}

type UprightProps = { at: number; from: number; to: number; text: string; anchor: 'start' | 'end'; side: number };

function Upright({ at, from, to, text, anchor, side }: UprightProps) {
    return (
        <g>
            <line x1={at} x2={at} y1={from} y2={to} stroke="var(--color-ink)" strokeWidth={0.8} />
            <Tick x={at} y={from} />
            <Tick x={at} y={to} />
            <text
                x={at + 7 * side}
                y={(from + to) / 2}
                dy="0.35em"
                fontSize={14}
                textAnchor={anchor}
                stroke="var(--color-panel)"
                strokeWidth={3}
                paintOrder="stroke"
            >
                {text}
            </text>
        </g>
    );
}

function Tick({ x, y }: { x: number; y: number }) {
    return <line x1={x - 4} y1={y + 4} x2={x + 4} y2={y - 4} stroke="var(--color-ink)" strokeWidth={1.4} />;
}

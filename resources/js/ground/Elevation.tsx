import type { Size } from '@/sheet/useSize';
import type { TableDrawn } from '@/types/desk';

const MARGIN = { left: 96, right: 110, top: 34, bottom: 46 };

/** A table from the side, to scale, cut through the posts of which most is asked; the ground with its holes and the frost. */
export function Elevation({ drawn, title, size }: { drawn: TableDrawn; title: string; size: Size }) {
    const { width: wide, height: high } = size;
    const { tilt_rad: tilt, text } = drawn;
    const [sin, cos] = [Math.sin(tilt), Math.cos(tilt)];
    const front = { y: drawn.front_pipe_m * cos + drawn.offset_m * sin, z: drawn.front_pipe_m * sin - drawn.offset_m * cos };
    const rear = { y: front.y + drawn.between_m, z: front.z + drawn.rise_m };
    const grounds = [front.z - drawn.front_m, rear.z - drawn.rear_m] as const;
    const slope = (grounds[1] - grounds[0]) / drawn.between_m;
    const ground = (y: number) => grounds[0] + slope * (y - front.y);
    const depth = drawn.depth_m ?? 0;
    const [from, to] = [Math.min(0, front.y - drawn.hole_m) - 0.5, Math.max(drawn.chord_m * cos, rear.y + drawn.hole_m) + 0.5];
    const low = Math.min(...grounds) - Math.max(depth, drawn.frost_m, 0.4) - 0.3;
    const top = drawn.chord_m * sin + 0.12;
    const scale = Math.min((wide - MARGIN.left - MARGIN.right) / (to - from), (high - MARGIN.top - MARGIN.bottom) / (top - low));
    const middle = (wide - scale * (to - from)) / 2;
    const x = (y: number) => middle + scale * (y - from);
    const z = (height: number) => MARGIN.top + scale * (top - height);
    const at = (y: number, height: number) => `${x(y).toFixed(1)},${z(height).toFixed(1)}`;
    const slab = (thick: number, over: number) =>
        [
            [0, over],
            [drawn.chord_m, over],
            [drawn.chord_m, over + thick],
            [0, over + thick],
        ]
            .map(([s, up]) => at((s ?? 0) * cos - (up ?? 0) * sin, (s ?? 0) * sin + (up ?? 0) * cos))
            .join(' ');
    const posts = [
        { pipe: front, ground: grounds[0], cut: text.cut_front, height: text.front, side: -1 },
        { pipe: rear, ground: grounds[1], cut: text.cut_rear, height: text.rear, side: 1 },
    ] as const;
    return (
        <svg width={wide} height={high} role="img" aria-label={`${title}, ${text.tilt} from the horizontal`} data-elevation>
            <text x={14} y={20} fontSize={14} fill="var(--color-muted)">
                {title}
            </text>
            <polygon
                points={`${at(from, ground(from))} ${at(to, ground(to))} ${at(to, low)} ${at(from, low)}`}
                fill="var(--color-panel)"
            />
            {posts.map(({ pipe, ground: level }) => (
                <rect
                    key={pipe.y}
                    x={x(pipe.y - drawn.hole_m / 2)}
                    y={z(level)}
                    width={scale * drawn.hole_m}
                    height={scale * depth}
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
            {posts.map(({ pipe, ground: level, cut, height, side }) => {
                const edge = x(pipe.y) + side * (scale * (drawn.hole_m / 2) + 16);
                const anchor = side < 0 ? 'end' : 'start';
                return (
                    <g key={pipe.y}>
                        <rect
                            x={x(pipe.y) - Math.max(2, (scale * drawn.post_m) / 2)}
                            y={z(pipe.z)}
                            width={Math.max(4, scale * drawn.post_m)}
                            height={scale * (pipe.z - level + Math.max(0, depth - 0.08))}
                            fill="var(--color-paper)"
                            stroke="var(--color-ink)"
                        />
                        <circle
                            cx={x(pipe.y)}
                            cy={z(pipe.z)}
                            r={6}
                            fill="var(--color-paper)"
                            stroke="var(--color-ink)"
                            strokeWidth={1.6}
                        />
                        <Upright at={edge} from={z(pipe.z)} to={z(level)} text={height} anchor={anchor} side={side} />
                        {text.depth !== null && (
                            <Upright
                                at={edge}
                                from={z(level)}
                                to={z(level - depth)}
                                text={text.depth}
                                anchor={anchor}
                                side={side}
                            />
                        )}
                        {cut !== null && (
                            <text
                                x={x(pipe.y) - side * (scale * (drawn.hole_m / 2) + 10)}
                                y={z(level - depth * (side < 0 ? 0.45 : 0.7))}
                                fontSize={14}
                                fontWeight={600}
                                dy="0.35em"
                                textAnchor={side < 0 ? 'start' : 'end'}
                            >
                                cut {cut}
                            </text>
                        )}
                    </g>
                );
            })}
            <polygon points={slab(0.03, -0.06)} fill="var(--color-module-edge)" />
            <polygon points={slab(0.04, 0)} fill="var(--color-paper)" stroke="var(--color-ink)" />
            <text x={x(drawn.chord_m * cos) + 8} y={z(drawn.chord_m * sin) + 4} fontSize={14}>
                {text.tilt}
            </text>
            <text x={x(0) - 8} y={z(0) - 12} fontSize={14} textAnchor="end">
                edge {text.edge}
            </text>
            <g>
                <line x1={x(front.y)} x2={x(rear.y)} y1={high - 20} y2={high - 20} stroke="var(--color-ink)" strokeWidth={0.8} />
                <Tick x={x(front.y)} y={high - 20} />
                <Tick x={x(rear.y)} y={high - 20} />
                <text x={(x(front.y) + x(rear.y)) / 2} y={high - 4} fontSize={14} textAnchor="middle">
                    {text.between}, level
                </text>
            </g>
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
            <text x={at + 7 * side} y={(from + to) / 2} dy="0.35em" fontSize={14} textAnchor={anchor}>
                {text}
            </text>
        </g>
    );
}

function Tick({ x, y }: { x: number; y: number }) {
    return <line x1={x - 4} y1={y + 4} x2={x + 4} y2={y - 4} stroke="var(--color-ink)" strokeWidth={1.4} />;
}

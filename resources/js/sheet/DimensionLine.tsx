import { textWidth } from '@/sheet/scale';
import type { DimensionMark } from '@/types/desk';

type Props = {
    parts: DimensionMark[];
    at: (m: number) => number;
    /** The stretch of the screen that is seen; a part is drawn as far as it reaches in. */
    seen: [number, number];
    place: number;
};

const within = (value: number, [low, high]: [number, number]) => Math.min(high, Math.max(low, value));

/** A chain of dimensions along the eave: texts on the line, or above it, one beside the other, where parts are too short for theirs. */
export function ChainAcross({ parts, at, seen, place }: Props) {
    let taken = Number.NEGATIVE_INFINITY;
    const placed = parts.map((part) => {
        const [from, to] = [within(at(part.from_m), seen), within(at(part.to_m), seen)];
        const width = textWidth(part.text) + 10;
        const fits = to - from > width + 12;
        let x = (from + to) / 2;
        if (!fits && to - from >= 1) {
            x = Math.max(x, taken + width / 2);
            taken = x + width / 2;
        }
        return { part, from, to, width, fits, x };
    });
    return (
        <g>
            {placed.map(({ part, from, to, width, fits, x }) =>
                to - from < 1 ? null : (
                    <g key={`${part.from_m}-${part.to_m}`}>
                        <line x1={from} x2={to} y1={place} y2={place} stroke="var(--color-ink)" strokeWidth={0.8} />
                        <Slash x={from} y={place} />
                        <Slash x={to} y={place} />
                        {fits && <rect x={x - width / 2} y={place - 9} width={width} height={18} fill="var(--color-paper)" />}
                        <text x={x} y={fits ? place : place - 12} textAnchor="middle" dy="0.35em" fontSize={14}>
                            {part.text}
                        </text>
                    </g>
                ),
            )}
        </g>
    );
}

/** A chain up the slope, its texts level beside the line, so that short parts keep theirs. */
export function ChainUp({ parts, at, seen, place }: Props) {
    return (
        <g>
            {parts.map((part) => {
                const [from, to] = [within(at(part.from_m), seen), within(at(part.to_m), seen)];
                return from - to < 1 ? null : (
                    <g key={`${part.from_m}-${part.to_m}`}>
                        <line x1={place} x2={place} y1={from} y2={to} stroke="var(--color-ink)" strokeWidth={0.8} />
                        <Slash x={place} y={from} />
                        <Slash x={place} y={to} />
                        {from - to > 15 && (
                            <text x={place + 8} y={(from + to) / 2} dy="0.35em" fontSize={14}>
                                {part.text}
                            </text>
                        )}
                    </g>
                );
            })}
        </g>
    );
}

function Slash({ x, y }: { x: number; y: number }) {
    return <line x1={x - 4} y1={y + 4} x2={x + 4} y2={y - 4} stroke="var(--color-ink)" strokeWidth={1.4} />;
}

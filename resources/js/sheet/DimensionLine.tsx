import type { Dimension } from '@/types/desk';

/** A chain of dimensions with slashes at its ends; a text too wide for its part is left to the next chain. */
export function DimensionChain({
    parts,
    at,
    place,
    vertical = false,
}: {
    parts: Dimension[];
    at: (m: number) => number;
    place: number;
    vertical?: boolean;
}) {
    return (
        <g className="dimension" aria-hidden="true">
            {parts.map((part) => {
                const from = at(part.from_m);
                const to = at(part.to_m);
                const middle = (from + to) / 2;
                const room = Math.abs(to - from);
                const width = part.text.length * 6.6 + 8;
                const line = vertical ? { x1: place, x2: place, y1: from, y2: to } : { x1: from, x2: to, y1: place, y2: place };
                return (
                    <g key={`${part.from_m}-${part.to_m}`}>
                        <line {...line} stroke="#231d1b" strokeWidth={0.8} />
                        <Slash x={vertical ? place : from} y={vertical ? from : place} />
                        <Slash x={vertical ? place : to} y={vertical ? to : place} />
                        {room > width + 10 && (
                            <g
                                transform={
                                    vertical ? `translate(${place} ${middle}) rotate(-90)` : `translate(${middle} ${place})`
                                }
                            >
                                <rect x={-width / 2} y={-9} width={width} height={18} fill="#fbf8f1" />
                                <text textAnchor="middle" dy="0.35em" fontSize={14}>
                                    {part.text}
                                </text>
                            </g>
                        )}
                    </g>
                );
            })}
        </g>
    );
}

function Slash({ x, y }: { x: number; y: number }) {
    return <line x1={x - 4} y1={y + 4} x2={x + 4} y2={y - 4} stroke="#231d1b" strokeWidth={1.4} />;
}

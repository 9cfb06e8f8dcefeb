/** The thread of a screw, drawn from its top to its tip. */
export function thread(x: number, top: number, tip: number, radius: number) {
    const turns = Math.max(3, Math.round((tip - top) / 5));
    const step = (tip - top) / turns;
    return Array.from({ length: turns }, (_, turn) => {
        const at = top + turn * step;
        const reach = turn > turns - 2 ? radius / 2 : radius;
        return `M${x - reach} ${at + step}L${x + reach} ${at}`;
    }).join('');
}

/** A dimension upright, with its text to the right. */
export function Upright({ x, from, to, name }: { x: number; from: number; to: number; name: string }) {
    return (
        <g>
            <path
                d={`M${x - 4} ${from}h8M${x} ${from}V${to}M${x - 4} ${to}h8`}
                stroke="var(--color-ink)"
                strokeWidth={0.9}
                fill="none"
            />
            <text x={x + 7} y={(from + to) / 2} dy="0.35em" fontSize={13}>
                {name}
            </text>
        </g>
    );
}

/** A level dimension, with its text below. */
export function Level({ y, from, to, name }: { y: number; from: number; to: number; name: string }) {
    return (
        <g>
            <path
                d={`M${from} ${y - 4}v8M${from} ${y}H${to}M${to} ${y - 4}v8`}
                stroke="var(--color-ink)"
                strokeWidth={0.9}
                fill="none"
            />
            <text x={(from + to) / 2} y={y + 12} textAnchor="middle" fontSize={13}>
                {name}
            </text>
        </g>
    );
}

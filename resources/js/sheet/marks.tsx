/** The thread of a screw, drawn from its top to its tip. */
function thread(x: number, top: number, tip: number, radius: number) {
    const turns = Math.max(3, Math.round((tip - top) / 5));
    const step = (tip - top) / turns;
    return Array.from({ length: turns }, (_, turn) => {
        const at = top + turn * step;
        const reach = turn > turns - 2 ? radius / 2 : radius;
        return `M${x - reach} ${at + step}L${x + reach} ${at}`;
    }).join('');
}

/** A screw upright in a section: its shank, from the head down, and its thread. */
export function Screw({ x, radius, shank, tip }: { x: number; radius: number; shank: [number, number]; tip: number }) {
    const [from, to] = shank;
    return (
        <>
            <rect x={x - radius} y={from} width={2 * radius} height={to - from} fill="var(--color-module-edge)" />
            <path d={thread(x, to, tip, radius)} fill="none" stroke="var(--color-garnet)" strokeWidth={1.4} />
        </>
    );
}

/** Names to the left of a section, from the top, each with a line to what it names; none over another. */
export function Names({ at, top, names }: { at: number; top: number; names: { name: string; x: number; y: number }[] }) {
    let last = top - 8;
    return names.map(({ name, x, y }) => {
        last = Math.max(last + 16, y);
        return (
            <g key={name}>
                <text x={at - 34} y={last} dy="0.35em" fontSize={13} textAnchor="end">
                    {name}
                </text>
                <line x1={at - 29} y1={last} x2={x} y2={y} stroke="var(--color-muted)" strokeWidth={0.7} />
            </g>
        );
    });
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

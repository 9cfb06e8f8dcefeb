import type { Size } from '@/sheet/useSize';
import type { TableData } from '@/types/desk';

type Field = NonNullable<TableData['field']>;

/** All tables of the job that have a place in its field, to scale, true north up, with what is buried there. */
export function FieldPlan({ field, size }: { field: Field; size: Size }) {
    const points = [
        ...field.tables.flatMap((table) => table.corners),
        ...field.lines.flatMap((line) => [line.from, line.to]),
        ...field.no_dig.flatMap((area) => area.corners),
        ...field.soils.flatMap((area) => area.corners),
        [0, 0] as [number, number],
    ];
    const [left, right] = [Math.min(...points.map(([east]) => east)), Math.max(...points.map(([east]) => east))];
    const [low, high] = [Math.min(...points.map(([, north]) => north)), Math.max(...points.map(([, north]) => north))];
    // On a phone there is no room for names but of the table at hand.
    const narrow = size.width < 500;
    const beside = narrow ? 60 : 150;
    const k = Math.min((size.width - beside) / Math.max(1, right - left), (size.height - 110) / Math.max(1, high - low));
    const x = (east: number) => beside / 2 - 5 + (east - left) * k + (size.width - beside - (right - left) * k) / 2;
    const y = (north: number) => 46 + (high - north) * k;
    /** Whether a post stands where the name of a table would be: that goes below the table then. */
    const overName = ({ corners, posts }: Field['tables'][number]) =>
        posts.some(([east, north]) => Math.abs(mean(corners, 0) - east) * k < 45 && Math.abs(mean(corners, 1) - north) * k < 12);
    return (
        <svg
            width={size.width}
            height={size.height}
            viewBox={`0 0 ${size.width} ${size.height}`}
            role="img"
            aria-label="The field from above, to scale, true north up"
        >
            <g transform="translate(28 44)">
                <path d="M0 -22L6 0H-6Z" fill="var(--color-ink)" />
                <line y2={16} stroke="var(--color-ink)" />
                <text y={-27} fontSize={13} textAnchor="middle">
                    true N
                </text>
            </g>
            {field.soils.map((area, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two areas may be alike in all
                <g key={index}>
                    <polygon
                        points={area.corners.map(([east, north]) => `${x(east)},${y(north)}`).join(' ')}
                        fill="var(--color-panel)"
                        stroke="var(--color-muted)"
                        strokeDasharray="2 4"
                    />
                    <Named
                        x={Math.min(...area.corners.map((corner) => x(corner[0]))) + 6}
                        y={Math.min(...area.corners.map((corner) => y(corner[1]))) + 16}
                        anchor="start"
                        tone="ink"
                    >
                        {area.what}
                    </Named>
                </g>
            ))}
            <pattern id="no-dig" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <line y2={7} stroke="var(--color-garnet)" strokeWidth={1.6} strokeOpacity={0.6} />
            </pattern>
            {field.no_dig.map((area, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two areas may be alike in all
                <g key={index}>
                    <polygon
                        points={area.corners.map(([east, north]) => `${x(east)},${y(north)}`).join(' ')}
                        fill="url(#no-dig)"
                        stroke="var(--color-garnet)"
                    />
                    <Named x={x(mean(area.corners, 0))} y={y(mean(area.corners, 1)) + 4} anchor="middle" tone="garnet">
                        {area.what === '' ? 'nothing dug here' : area.what}
                    </Named>
                </g>
            ))}
            {field.lines.map((line, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two lines may be alike in all
                <g key={index}>
                    <line
                        x1={x(line.from[0])}
                        y1={y(line.from[1])}
                        x2={x(line.to[0])}
                        y2={y(line.to[1])}
                        stroke="var(--color-garnet)"
                        strokeWidth={2}
                        strokeDasharray="9 5"
                    />
                    <Named
                        x={x((line.from[0] * 3 + line.to[0]) / 4) + 6}
                        y={y((line.from[1] * 3 + line.to[1]) / 4) - 6}
                        anchor="start"
                        tone="garnet"
                    >
                        {line.what === '' ? 'buried, not named' : line.what}
                    </Named>
                </g>
            ))}
            {field.tables.map((table) => {
                return (
                    <g key={table.id}>
                        <path
                            d={`${table.corners.map(([east, north], index) => `${index === 0 ? 'M' : 'L'}${x(east)} ${y(north)}`).join('')}Z`}
                            fill="var(--color-module)"
                            fillOpacity={0.8}
                            stroke={table.here ? 'var(--color-garnet)' : 'var(--color-ink)'}
                            strokeWidth={table.here ? 2.4 : 1.2}
                        />
                        {table.posts.map(([east, north]) => (
                            <circle
                                key={`${east} ${north}`}
                                cx={x(east)}
                                cy={y(north)}
                                r={narrow ? 2 : 3.5}
                                fill="var(--color-verdigris)"
                            />
                        ))}
                        {(!narrow || table.here) && (
                            <Named
                                x={x(mean(table.corners, 0))}
                                y={
                                    overName(table)
                                        ? y(Math.min(...table.corners.map((corner) => corner[1]))) + 16
                                        : y(mean(table.corners, 1)) + 4
                                }
                                anchor="middle"
                                tone="ink"
                                strong={table.here}
                            >
                                {table.name}
                            </Named>
                        )}
                    </g>
                );
            })}
            <g transform={`translate(${size.width - 40 - field.bar.long_m * k} ${size.height - 26})`}>
                <path d={`M0 -5v10M0 0h${field.bar.long_m * k}m0 -5v10`} stroke="var(--color-ink)" fill="none" />
                <text x={(field.bar.long_m * k) / 2} y={17} fontSize={13} textAnchor="middle">
                    {field.bar.text}
                </text>
            </g>
            <path d={`M${x(0) - 6} ${y(0)}h12M${x(0)} ${y(0) - 6}v12`} stroke="var(--color-ink)" strokeWidth={1.6} />
            <text x={x(0) + 8} y={y(0) + 16} fontSize={13}>
                mark
            </text>
        </svg>
    );
}

function mean(corners: [number, number][], axis: 0 | 1) {
    return corners.reduce((sum, corner) => sum + corner[axis], 0) / Math.max(1, corners.length);
}

/** A name that lines behind it are broken off around. */
function Named({
    x,
    y,
    anchor,
    tone,
    strong = false,
    children,
}: {
    x: number;
    y: number;
    anchor: 'start' | 'middle';
    tone: 'garnet' | 'ink';
    strong?: boolean;
    children: string;
}) {
    return (
        <text
            x={x}
            y={y}
            fontSize={13}
            fontWeight={strong ? 600 : 400}
            textAnchor={anchor}
            fill={`var(--color-${tone})`}
            stroke="var(--color-paper)"
            strokeWidth={4}
            paintOrder="stroke"
        >
            {children}
        </text>
    );
}

/** Where the stakes of a table stand, from the mark of the job. */
export function FieldStakes({ field }: { field: Field }) {
    return (
        <table className="font-condensed">
            <caption className="text-left">Stakes in the field, on the level from the mark</caption>
            <thead>
                <tr>
                    <th>Stake</th>
                    <th className="pl-8 text-right">East</th>
                    <th className="pl-8 text-right">North</th>
                </tr>
            </thead>
            <tbody>
                {field.stakes.map((stake) => (
                    <tr key={stake.post}>
                        <td className="font-semibold">{stake.post}</td>
                        <td className="text-right">{stake.east}</td>
                        <td className="text-right">{stake.north}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

import type { TableBeside } from '@/types/desk';

const WIDE = 520;
const HIGH = 230;
const MARGIN = { left: 34, bottom: 26, top: 22 };

type Point = [number, number];

/** The sun's ways on three days over the bearings, and what hides it: the side of the equator in the middle. */
export function SunChart({ sun }: { sun: NonNullable<TableBeside['sun']> }) {
    const all = sun.paths.flatMap((path) => path.points);
    const noon = sun.paths[1]?.points.reduce((one, other) => (other[1] > one[1] ? other : one), [180, 0] as Point) ?? [180, 0];
    // North of the tropics the sun is in the south at noon, south of them in the north.
    const middle = Math.abs(noon[0] - 180) < 90 ? 180 : 0;
    const around = (bearing: number) => ((bearing - middle + 540) % 360) - 180;
    const top = Math.max(30, ...all.map(([, up]) => up), ...sun.horizon.map(([, up]) => up));
    const reach = Math.min(180, Math.max(100, ...all.map(([bearing]) => Math.abs(around(bearing)))));
    const x = (bearing: number) => MARGIN.left + ((around(bearing) + reach) / (2 * reach)) * (WIDE - MARGIN.left - 8);
    const y = (up: number) => MARGIN.top + (1 - up / top) * (HIGH - MARGIN.top - MARGIN.bottom);
    const line = (points: Point[]) =>
        points
            .filter(([bearing]) => Math.abs(around(bearing)) <= reach)
            .sort(([one], [other]) => around(one) - around(other))
            .map(([bearing, up], index) => `${index === 0 ? 'M' : 'L'}${x(bearing).toFixed(1)} ${y(up).toFixed(1)}`)
            .join('');
    const hidden = ends(sun.horizon, around, reach, middle);
    return (
        <figure>
            <svg
                width={WIDE}
                height={HIGH}
                viewBox={`0 0 ${WIDE} ${HIGH}`}
                role="img"
                aria-label="The sun’s ways and the horizon"
            >
                {[0, 30, 60, 90]
                    .filter((up) => up <= top)
                    .map((up) => (
                        <g key={up}>
                            <line
                                x1={MARGIN.left}
                                x2={WIDE - 8}
                                y1={y(up)}
                                y2={y(up)}
                                stroke="var(--color-rule)"
                                strokeWidth={0.8}
                            />
                            <text x={MARGIN.left - 5} y={y(up)} dy="0.35em" fontSize={12} textAnchor="end">
                                {up}°
                            </text>
                        </g>
                    ))}
                {[-90, 0, 90].map((off) => (
                    <text key={off} x={x(middle + off)} y={HIGH - 8} fontSize={12} textAnchor="middle">
                        {(middle + off + 360) % 360}°
                    </text>
                ))}
                {hidden.length > 0 && (
                    <path
                        d={`${line(hidden)}L${x(middle) + (WIDE - MARGIN.left - 8) / 2} ${y(0)}H${MARGIN.left}Z`}
                        fill="var(--color-module)"
                        stroke="var(--color-ink)"
                    />
                )}
                {sun.paths.map((path, index) => (
                    <g key={path.name}>
                        <path
                            d={line(path.points)}
                            fill="none"
                            stroke="var(--color-ochre)"
                            strokeWidth={1.8}
                            strokeDasharray={['2 4', '8 4', undefined][index]}
                        />
                        {path.points.length > 0 && (
                            <text
                                x={x(middle)}
                                y={y(Math.max(...path.points.map(([, up]) => up))) - 4}
                                fontSize={12}
                                textAnchor="middle"
                                stroke="var(--color-paper)"
                                strokeWidth={4}
                                paintOrder="stroke"
                            >
                                {path.name}
                            </text>
                        )}
                    </g>
                ))}
            </svg>
            <figcaption className="text-[0.87rem] text-muted">Bearings true, heights over the level. {sun.hidden}</figcaption>
        </figure>
    );
}

/** The horizon from one end of the chart to the other: what was looked at, and where it goes on to the ends. */
function ends(points: Point[], around: (bearing: number) => number, reach: number, middle: number): Point[] {
    if (points.length === 0) {
        return [];
    }
    const sorted = [...points].sort(([one], [other]) => around(one) - around(other));
    const [first, last] = [sorted[0] as Point, sorted[sorted.length - 1] as Point];
    const gap = 360 - (around(last[0]) - around(first[0]));
    const at = (off: number) => (gap <= 0 ? first[1] : last[1] + ((first[1] - last[1]) * off) / gap);
    return [
        [middle - reach + 1e-6, at(360 - reach - around(last[0]))],
        ...sorted.filter(([bearing]) => Math.abs(around(bearing)) < reach),
        [middle + reach - 1e-6, at(reach - around(last[0]))],
    ] as Point[];
}

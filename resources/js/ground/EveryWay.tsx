import type { TableBeside } from '@/types/desk';

const WIDE = 520;
const HIGH = 250;
const MARGIN = { left: 40, bottom: 40, top: 10, right: 8 };

/** So many percent of the best or more, drawn so dark. */
const BANDS: [number, number][] = [
    [99, 0.9],
    [97, 0.68],
    [94, 0.48],
    [90, 0.32],
    [80, 0.17],
    [0, 0.05],
];

/** What every tilt and bearing keeps of the best fixed way; the side of noon in the middle. */
export function EveryWay({ way }: { way: NonNullable<NonNullable<TableBeside['sun']>['every_way']> }) {
    const bearings = ascending(way.keeps);
    const [first, last] = [bearings[0] ?? 90, bearings[bearings.length - 1] ?? 270];
    const tilts = ascending(way.keeps[first] ?? {});
    const steepest = tilts[tilts.length - 1] ?? 60;
    const [eachBearing, eachTilt] = [(bearings[1] ?? 0) - first, (tilts[1] ?? 0) - (tilts[0] ?? 0)];
    const x = (bearing: number) =>
        MARGIN.left + ((bearing - first + eachBearing / 2) / (last - first + eachBearing)) * (WIDE - MARGIN.left - MARGIN.right);
    const y = (tilt: number) =>
        MARGIN.top + (1 - (tilt + eachTilt / 2) / (steepest + eachTilt)) * (HIGH - MARGIN.top - MARGIN.bottom);
    // North of the tropics noon is at 180°; south of them the bearings go on past 360°.
    const on = (bearing: number) => (bearing < first - eachBearing ? bearing + 360 : bearing);
    const [bearing, tilt] = [on(way.here[0]), way.here[1]];
    const shown = bearing >= first && bearing <= last && tilt <= steepest;
    const dark = (keeps: number) => BANDS.find(([from]) => keeps >= from)?.[1] ?? 0.05;
    return (
        <figure>
            <svg width={WIDE} height={HIGH} viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={way.says} data-every-way>
                {bearings.map((one) =>
                    tilts.map((two) => (
                        <rect
                            key={`${one} ${two}`}
                            x={x(one - eachBearing / 2)}
                            y={y(two + eachTilt / 2)}
                            width={x(one + eachBearing) - x(one)}
                            height={y(two) - y(two + eachTilt)}
                            shapeRendering="crispEdges"
                            fill="var(--color-ochre)"
                            fillOpacity={dark(way.keeps[one]?.[two] ?? 0)}
                        />
                    )),
                )}
                {[0, 15, 30, 45, 60].map((one) => (
                    <text key={one} x={MARGIN.left - 6} y={y(one)} dy="0.35em" fontSize={12} textAnchor="end">
                        {one}°
                    </text>
                ))}
                {bearings
                    .filter((one) => (one - first) % 45 === 0)
                    .map((one) => (
                        <text key={one} x={x(one)} y={HIGH - 24} fontSize={12} textAnchor="middle">
                            {one % 360}°
                        </text>
                    ))}
                <path
                    d={`M${x(on(way.best[0])) - 6} ${y(way.best[1])}h12M${x(on(way.best[0]))} ${y(way.best[1]) - 6}v12`}
                    stroke="var(--color-ink)"
                    strokeWidth={1.8}
                />
                {shown && (
                    <circle cx={x(bearing)} cy={y(tilt)} r={7} fill="none" stroke="var(--color-garnet)" strokeWidth={2.4} />
                )}
                {BANDS.map(([from, opacity], index) => (
                    <g key={from} transform={`translate(${MARGIN.left + index * 78} ${HIGH - 12})`}>
                        <rect width={14} height={11} fill="var(--color-ochre)" fillOpacity={opacity} stroke="var(--color-rule)" />
                        <text x={18} y={10} fontSize={12}>
                            {from === 0 ? 'less' : `${from} %`}
                        </text>
                    </g>
                ))}
            </svg>
            <figcaption className="max-w-[520px] text-[0.87rem] text-muted">
                Tilt upward, true bearing across; the cross is the best, the ring this table. {way.says}
            </figcaption>
        </figure>
    );
}

function ascending(of: Record<string, unknown>): number[] {
    return Object.keys(of)
        .map(Number)
        .sort((one, other) => one - other);
}

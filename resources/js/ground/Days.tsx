import type { TableData } from '@/types/desk';

const DAY_MS = 86_400_000;
const NAMES = 210;

/** The steps of a table as bars on the days of its crew, and day by day in words. */
export function Days({ days, width = 700 }: { days: NonNullable<TableData['days']>; width?: number }) {
    const first = Date.parse(days.from);
    const count = Math.round((Date.parse(days.to) - first) / DAY_MS) + 1;
    const each = Math.min(46, (width - NAMES) / count);
    const x = (on: string) => NAMES + Math.round((Date.parse(on) - first) / DAY_MS) * each;
    // Dates stand no nearer to each other than they can be read.
    const every = Math.ceil(46 / each);
    const height = 34 + (days.rows.length + days.waits.length) * 24;
    return (
        <figure className="mb-4">
            <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label="Days of the crew">
                {Array.from({ length: count }, (_, day) => day)
                    .filter((day) => day % every === 0)
                    .map((day) => (
                        <g key={day}>
                            <line
                                x1={NAMES + day * each}
                                x2={NAMES + day * each}
                                y1={20}
                                y2={height}
                                stroke="var(--color-rule)"
                                strokeWidth={0.8}
                            />
                            <text x={NAMES + day * each + 3} y={14} fontSize={12}>
                                {new Date(first + day * DAY_MS).toISOString().slice(5, 10)}
                            </text>
                        </g>
                    ))}
                {days.rows.map((row, index) => (
                    <g key={row.name}>
                        <text x={NAMES - 8} y={42 + index * 24} fontSize={13} textAnchor="end">
                            {row.name}
                        </text>
                        {row.on.map((on) => (
                            <rect
                                key={on}
                                x={x(on) + 1}
                                y={30 + index * 24}
                                width={Math.max(3, each - 2)}
                                height={15}
                                fill="var(--color-verdigris)"
                            />
                        ))}
                        {row.kept.map((on) => (
                            <path
                                key={on}
                                d={`M${x(on) + 2} ${44 + index * 24}L${x(on) + Math.max(4, each - 2)} ${31 + index * 24}`}
                                stroke="var(--color-garnet)"
                                strokeWidth={2}
                            />
                        ))}
                    </g>
                ))}
                {days.waits.map((wait, index) => {
                    const y = 30 + (days.rows.length + index) * 24;
                    return (
                        <g key={wait.from}>
                            <text x={NAMES - 8} y={y + 12} fontSize={13} textAnchor="end">
                                {wait.name}
                            </text>
                            <line
                                x1={x(wait.from) + each}
                                x2={x(wait.until)}
                                y1={y + 8}
                                y2={y + 8}
                                stroke="var(--color-ochre)"
                                strokeWidth={2}
                                strokeDasharray="6 4"
                            />
                        </g>
                    );
                })}
            </svg>
            <ol className="mt-2 text-[0.93rem]">
                {days.days.map((day) => (
                    <li key={day.on}>
                        <strong className="mr-2 inline-block min-w-[8.5rem]">{day.on}</strong>
                        {day.says.join('; ')}.
                    </li>
                ))}
            </ol>
            <figcaption className="text-[0.87rem] text-muted">
                {days.hours} of work in all, by the minutes entered. A stroke marks a day on which weather forbids it. No hole
                stays open overnight.
            </figcaption>
        </figure>
    );
}

import type { Size } from '@/sheet/useSize';
import type { TableData, TableDrawn } from '@/types/desk';

const MARGIN = { across: 30, top: 100, bottom: 62 };

/** The posts from above with what is measured between them, the table over them, and how both lie to the north. */
export function Stakes({ table, drawn, size }: { table: TableData; drawn: TableDrawn; size: Size }) {
    const { width: wide, height: high } = size;
    const row = drawn.posts_m;
    const [first, last] = [row[0] ?? 0, row[row.length - 1] ?? 0];
    const deep = drawn.chord_m * Math.cos(drawn.tilt_rad);
    const scale = Math.min((wide - 2 * MARGIN.across) / drawn.width_m, (high - MARGIN.top - MARGIN.bottom) / deep);
    const left = (wide - scale * drawn.width_m) / 2;
    const base = MARGIN.top + (high - MARGIN.top - MARGIN.bottom + scale * deep) / 2;
    const x = (along: number) => left + scale * along;
    const y = (up: number) => base - scale * up;
    const lines = drawn.lines_m.map(y);
    const [front, rear] = [lines[0] ?? base, lines[1]];
    const whole = table.diagonals[table.diagonals.length - 1]?.level ?? '';
    return (
        <svg
            width={wide}
            height={high}
            role="img"
            aria-label={
                rear === undefined
                    ? `${row.length} posts from above, in one line`
                    : `${2 * row.length} posts from above, in two lines ${table.apart} apart, the whole diagonal ${whole}`
            }
            data-stakes
        >
            <rect
                x={x(0)}
                y={y(deep)}
                width={scale * drawn.width_m}
                height={scale * deep}
                fill="var(--color-panel)"
                stroke="var(--color-line)"
            />
            {rear !== undefined && (
                <path
                    d={`M${x(first)} ${front}L${x(last)} ${rear}M${x(last)} ${front}L${x(first)} ${rear}`}
                    stroke="var(--color-muted)"
                    strokeDasharray="5 4"
                    fill="none"
                />
            )}
            <path
                d={`M${x(first)} ${front}H${x(last)}${rear === undefined ? '' : `V${rear}H${x(first)}Z`}`}
                stroke="var(--color-ink)"
                fill="none"
            />
            {row.map((along, post) => {
                const letter = String.fromCharCode(65 + post);
                return (
                    <g key={letter}>
                        {lines.map((line, index) => (
                            <g key={line}>
                                <rect x={x(along) - 5} y={line - 5} width={10} height={10} fill="var(--color-verdigris)" />
                                <text x={x(along)} y={line + (index === 0 ? 20 : -10)} fontSize={14} textAnchor="middle">
                                    {letter}
                                    {index + 1}
                                </text>
                            </g>
                        ))}
                    </g>
                );
            })}
            <text x={wide / 2} y={high - 30} fontSize={14} textAnchor="middle">
                {drawn.text.bay === null
                    ? 'one post'
                    : `${row.length - 1} ${row.length === 2 ? 'bay' : 'bays'} of ${drawn.text.bay}`}
                {rear === undefined ? '' : `; lines ${table.apart} apart`}
            </text>
            {rear !== undefined && (
                <text x={wide / 2} y={high - 12} fontSize={14} textAnchor="middle" fontWeight={600}>
                    whole diagonals {whole}
                </text>
            )}
            <Compass table={table} />
        </svg>
    );
}

/** True north as the plan lies, the low edge down: what it faces is down on the page. */
function Compass({ table }: { table: TableData }) {
    const faces = Number.parseFloat(table.bearings.faces ?? '0');
    const { faces_compass, row_compass } = table.bearings;
    return (
        <g transform="translate(44 52)">
            <text y={-28} fontSize={13} textAnchor="middle">
                true N
            </text>
            <circle r={22} fill="none" stroke="var(--color-ink)" />
            <g transform={`rotate(${180 - faces})`}>
                <path d="M0 -19L5 0H-5Z" fill="var(--color-ink)" />
                <line y2={17} stroke="var(--color-ink)" />
            </g>
            <text x={36} y={-4} fontSize={14}>
                faces {table.bearings.faces} true, down here
            </text>
            <text x={36} y={14} fontSize={14} fontWeight={600} fill="var(--color-garnet)">
                {faces_compass === null
                    ? 'by compass: declination not entered'
                    : `${faces_compass} by compass; front line ${row_compass}`}
            </text>
        </g>
    );
}

import type { TableData, TableDrawn } from '@/types/desk';

const WIDE = 420;
const HIGH = 300;

/** The posts from above with what is measured between them, the table over them, and how both lie to the north. */
export function Stakes({ table, drawn }: { table: TableData; drawn: TableDrawn }) {
    const row = drawn.posts_m;
    const [first, last] = [row[0] ?? 0, row[row.length - 1] ?? 0];
    const high = Math.max(drawn.between_m, drawn.chord_m * Math.cos(drawn.tilt_rad));
    const scale = Math.min((WIDE - 90) / drawn.width_m, (HIGH - 130) / high);
    const left = (WIDE - scale * drawn.width_m) / 2;
    const base = HIGH - 70;
    const low = drawn.front_pipe_m * Math.cos(drawn.tilt_rad) + drawn.offset_m * Math.sin(drawn.tilt_rad);
    const x = (along: number) => left + scale * along;
    const y = (up: number) => base - scale * up;
    const [front, rear] = [y(low), y(low + drawn.between_m)];
    const whole = table.diagonals[table.diagonals.length - 1];
    const says = `${2 * row.length} posts in two lines ${table.apart} apart, the whole diagonal ${whole?.level ?? ''}`;
    return (
        <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="h-full w-full" role="img" aria-label={says} data-stakes>
            <rect
                x={x(0)}
                y={y(drawn.chord_m * Math.cos(drawn.tilt_rad))}
                width={scale * drawn.width_m}
                height={scale * drawn.chord_m * Math.cos(drawn.tilt_rad)}
                fill="var(--color-panel)"
                stroke="var(--color-line)"
            />
            <path
                d={`M${x(first)} ${front}L${x(last)} ${rear}M${x(last)} ${front}L${x(first)} ${rear}`}
                stroke="var(--color-muted)"
                strokeDasharray="5 4"
                fill="none"
            />
            <path d={`M${x(first)} ${front}H${x(last)}V${rear}H${x(first)}Z`} stroke="var(--color-ink)" fill="none" />
            {row.map((along, post) => {
                const letter = String.fromCharCode(65 + post);
                return (
                    <g key={letter}>
                        <rect x={x(along) - 5} y={front - 5} width={10} height={10} fill="var(--color-verdigris)" />
                        <rect x={x(along) - 5} y={rear - 5} width={10} height={10} fill="var(--color-verdigris)" />
                        <text x={x(along)} y={front + 20} fontSize={14} textAnchor="middle">
                            {letter}1
                        </text>
                        <text x={x(along)} y={rear - 10} fontSize={14} textAnchor="middle">
                            {letter}2
                        </text>
                    </g>
                );
            })}
            <text x={x((first + last) / 2)} y={HIGH - 10} fontSize={14} textAnchor="middle">
                {row.length - 1} bays of {drawn.text.bay}; lines {table.apart} apart; whole diagonal {whole?.level}
            </text>
            <Compass table={table} />
        </svg>
    );
}

/** True north as the plan lies, the low edge down: what it faces is down on the page. */
function Compass({ table }: { table: TableData }) {
    const faces = Number.parseFloat(table.bearings.faces ?? '0');
    return (
        <g transform="translate(34 40)">
            <circle r={22} fill="none" stroke="var(--color-ink)" />
            <g transform={`rotate(${180 - faces})`}>
                <path d="M0 -19L5 0H-5Z" fill="var(--color-ink)" />
                <line y2={17} stroke="var(--color-ink)" />
            </g>
            <text x={30} y={-6} fontSize={14}>
                black to true north; the low edge, down here, faces {table.bearings.faces} true
            </text>
            <text x={30} y={12} fontSize={14} fill="var(--color-garnet)">
                {table.bearings.faces_compass === null
                    ? 'by compass: its declination is not entered'
                    : `${table.bearings.faces_compass} by compass; the row runs ${table.bearings.row_compass} by compass`}
            </text>
        </g>
    );
}

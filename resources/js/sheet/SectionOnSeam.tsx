import { Level, Names, Upright } from '@/sheet/marks';
import type { DeskData, Run } from '@/types/desk';

/** How far down seam and block are drawn, whose heights nobody enters (m). */
const BROKEN = 0.028;

/** A clamp on a seam seen from aside, along the slope, the eave to the left: to scale but for what is drawn broken. */
export function SectionOnSeam({ run, seam, width }: { run: Run; seam: NonNullable<DeskData['seam_section']>; width: number }) {
    const { m, text } = seam;
    const narrow = width < 420;
    const labels = narrow ? 6 : 168;
    const reach = m.length / 2 + 0.05;
    const k = (width - labels - 76) / (2 * reach);
    const top = m.rail_height + 0.035;
    const x = (u: number) => labels + (u + reach) * k;
    const y = (v: number) => 12 + (top - v) * k;
    const half = m.length / 2;
    const height = y(-BROKEN) + 56;
    const notes = [
        { v: m.rail_height, u: -0.02, name: 'rail' },
        { v: 0.008, u: -half, name: `clamp ${text.length} long` },
        { v: -BROKEN / 2, u: -reach, name: `seam, sheet ${text.sheet}` },
    ];
    return (
        <figure>
            <svg
                width={width}
                height={height}
                viewBox={`0 0 ${width} ${height}`}
                role="img"
                aria-label={`A clamp of run ${run.id} from aside`}
            >
                <g stroke="var(--color-ink)" strokeWidth={0.9}>
                    <path d={`M${x(-reach)} ${y(-BROKEN)}V${y(0)}H${x(reach)}V${y(-BROKEN)}`} fill="var(--color-module)" />
                    <line x1={x(-reach)} x2={x(reach)} y1={y(0)} y2={y(0)} strokeWidth={2} />
                    <path
                        d={`M${x(-half)} ${y(-BROKEN * 0.8)}V${y(0.012)}H${x(half)}V${y(-BROKEN * 0.8)}`}
                        fill="var(--color-paper)"
                    />
                    <line x1={x(-half)} x2={x(half)} y1={y(-BROKEN * 0.8)} y2={y(-BROKEN * 0.8)} strokeDasharray="4 4" />
                    {[-0.5, 0.5].map((side) => (
                        <circle
                            key={side}
                            cx={x(side * half)}
                            cy={y(-BROKEN * 0.4)}
                            r={Math.max(3, 0.004 * k)}
                            fill="var(--color-module-edge)"
                        />
                    ))}
                    <rect
                        x={x(-0.004)}
                        y={y(m.rail_height)}
                        width={0.008 * k}
                        height={(m.rail_height - 0.012) * k}
                        fill="var(--color-module-edge)"
                    />
                    <rect x={x(-0.02)} y={y(m.rail_height + 0.02)} width={0.04 * k} height={0.04 * k} fill="var(--color-rule)" />
                </g>
                {!narrow && <Names at={labels} top={12} names={notes.map(({ name, u, v }) => ({ name, x: x(u), y: y(v) }))} />}
                <Upright x={x(reach) + 8} from={y(m.rail_height)} to={y(0)} name={text.rail_height} />
                <Level y={y(-BROKEN) + 16} from={x(-half)} to={x(half)} name={text.length} />
            </svg>
            <figcaption className="max-w-[60ch] text-[0.87rem] text-muted">
                A clamp of run {run.id} from aside, the eave to the left, to scale; seam and block below the top of the seam are
                drawn broken, for how high they are is not entered. Set screws press from {seam.screws}; nothing is pierced, and
                no hole is sealed.
                {narrow && ` From the top: ${notes.map((note) => note.name).join(', ')}.`}
            </figcaption>
        </figure>
    );
}

import { Level, Names, Screw, Upright } from '@/sheet/marks';
import type { DeskData, Run } from '@/types/desk';

/**
 * A foot on a metal sheet cut along the slope, to scale, the eave to the left: purlin, sheet with its rib, pad, base, rail and screw,
 * each as thick as it was entered.
 */
export function SectionOnSheet({ run, section, width }: { run: Run; section: NonNullable<DeskData['section']>; width: number }) {
    const { m, text } = section;
    const [wide, pad, sheet, rib] = [m.member_wide ?? 0, m.pad ?? 0, m.sheet ?? 0, m.rib ?? 0];
    const [load, long] = [m.load_line ?? 0, m.foot_long ?? 0];
    const narrow = width < 420;
    const labels = narrow ? 6 : 168;
    const reach = Math.max(wide / 2, m.heel, long - m.heel) + 0.03;
    const k = (width - labels - 66) / (2 * reach);
    const onRib = section.on_sheet === 'crest';
    const crest = rib + sheet;
    const seat = (onRib ? crest : sheet) + pad;
    const shaft = seat + m.base;
    const rail = seat + m.rail_height;
    const tip = shaft - m.length;
    // Steel grips in its upper flange alone.
    const grip = m.steel === null ? Math.max(tip, -m.member) : -m.steel;
    const bottom = Math.min(-m.member, tip) - 0.012;
    const headRoom = 14;
    const x = (u: number) => labels + (u + reach) * k;
    const y = (v: number) => headRoom + (rail + 0.03 - v) * k;
    const height = y(bottom) + 62;
    const radius = m.diameter / 2;
    const [low, high] = [-m.heel, long - m.heel];
    const upright = load - m.heel;
    const notes = [
        { v: rail, u: upright, name: 'rail' },
        { v: shaft - m.base / 2, u: low, name: `foot, base ${text.base}` },
        { v: seat - pad / 2, u: low, name: `pad ${text.pad}` },
        { v: rib * 0.6, u: -reach, name: `rib ${text.rib}, sheet ${text.sheet}` },
        {
            v: m.steel === null ? -m.member / 2 : -m.steel / 2,
            u: -wide / 2,
            name: m.steel === null ? `purlin ${text.member_wide} × ${text.member}` : `purlin, steel ${text.steel}`,
        },
    ];
    return (
        <figure>
            <svg
                width={width}
                height={height}
                viewBox={`0 0 ${width} ${height}`}
                role="img"
                aria-label={`Section of a foot of run ${run.id}`}
            >
                <defs>
                    <pattern id={`rings-${run.id}`} width={10} height={10} patternUnits="userSpaceOnUse">
                        <path d="M0 10q5 -8 10 0M-5 10q10 -16 20 0" fill="none" stroke="var(--color-timber)" strokeWidth={0.7} />
                    </pattern>
                </defs>
                <g stroke="var(--color-ink)" strokeWidth={0.9}>
                    {m.steel === null ? (
                        <rect x={x(-wide / 2)} y={y(0)} width={wide * k} height={m.member * k} fill={`url(#rings-${run.id})`} />
                    ) : (
                        // Two flanges and the web at one side, a channel.
                        <path
                            d={`M${x(wide / 2)} ${y(-m.steel / 2)}H${x(-wide / 2)}V${y(-m.member)}H${x(wide / 2)}`}
                            fill="none"
                            strokeWidth={Math.max(2, m.steel * k)}
                        />
                    )}
                    <rect
                        x={x(-reach)}
                        y={y(crest)}
                        width={2 * reach * k}
                        height={rib * k}
                        fill="var(--color-module)"
                        fillOpacity={onRib ? 1 : 0.4}
                        strokeDasharray={onRib ? undefined : '5 4'}
                    />
                    <line
                        x1={x(-reach)}
                        x2={x(reach)}
                        y1={y(onRib ? crest : sheet / 2)}
                        y2={y(onRib ? crest : sheet / 2)}
                        strokeWidth={2}
                    />
                    <rect x={x(low)} y={y(seat)} width={long * k} height={pad * k} fill="var(--color-verdigris)" />
                    <path
                        d={`M${x(low)} ${y(seat)}H${x(high)}V${y(shaft)}H${x(upright + 0.004)}V${y(rail + 0.01)}H${x(upright - 0.004)}V${y(shaft)}H${x(low)}Z`}
                        fill="var(--color-paper)"
                    />
                    <rect x={x(upright + 0.004)} y={y(rail + 0.02)} width={0.03 * k} height={0.04 * k} fill="var(--color-rule)" />
                    <Screw x={x(0)} radius={radius * k} shank={[y(shaft), y(shaft - m.shank)]} tip={y(tip)} />
                    <rect
                        x={x(-2.4 * radius)}
                        y={y(shaft + 0.002)}
                        width={4.8 * radius * k}
                        height={0.002 * k}
                        fill="var(--color-verdigris)"
                    />
                    <rect
                        x={x(-1.6 * radius)}
                        y={y(shaft + 0.007)}
                        width={3.2 * radius * k}
                        height={0.005 * k}
                        fill="var(--color-module-edge)"
                    />
                </g>
                {!narrow && (
                    <Names at={labels} top={headRoom} names={notes.map(({ name, u, v }) => ({ name, x: x(u), y: y(v) }))} />
                )}
                <Upright x={x(reach) + 8} from={y(shaft)} to={y(0)} name={text.over_member} />
                <Upright x={x(reach) + 8} from={y(grip + m.thread_in_member)} to={y(grip)} name={text.thread_in_member} />
                <Level y={y(bottom) + 14} from={x(low)} to={x(0)} name={text.heel} />
                <Level y={y(bottom) + 40} from={x(low)} to={x(upright)} name={text.load_line ?? ''} />
            </svg>
            <figcaption className="max-w-[60ch] text-[0.87rem] text-muted">
                Cut along the slope at a foot of run {run.id}, {onRib ? 'on a rib' : 'in the pan beside a rib'}, the eave to the
                left, to scale. Right: what the screw passes before the purlin, and its thread in it. Below: from the lower edge
                of the base to the screw, and to the line of the load. Pad and washer seal the hole (green).
                {narrow && ` From the top: ${notes.map((note) => note.name).join(', ')}.`}
            </figcaption>
        </figure>
    );
}

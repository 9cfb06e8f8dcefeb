import { Level, Names, Screw, Upright } from '@/sheet/marks';
import type { DeskData, Run } from '@/types/desk';

/**
 * A rail on a rib cut along the slope at its screws, to scale, the eave to the left: sheet, seal, flange and screws, each as thick as it
 * was entered; nothing is under the sheet that holds.
 */
export function SectionInSheet({ run, section, width }: { run: Run; section: NonNullable<DeskData['section']>; width: number }) {
    const { m, text } = section;
    const [pad, sheet, rib, load, long] = [m.pad ?? 0, m.sheet ?? 0, m.rib ?? 0, m.load_line ?? 0, m.foot_long ?? 0];
    const narrow = width < 420;
    const labels = narrow ? 6 : 168;
    const reach = long / 2 + 0.03;
    const k = (width - labels - 66) / (2 * reach);
    const [top, rail] = [pad + m.base, pad + m.rail_height];
    const tip = top - m.length;
    const headRoom = 14;
    const x = (u: number) => labels + (u - long / 2 + reach) * k;
    const y = (v: number) => headRoom + (rail + 0.02 - v) * k;
    const bottom = Math.min(-rib, tip) - 0.008;
    const radius = m.diameter / 2;
    const notes = [
        { v: rail, u: load, name: 'rail' },
        { v: top - m.base / 2, u: 0, name: `its flange ${text.base}` },
        { v: pad / 2, u: 0, name: `seal ${text.pad}` },
        { v: -sheet / 2, u: -0.02, name: `crest, sheet ${text.sheet}` },
        { v: -rib, u: -0.02, name: `pan, ${text.rib} below` },
    ];
    return (
        <figure>
            <svg
                width={width}
                height={y(bottom) + 62}
                viewBox={`0 0 ${width} ${y(bottom) + 62}`}
                role="img"
                aria-label={`Section of a rail of run ${run.id} on its rib`}
            >
                <g stroke="var(--color-ink)" strokeWidth={0.9}>
                    <rect
                        x={x(-0.03)}
                        y={y(0)}
                        width={(long + 0.06) * k}
                        height={rib * k}
                        fill="var(--color-module)"
                        fillOpacity={0.4}
                        strokeDasharray="5 4"
                    />
                    <line
                        x1={x(-0.03)}
                        x2={x(long + 0.03)}
                        y1={y(-sheet / 2)}
                        y2={y(-sheet / 2)}
                        strokeWidth={Math.max(2, sheet * k)}
                    />
                    <rect x={x(0)} y={y(pad)} width={long * k} height={pad * k} fill="var(--color-verdigris)" />
                    <path
                        d={`M${x(0)} ${y(pad)}H${x(long)}V${y(top)}H${x(load + 0.012)}V${y(rail + 0.015)}H${x(load - 0.012)}V${y(top)}H${x(0)}Z`}
                        fill="var(--color-paper)"
                    />
                    {section.holes.map((hole) => (
                        <g key={hole}>
                            <Screw x={x(m.heel + hole)} radius={radius * k} shank={[y(top), y(top)]} tip={y(tip)} />
                            <rect
                                x={x(m.heel + hole - 1.6 * radius)}
                                y={y(top + 0.004)}
                                width={3.2 * radius * k}
                                height={0.004 * k}
                                fill="var(--color-module-edge)"
                            />
                        </g>
                    ))}
                </g>
                {!narrow && (
                    <Names at={labels} top={headRoom} names={notes.map(({ name, u, v }) => ({ name, x: x(u), y: y(v) }))} />
                )}
                <Upright x={x(long + 0.03) + 8} from={y(top)} to={y(0)} name={text.over_member} />
                <Level y={y(bottom) + 14} from={x(0)} to={x(m.heel)} name={text.heel} />
                <Level y={y(bottom) + 40} from={x(0)} to={x(load)} name={text.load_line ?? ''} />
            </svg>
            <figcaption className="max-w-[60ch] text-[0.87rem] text-muted">
                Cut along the slope on a rib of run {run.id}, the eave to the left, to scale. Right: what a screw passes before
                the sheet, whose thickness alone it holds in. Below: from the lower edge of the rail to the lower screw, and to
                the line of the load. Seal and washers close the holes (green).
                {narrow && ` From the top: ${notes.map((note) => note.name).join(', ')}.`}
            </figcaption>
        </figure>
    );
}

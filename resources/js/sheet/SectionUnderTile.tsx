import { Level, Names, Screw, Upright } from '@/sheet/marks';
import type { DeskData, Run } from '@/types/desk';

/**
 * A hook under tiles cut along the slope, to scale, the eave to the left: member, battens, plate with its screws, and the arm that comes
 * out over the lower tile. Of battens and tiles only what the hook has to clear was measured: their width, and their highest point.
 */
export function SectionUnderTile({
    run,
    section,
    width,
    above,
}: {
    run: Run;
    section: NonNullable<DeskData['section']>;
    width: number;
    /** The lower screw above the middle of the batten under it. */
    above: number;
}) {
    const { m, text } = section;
    const [batten, tileTop, reach, under, arm] = [m.batten ?? 0, m.tile_top ?? 0, m.reach ?? 0, m.arm_under ?? 0, m.arm ?? 0];
    const [long, gauge, lap] = [m.foot_long ?? 0, m.exposure ?? 0.3, m.overlap ?? 0.06];
    const narrow = width < 420;
    const labels = narrow ? 6 : 168;
    const [left, right] = [
        -Math.max(m.heel + reach, above + lap) - 0.05,
        Math.max(long - m.heel, gauge - above + batten / 2) + 0.03,
    ];
    const k = (width - labels - 66) / (right - left);
    const seat = m.underlayment;
    const shaft = seat + m.base;
    const rail = seat + m.rail_height;
    const tip = shaft - m.length;
    const bottom = Math.min(-m.member, tip) - 0.012;
    const headRoom = 14;
    const x = (u: number) => labels + (u - left) * k;
    const y = (v: number) => headRoom + (rail + 0.03 - v) * k;
    const height = y(bottom) + 62;
    const radius = m.diameter / 2;
    const high = seat + tileTop;
    const slab = Math.min(0.018, tileTop / 3);
    const head = high - slab;
    // A tile hangs on its batten and lies on the next one below.
    const tile = (at: number) => {
        const butt = at - gauge - lap;
        const corners = [
            [at + 0.012, head],
            [at + 0.012, head - slab],
            [butt, high],
            [butt, high + slab],
        ];
        return corners.map(([u, v]) => `${x(u ?? 0).toFixed(1)},${y(v ?? 0).toFixed(1)}`).join(' ');
    };
    const [lower, upper] = [-above, gauge - above];
    const end = -m.heel - reach;
    const notes = [
        { v: rail, u: end, name: 'rail' },
        { v: high + slab / 2, u: Math.max(left, lower - lap), name: 'tile above' },
        { v: seat + under + arm / 2, u: end + 0.01, name: `arm ${text.arm} thick` },
        { v: head - slab / 2, u: lower - 0.02, name: 'tile below' },
        { v: seat + m.base / 2, u: -m.heel + 0.01, name: `plate ${text.base}` },
        { v: (head - slab) / 2, u: lower, name: `batten ${text.batten}` },
        { v: -m.member / 2, u: left, name: `member ${text.member} deep` },
    ];
    return (
        <figure>
            <svg
                width={width}
                height={height}
                viewBox={`0 0 ${width} ${height}`}
                role="img"
                aria-label={`Section of a hook of run ${run.id}`}
            >
                <defs>
                    <clipPath id={`hook-${run.id}`}>
                        <rect x={x(left)} y={0} width={x(right) - x(left)} height={y(bottom)} />
                    </clipPath>
                    <pattern id={`long-${run.id}`} width={9} height={5} patternUnits="userSpaceOnUse">
                        <path d="M0 2.5q2.5 -2 4.5 0t4.5 0" fill="none" stroke="var(--color-timber)" strokeWidth={0.7} />
                    </pattern>
                </defs>
                <g clipPath={`url(#hook-${run.id})`} stroke="var(--color-ink)" strokeWidth={0.9}>
                    <rect x={x(left)} y={y(0)} width={x(right) - x(left)} height={m.member * k} fill={`url(#long-${run.id})`} />
                    {seat > 0 && (
                        <rect
                            x={x(left)}
                            y={y(seat)}
                            width={x(right) - x(left)}
                            height={seat * k}
                            fill="var(--color-timber)"
                            fillOpacity={0.3}
                        />
                    )}
                    {[lower, upper].map((at) => (
                        <rect
                            key={at}
                            x={x(at - batten / 2)}
                            y={y(head - slab)}
                            width={batten * k}
                            height={(head - slab - seat) * k}
                            fill="var(--color-timber)"
                            fillOpacity={0.45}
                        />
                    ))}
                    <polygon points={tile(lower)} fill="var(--color-module)" />
                    <rect
                        x={x(-m.heel)}
                        y={y(seat + 0.002)}
                        width={long * k}
                        height={3}
                        fill="var(--color-verdigris)"
                        stroke="none"
                    />
                    <rect x={x(-m.heel)} y={y(shaft)} width={long * k} height={m.base * k} fill="var(--color-paper)" />
                    <path
                        d={`M${x(-m.heel)} ${y(seat)}V${y(seat + under + arm)}H${x(end - 0.004)}V${y(rail + 0.01)}H${x(end + 0.004)}V${y(seat + under + arm)}M${x(end - 0.004)} ${y(seat + under + arm)}V${y(seat + under)}H${x(-m.heel)}M${x(-m.heel + 0.006)} ${y(shaft)}V${y(seat + under + arm)}H${x(-m.heel)}`}
                        fill="none"
                        strokeWidth={1.4}
                    />
                    <polygon points={tile(upper)} fill="var(--color-module)" fillOpacity={0.75} />
                    <rect x={x(end + 0.004)} y={y(rail + 0.02)} width={0.03 * k} height={0.04 * k} fill="var(--color-rule)" />
                    {section.holes.map((at) => (
                        <g key={at}>
                            <Screw x={x(at)} radius={radius * k} shank={[y(shaft), y(shaft - m.shank)]} tip={y(tip)} />
                            <rect
                                x={x(at - 1.6 * radius)}
                                y={y(shaft + 0.005)}
                                width={3.2 * radius * k}
                                height={0.005 * k}
                                fill="var(--color-module-edge)"
                            />
                        </g>
                    ))}
                </g>
                {!narrow && (
                    <Names
                        at={labels}
                        top={headRoom}
                        names={notes.map(({ name, u, v }) => ({ name, x: x(Math.max(u, left)), y: y(v) }))}
                    />
                )}
                <Upright x={x(right) + 8} from={y(shaft)} to={y(0)} name={text.over_member} />
                <Upright
                    x={x(right) + 8}
                    from={y(Math.max(tip, -m.member) + m.thread_in_member)}
                    to={y(Math.max(tip, -m.member))}
                    name={text.thread_in_member}
                />
                <Level y={y(bottom) + 14} from={x(end)} to={x(-m.heel)} name={text.reach ?? ''} />
                <Level y={y(bottom) + 14} from={x(-m.heel)} to={x(long - m.heel)} name={text.foot_long ?? ''} />
                <Level y={y(bottom) + 40} from={x(lower)} to={x(0)} name={`${run.above_butt}`} />
            </svg>
            <figcaption className="max-w-[60ch] text-[0.87rem] text-muted">
                Cut along the slope at a hook of run {run.id}, the eave to the left, to scale but for the tiles, of which only the
                highest point under the arm was measured. Right: what the screws pass before the member, and their thread in it.
                Below: the arm, the plate; the lower screw above the middle of its batten. The tape under the plate seals (green).
                {narrow && ` From the top: ${notes.map((note) => note.name).join(', ')}.`}
            </figcaption>
        </figure>
    );
}

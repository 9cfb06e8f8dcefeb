import { useDesk } from '@/desk/DeskContext';
import { Level, Names, Screw, Upright } from '@/sheet/marks';
import { SectionInSheet } from '@/sheet/SectionInSheet';
import { SectionOnSeam } from '@/sheet/SectionOnSeam';
import { SectionOnSheet } from '@/sheet/SectionOnSheet';
import { SectionUnderTile } from '@/sheet/SectionUnderTile';
import type { Run } from '@/types/desk';

/**
 * A penetration cut along the slope, to scale, the eave to the left: member, deck, underlayment, courses, flashing, foot and screw,
 * each as thick as it was entered.
 */
export function Section({ run, width = 560 }: { run: Run | undefined; width?: number }) {
    const { data } = useDesk();
    const section = data.section;
    if (data.seam_section !== null && run !== undefined) {
        return <SectionOnSeam run={run} seam={data.seam_section} width={width} />;
    }
    if (section?.on_sheet === 'alone' && run !== undefined) {
        return <SectionInSheet run={run} section={section} width={width} />;
    }
    if (section !== null && section.on_sheet !== null && run !== undefined) {
        return <SectionOnSheet run={run} section={section} width={width} />;
    }
    if (section !== null && section.m.reach !== null && run !== undefined && run.above_butt_m !== null) {
        return <SectionUnderTile run={run} section={section} width={width} above={run.above_butt_m} />;
    }
    if (section === null || run === undefined || run.above_butt_m === null || section.m.exposure === null) {
        return (
            <p className="text-muted">
                {data.stand === 'place'
                    ? 'Screws that hold in the deck alone end in it: there is no member to draw them in.'
                    : 'The section is drawn once the courses and the screw are known.'}
            </p>
        );
    }
    const { m, text } = section;
    const exposure = section.m.exposure;
    const narrow = width < 420;
    const labels = narrow ? 6 : 168;
    const beyond = 0.05;
    // A base that butyl seals has no flashing: what is drawn is as wide as the base.
    const long = m.foot_long ?? 0;
    const [below, above] = [m.below ?? m.heel + 0.03, m.above ?? long - m.heel + 0.03];
    const [flashing, pad] = [m.flashing ?? 0, m.flashing === null ? (m.pad ?? 0) : 0];
    const k = (width - labels - 66) / (below + above + 2 * beyond);
    const deckTop = m.deck;
    const layersTop = deckTop + m.underlayment + m.shingles;
    const railTop = deckTop + m.rail_height + 0.03;
    const bottom = -(m.member + 0.012);
    const headRoom = 14;
    const x = (u: number) => labels + (u + below + beyond) * k;
    const y = (v: number) => headRoom + (railTop - v) * k;
    const end = { left: -below - beyond, right: above + beyond };
    const height = y(bottom) + 62;
    const d = run.above_butt_m;
    // Every course lies half on the one below it.
    const half = m.shingles / 2;
    const first = Math.floor((end.left + d) / exposure) - 2;
    const courses = Array.from({ length: Math.ceil((end.right - end.left) / exposure) + 4 }, (_, index) => first + index);
    const course = (index: number) => {
        const from = index * exposure - d;
        const base = deckTop + m.underlayment;
        const low = [from, base + half] as const;
        const high = [from + 2 * exposure, base] as const;
        const points = [low, high, [high[0], base + half] as const, [from, base + 2 * half] as const];
        return points.map(([u, v]) => `${x(u).toFixed(1)},${y(v).toFixed(1)}`).join(' ');
    };
    // A standoff is seated on the deck; its post comes through the flashing.
    const seat = section.on_deck ? deckTop + m.underlayment : layersTop + flashing + pad;
    const shaft = seat + m.base;
    const tip = shaft - m.length;
    const threadTop = tip + (m.length - m.shank);
    const radius = m.diameter / 2;
    const butt = exposure - d;
    const covered = m.flashing === null ? 0 : above - butt;
    const notes = [
        { v: deckTop + m.rail_height, u: -m.hole_offset, name: 'rail' },
        { v: shaft + 0.004, u: -m.heel * 0.5, name: `foot, base ${text.base}` },
        ...(m.flashing === null
            ? [{ v: layersTop + pad / 2, u: -m.heel, name: `butyl ${text.pad}` }]
            : [{ v: layersTop + flashing / 2, u: -below + 0.01, name: 'flashing' }]),
        { v: layersTop - m.shingles * 0.3, u: end.left, name: `shingles ${text.shingles}` },
        { v: deckTop + m.underlayment / 2, u: end.left, name: `underlayment ${text.underlayment}` },
        { v: deckTop / 2, u: end.left, name: `deck ${text.deck}` },
        { v: -m.member / 2, u: end.left, name: `member ${text.member} deep` },
    ];
    return (
        <figure>
            <svg
                width={width}
                height={height}
                viewBox={`0 0 ${width} ${height}`}
                role="img"
                aria-label={`Section of a hole of run ${run.id}`}
            >
                <defs>
                    <clipPath id={`section-${run.id}`}>
                        <rect x={x(end.left)} y={0} width={x(end.right) - x(end.left)} height={y(bottom)} />
                    </clipPath>
                    <pattern id="grain" width={9} height={5} patternUnits="userSpaceOnUse">
                        <path d="M0 2.5q2.5 -2 4.5 0t4.5 0" fill="none" stroke="var(--color-timber)" strokeWidth={0.7} />
                    </pattern>
                    <pattern id="plies" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                        <line x1={0} x2={0} y1={0} y2={7} stroke="var(--color-timber)" strokeWidth={0.8} />
                    </pattern>
                </defs>
                <g clipPath={`url(#section-${run.id})`} stroke="var(--color-ink)" strokeWidth={0.9}>
                    <rect x={x(end.left)} y={y(0)} width={x(end.right) - x(end.left)} height={m.member * k} fill="url(#grain)" />
                    <rect
                        x={x(end.left)}
                        y={y(deckTop)}
                        width={x(end.right) - x(end.left)}
                        height={m.deck * k}
                        fill="url(#plies)"
                    />
                    <line
                        x1={x(end.left)}
                        x2={x(end.right)}
                        y1={y(deckTop + m.underlayment / 2)}
                        y2={y(deckTop + m.underlayment / 2)}
                        strokeWidth={Math.max(1.4, m.underlayment * k)}
                    />
                    {courses
                        .filter((index) => index <= 0)
                        .map((index) => (
                            <polygon key={index} points={course(index)} fill="var(--color-module)" />
                        ))}
                    {m.flashing !== null && (
                        <polyline
                            points={`${x(-below)},${y(layersTop)} ${x(Math.min(butt, above))},${y(layersTop)} ${x(above)},${y(layersTop - half)}`}
                            fill="none"
                            stroke="var(--color-garnet)"
                            strokeWidth={Math.max(2, flashing * k)}
                        />
                    )}
                    {pad > 0 && (
                        <rect
                            x={x(-m.heel)}
                            y={y(layersTop + pad)}
                            width={long * k}
                            height={Math.max(2, pad * k)}
                            fill="var(--color-verdigris)"
                        />
                    )}
                    {courses
                        .filter((index) => index > 0)
                        .map((index) => (
                            <polygon key={index} points={course(index)} fill="var(--color-module)" fillOpacity={0.85} />
                        ))}
                    <path
                        d={`M${x(-m.heel)} ${y(seat)}H${x((section.holes[section.holes.length - 1] ?? 0) + m.heel)}V${y(shaft)}H${x(-m.hole_offset + 0.008)}V${y(deckTop + m.rail_height - 0.012)}H${x(-m.hole_offset - 0.008)}V${y(shaft)}H${x(-m.heel)}Z`}
                        fill="var(--color-paper)"
                    />
                    <rect
                        x={x(-m.hole_offset - 0.016)}
                        y={y(deckTop + m.rail_height + 0.02)}
                        width={0.032 * k}
                        height={0.04 * k}
                        fill="var(--color-rule)"
                    />
                    {section.holes.map((above) => (
                        <g key={above} transform={`translate(${above * k} 0)`}>
                            {section.shank_hole && (
                                <rect
                                    x={x(-radius)}
                                    y={y(0)}
                                    width={2 * radius * k}
                                    height={Math.max(0, -threadTop * k)}
                                    fill="var(--color-paper)"
                                />
                            )}
                            <Screw x={x(0)} radius={radius * k} shank={[y(shaft), y(shaft - m.shank)]} tip={y(tip)} />
                            <rect
                                x={x(-2 * radius)}
                                y={y(shaft + 0.005)}
                                width={4 * radius * k}
                                height={0.005 * k}
                                fill="var(--color-module-edge)"
                            />
                            <line
                                x1={x(-2.6 * radius)}
                                x2={x(2.6 * radius)}
                                y1={y(section.on_deck ? seat : layersTop)}
                                y2={y(section.on_deck ? seat : layersTop)}
                                stroke="var(--color-verdigris)"
                                strokeWidth={3}
                            />
                        </g>
                    ))}
                </g>
                {!narrow && (
                    <Names
                        at={labels}
                        top={headRoom}
                        names={notes.map(({ name, u, v }) => ({ name, x: x(Math.max(u, end.left)), y: y(v) }))}
                    />
                )}
                <Upright x={x(end.right) + 8} from={y(shaft)} to={y(0)} name={text.over_member} />
                <Upright
                    x={x(end.right) + 8}
                    from={y(Math.max(tip, -m.member) + m.thread_in_member)}
                    to={y(Math.max(tip, -m.member))}
                    name={`${text.thread_in_member}`}
                />
                {m.flashing === null ? (
                    <Level y={y(bottom) + 14} from={x(-m.heel)} to={x(long - m.heel)} name={text.foot_long ?? ''} />
                ) : (
                    <>
                        <Level y={y(bottom) + 14} from={x(-below)} to={x(0)} name={text.below ?? ''} />
                        <Level y={y(bottom) + 14} from={x(0)} to={x(above)} name={text.above ?? ''} />
                    </>
                )}
                <Level y={y(bottom) + 40} from={x(-d)} to={x(0)} name={`${run.above_butt}`} />
                {covered > 0 && <Level y={y(bottom) + 40} from={x(butt)} to={x(above)} name="covered" />}
            </svg>
            <figcaption className="max-w-[60ch] text-[0.87rem] text-muted">
                Cut along the slope at a hole of run {run.id}, the eave to the left, to scale. Right: what the screw passes before
                the member, and its thread in the member. Below:{' '}
                {m.flashing === null ? 'the base' : 'the flashing from the hole down and up'}; the hole above its butt line.
                Sealed with {m.flashing === null ? 'the butyl under the base' : section.names.sealant} (green).
                {narrow && ` From the top: ${notes.map((note) => note.name).join(', ')}.`}
            </figcaption>
        </figure>
    );
}

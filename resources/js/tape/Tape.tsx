import { useState } from 'react';
import type { DeskData, Run, TapeMark } from '@/types/desk';

const edge = 44;

/** Large figures want this much between them. */
const ROOM = 92;

const zooms = [22, 40, 66, 110, 180];

type Props = {
    run: Run;
    slope: DeskData['slope_tape'];
    /** Where rails up the slope cross the eave. */
    eave: DeskData['eave_tape'];
    /** Heights of rails across that lie on others. */
    layer: DeskData['layer_tape'];
    units: 'ft_in' | 'mm';
    runDatum: string;
    slopeDatum: string;
    /** What every tape says first. */
    head: string;
    onFoot?: (foot: number) => void;
    /** The member whose crossing is in hand, and who is told of another; arrows go along, P pins, X bars. */
    place?: number | null;
    onPlace?: (member: number) => void;
    onHand?: (what: 'pin' | 'bar', member: number) => void;
};

/**
 * The tape, as it lies on the roof: of one run, with feet, members, splices, clamps and ends, or up the slope at both ends,
 * with the chalk lines of the holes. It is read from the eave looking up, or turned about for who stands above.
 */
export function Tape({
    run,
    slope,
    eave,
    layer,
    units,
    runDatum,
    slopeDatum,
    head,
    onFoot,
    place = null,
    onPlace,
    onHand,
}: Props) {
    const [upSlope, setUpSlope] = useState(false);
    const [turned, setTurned] = useState(false);
    const [zoom, setZoom] = useState(2);
    // The other tape: of the lines that run as this one does.
    const lines: TapeMark[] = (
        run.up ? eave : (run.on_rails ? layer : slope).map(({ line, y_m: x_m, tape_m, tape }) => ({ line, x_m, tape_m, tape }))
    ).map((mark) => ({ kind: 'line', label: mark.line, x_m: mark.x_m, tape_m: mark.tape_m, text: mark.tape }));
    const other = run.up ? 'Eave tape' : 'Slope tape';
    const marks = upSlope ? lines : run.tape;
    const large = marks.filter((mark) => mark.kind === 'foot' || mark.kind === 'line');
    const first = Math.min(0, ...marks.map((mark) => mark.tape_m), upSlope ? 0 : Number.POSITIVE_INFINITY);
    const from = upSlope ? first : Math.min(...marks.map((mark) => mark.tape_m));
    const last = Math.max(...marks.map((mark) => mark.tape_m));
    const unit = units === 'ft_in' ? 0.3048 : 0.5;
    const start = Math.floor(from / unit) * unit;
    const end = Math.ceil(last / unit) * unit;
    const perMetre = (zooms[zoom] ?? 66) / 0.3048;
    const width = (end - start) * perMetre + 2 * edge;
    const x = (m: number) => (turned ? width - edge - (m - start) * perMetre : edge + (m - start) * perMetre);
    const places = large.map((mark) => x(mark.tape_m)).sort((a, b) => a - b);
    const gap = Math.min(...places.slice(1).map((place, index) => place - (places[index] ?? 0)));
    const size = gap > ROOM ? 24 : gap > 52 ? 15 : 11;
    const name = upSlope ? other : `Run ${run.id}`;
    const keys = (event: React.KeyboardEvent) => {
        const way = { ArrowLeft: turned ? 1 : -1, ArrowRight: turned ? -1 : 1 }[event.key];
        const now = run.places.findIndex((one) => one.member === place);
        if (upSlope || onPlace === undefined) {
            return;
        }
        if (way !== undefined) {
            event.preventDefault();
            const next = run.places[now < 0 ? 0 : Math.min(run.places.length - 1, Math.max(0, now + way))];
            if (next !== undefined) {
                onPlace(next.member);
            }
        } else if (now >= 0 && place !== null && (event.key === 'p' || event.key === 'x')) {
            onHand?.(event.key === 'p' ? 'pin' : 'bar', place);
        }
    };
    // Ribs stand so near that only some are named: those with feet, and every fifth.
    const [one, next] = run.places;
    const dense = one !== undefined && next !== undefined && Math.abs(x(next.x_m) - x(one.x_m)) < 19;
    const feet = run.places.filter((place) => place.hand !== 'free').map((place) => place.member);
    const isNamed = (mark: TapeMark) => !dense || feet.includes(Number(mark.label)) || Number(mark.label) === place;
    return (
        <section aria-label={upSlope ? other : `Tape of run ${run.id}`} className="flex flex-col md:flex-row">
            <div className="flex-none px-5 py-2 md:w-[176px] md:px-4">
                <h2 className="font-condensed text-[1.07rem]">{name}</h2>
                <p className="text-muted text-[0.87rem] leading-snug">
                    {upSlope
                        ? `at both ends, from the ${run.up ? runDatum : slopeDatum}: ${run.on_rails ? 'middles of the rails' : 'lines of the holes'}`
                        : `from the ${run.up ? slopeDatum : runDatum}; line at ${run.height}`}
                    {turned && '; read from above'}
                    {!upSlope && run.in_line !== null && `; feet in line within ${run.in_line}`}
                </p>
                <p className="mt-1 flex flex-wrap gap-1">
                    <Turn onClick={() => setUpSlope(!upSlope)}>{upSlope ? 'Run' : run.up ? 'Eave' : 'Slope'}</Turn>
                    <Turn on={turned} onClick={() => setTurned(!turned)}>
                        Turn
                    </Turn>
                    <Turn onClick={() => setZoom(Math.min(zooms.length - 1, zoom + 1))} label="Stretch the tape">
                        +
                    </Turn>
                    <Turn onClick={() => setZoom(Math.max(0, zoom - 1))} label="Shorten the tape">
                        −
                    </Turn>
                </p>
            </div>
            <section
                className="overflow-x-auto"
                // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling part must be reachable by keyboard
                tabIndex={0}
                aria-label={`Measures of ${upSlope ? `the ${other.toLowerCase()}` : `run ${run.id}`}: ${large.map((mark) => mark.text).join(', ')}${onHand === undefined ? '' : '. Arrows choose a member, P pins a foot there, X bars it'}`}
                onKeyDown={keys}
            >
                {!upSlope && (
                    <p className="sticky left-0 w-max max-w-[min(100%,90vw)] px-5 pt-1 text-[0.87rem] md:px-0">{head}</p>
                )}
                <svg width={width} height={138} aria-hidden="true">
                    <Scale start={start} end={end} unit={unit} units={units} x={x} fine={(zooms[zoom] ?? 0) >= 40} />
                    {marks.map((mark) => (
                        <Mark
                            key={`${mark.kind}-${mark.tape_m}`}
                            mark={mark}
                            x={x(mark.tape_m)}
                            size={size}
                            foot={run.feet[Number(mark.label) - 1]?.word ?? 'plain'}
                            strong={run.feet[Number(mark.label) - 1]?.strong ?? false}
                            onFoot={onFoot}
                            here={!upSlope && (mark.kind === 'member' || mark.kind === 'barred') && Number(mark.label) === place}
                            pinned={run.places.some((one) => one.hand === 'pinned' && String(one.member) === mark.label)}
                            onPlace={onPlace}
                            named={!upSlope && isNamed(mark)}
                        />
                    ))}
                </svg>
            </section>
        </section>
    );
}

function Turn({
    on = false,
    label,
    onClick,
    children,
}: {
    on?: boolean;
    label?: string;
    onClick: () => void;
    children: React.ReactNode;
}) {
    return (
        <button
            type="button"
            aria-pressed={on}
            aria-label={label}
            className={`act act-small ${on ? 'act-main' : ''}`}
            onClick={onClick}
        >
            {children}
        </button>
    );
}

function Scale({
    start,
    end,
    unit,
    units,
    x,
    fine,
}: {
    start: number;
    end: number;
    unit: number;
    units: 'ft_in' | 'mm';
    x: (m: number) => number;
    fine: boolean;
}) {
    const parts = units === 'ft_in' ? 12 : 10;
    const count = Math.round((end - start) / unit) * parts;
    const top = 74;
    return (
        <g>
            <rect
                x={Math.min(x(start), x(end))}
                y={top}
                width={Math.abs(x(end) - x(start))}
                height={36}
                fill="var(--color-rule)"
                stroke="var(--color-ink)"
            />
            {Array.from({ length: count + 1 }, (_, index) => {
                const m = start + (index * unit) / parts;
                const whole = index % parts === 0;
                return !fine && !whole ? null : (
                    // biome-ignore lint/suspicious/noArrayIndexKey: ticks of a scale
                    <g key={index}>
                        <line
                            x1={x(m)}
                            x2={x(m)}
                            y1={top}
                            y2={top + (whole ? 18 : index % (parts / 2) === 0 ? 13 : 8)}
                            stroke="var(--color-ink)"
                            strokeWidth={whole ? 1.6 : 1}
                        />
                        {whole && (
                            <text x={x(m)} y={top + 31} textAnchor="middle" fontSize={15} fontWeight={600}>
                                {units === 'ft_in' ? `${Math.round(m / 0.3048)}'` : Math.round(m * 1000)}
                            </text>
                        )}
                    </g>
                );
            })}
        </g>
    );
}

const tones: Record<string, string> = {
    holds: 'var(--color-verdigris)',
    tight: 'var(--color-ochre)',
    fails: 'var(--color-garnet)',
    plain: 'var(--color-ink)',
};

function Mark({
    mark,
    x,
    size,
    foot,
    strong,
    onFoot,
    here,
    pinned,
    onPlace,
    named,
}: {
    mark: TapeMark;
    x: number;
    size: number;
    foot: string;
    strong: boolean;
    onFoot: ((foot: number) => void) | undefined;
    here: boolean;
    pinned: boolean;
    onPlace: ((member: number) => void) | undefined;
    /** Whether its number is written. */
    named: boolean;
}) {
    switch (mark.kind) {
        case 'foot':
            return (
                // biome-ignore lint/a11y/noStaticElementInteractions: the table of feet does the same by keyboard
                <g onClick={() => onFoot?.(Number(mark.label))} cursor={onFoot === undefined ? undefined : 'pointer'}>
                    <text x={x} y={14} textAnchor="middle" fontSize={13}>
                        {strong && 'stronger '}foot {mark.label}
                    </text>
                    <text x={x} y={39} textAnchor="middle" fontSize={size} fontWeight={600}>
                        {mark.text}
                    </text>
                    <path d={`M${x} 73l-8 -14h16z`} fill={tones[foot]} />
                </g>
            );
        case 'line':
            return (
                <g>
                    <text x={x} y={14} textAnchor="middle" fontSize={13}>
                        line {mark.label}
                    </text>
                    <text x={x} y={39} textAnchor="middle" fontSize={size} fontWeight={600}>
                        {mark.text}
                    </text>
                    <line x1={x} x2={x} y1={46} y2={112} stroke="var(--color-garnet)" strokeWidth={2} />
                </g>
            );
        case 'member':
        case 'barred':
            return (
                // biome-ignore lint/a11y/noStaticElementInteractions: arrows on the tape do the same by keyboard
                <g
                    data-tape-place={mark.label}
                    onClick={() => onPlace?.(Number(mark.label))}
                    cursor={onPlace === undefined ? undefined : 'pointer'}
                >
                    <rect x={x - 12} y={113} width={24} height={24} fill={here ? 'var(--color-garnet)' : 'transparent'} />
                    {mark.kind === 'member' && pinned && (
                        <rect x={x - 12} y={115} width={24} height={21} fill="none" stroke="var(--color-ink)" strokeWidth={2} />
                    )}
                    {mark.kind === 'barred' && (
                        <path d={`M${x - 9} 116l18 17m0 -17l-18 17`} stroke="var(--color-ink)" strokeWidth={2} />
                    )}
                    {!named && <line x1={x} x2={x} y1={116} y2={120} stroke="var(--color-muted)" />}
                    <text
                        x={x}
                        y={130}
                        textAnchor="middle"
                        fontSize={13}
                        style={{ fill: here ? 'var(--color-paper)' : 'var(--color-ink)' }}
                    >
                        {named && mark.label}
                    </text>
                </g>
            );
        case 'splice':
            return (
                <g>
                    <line x1={x} x2={x} y1={60} y2={114} stroke="var(--color-garnet)" strokeWidth={2.5} />
                    <text x={x} y={57} textAnchor="middle" fontSize={13} fill="var(--color-garnet)">
                        splice
                    </text>
                </g>
            );
        case 'clamp':
            return <rect x={x - 3} y={68} width={6} height={6} fill="var(--color-muted)" />;
        case 'box':
            return <rect x={x - 8} y={76} width={16} height={9} fill="none" stroke="var(--color-ink)" strokeWidth={1.5} />;
        case 'lug':
            return <circle cx={x} cy={80} r={4} fill="none" stroke="var(--color-ink)" strokeWidth={1.5} />;
        case 'end':
            return <line x1={x} x2={x} y1={66} y2={116} stroke="var(--color-ink)" strokeWidth={3} />;
    }
}

import type { Run, TapeMark } from '@/types/desk';

const edge = 40;

/** The tape of one run: running dimensions from the datum, feet with their measures, members below, splices and clamps between. */
export function Tape({
    run,
    units,
    datum,
    onFoot,
}: {
    run: Run;
    units: 'ft_in' | 'mm';
    datum: string;
    onFoot?: (foot: number) => void;
}) {
    const feet = run.tape.filter((mark) => mark.kind === 'foot');
    const first = Math.min(...run.tape.map((mark) => mark.tape_m));
    const last = Math.max(...run.tape.map((mark) => mark.tape_m));
    const unit = units === 'ft_in' ? 0.3048 : 0.5;
    const start = Math.floor(first / unit) * unit;
    const perMetre = 66 / 0.3048;
    const x = (m: number) => edge + (m - start) * perMetre;
    const width = x(Math.ceil(last / unit) * unit) + edge;
    return (
        <section aria-label={`Tape of run ${run.id}`} className="flex">
            <div className="w-[150px] flex-none px-4 py-3">
                <h2 className="font-condensed text-[1.07rem]">Run {run.id}</h2>
                <p className="text-muted text-[0.87rem] leading-snug">
                    from the {datum}; chalk line at {run.height}
                </p>
            </div>
            <section
                className="overflow-x-auto"
                // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling part must be reachable by keyboard
                tabIndex={0}
                aria-label={`Measures of run ${run.id}: ${feet.map((foot) => foot.text).join(', ')}`}
            >
                <svg width={width} height={138} aria-hidden="true">
                    <Scale start={start} end={Math.ceil(last / unit) * unit} unit={unit} units={units} x={x} />
                    {run.tape.map((mark) => (
                        <Mark
                            key={`${mark.kind}-${mark.tape_m}`}
                            mark={mark}
                            x={x(mark.tape_m)}
                            foot={run.feet[Number(mark.label) - 1]?.word ?? 'plain'}
                            onFoot={onFoot}
                        />
                    ))}
                </svg>
            </section>
        </section>
    );
}

function Scale({
    start,
    end,
    unit,
    units,
    x,
}: {
    start: number;
    end: number;
    unit: number;
    units: 'ft_in' | 'mm';
    x: (m: number) => number;
}) {
    const parts = units === 'ft_in' ? 12 : 10;
    const count = Math.round((end - start) / unit) * parts;
    const top = 74;
    return (
        <g>
            <rect x={x(start)} y={top} width={x(end) - x(start)} height={36} fill="var(--color-rule)" stroke="var(--color-ink)" />
            {Array.from({ length: count + 1 }, (_, index) => {
                const m = start + (index * unit) / parts;
                const whole = index % parts === 0;
                return (
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
    foot,
    onFoot,
}: {
    mark: TapeMark;
    x: number;
    foot: string;
    onFoot: ((foot: number) => void) | undefined;
}) {
    switch (mark.kind) {
        case 'foot':
            return (
                // biome-ignore lint/a11y/noStaticElementInteractions: the table of feet does the same by keyboard
                <g onClick={() => onFoot?.(Number(mark.label))} cursor={onFoot === undefined ? undefined : 'pointer'}>
                    <text x={x} y={14} textAnchor="middle" fontSize={13}>
                        foot {mark.label}
                    </text>
                    <text x={x} y={39} textAnchor="middle" fontSize={24} fontWeight={600}>
                        {mark.text}
                    </text>
                    <path d={`M${x} 73l-8 -14h16z`} fill={tones[foot]} />
                </g>
            );
        case 'member':
            return (
                <text x={x} y={130} textAnchor="middle" fontSize={13}>
                    {mark.label}
                </text>
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
        case 'end':
            return <line x1={x} x2={x} y1={66} y2={116} stroke="var(--color-ink)" strokeWidth={3} />;
    }
}

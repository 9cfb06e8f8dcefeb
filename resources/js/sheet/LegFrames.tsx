import { Level, Upright } from '@/sheet/marks';
import type { PaperData } from '@/types/desk';

/** The legs under each row seen from its end, to scale, the eave to the left; rows with the same legs have one drawing. */
export function LegFrames({ frames, width = 420 }: { frames: PaperData['frames']; width?: number }) {
    return frames.map((frame) => <LegFrame key={frame.rows.join()} frame={frame} width={width} />);
}

function LegFrame({ frame, width }: { frame: PaperData['frames'][number]; width: number }) {
    const { m, text, over_rad: over } = frame;
    const [cos, sin] = [Math.cos(over), Math.sin(over)];
    // As much of the module past each pivot as is usual.
    const past = 0.27 * m.chord;
    const [left, right] = [66, 84];
    const k = (width - left - right) / (m.apart + 2 * past * cos);
    const top = m.rear + past * sin + 0.06;
    const x = (u: number) => left + (past * cos + u) * k;
    const y = (v: number) => 8 + (top - v) * k;
    const ground = y(0);
    const end = (along: number, off: number) =>
        `${x(along * cos - off * sin).toFixed(1)} ${y(m.front + along * sin + off * cos).toFixed(1)}`;
    const leg = (at: number, high: number) => (
        <>
            <line x1={x(at)} x2={x(at)} y1={ground} y2={y(high)} stroke="var(--color-ink)" strokeWidth={3} />
            <rect x={x(at) - 9} y={ground - 4} width={18} height={4} fill="var(--color-ink)" />
            <circle cx={x(at)} cy={y(high)} r={3.5} fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth={1.4} />
        </>
    );
    const arc = 0.3 * m.apart;
    return (
        <figure className="keep mt-2">
            <svg
                width={width}
                height={ground + 40}
                viewBox={`0 0 ${width} ${ground + 40}`}
                role="img"
                aria-label={`Legs of ${frame.rows.join(', ')}: lower ${text.front}, upper ${text.rear}, ${text.apart} apart, ${text.over}`}
            >
                <line
                    x1={left - 20}
                    x2={width - right + 20}
                    y1={ground}
                    y2={ground}
                    stroke="var(--color-ink)"
                    strokeWidth={1.4}
                />
                <path
                    d={`M${end(-past, 0.035)}L${end(m.chord + past, 0.035)}L${end(m.chord + past, 0.075)}L${end(-past, 0.075)}Z`}
                    fill="var(--color-module)"
                    stroke="var(--color-module-edge)"
                />
                {leg(0, m.front)}
                {leg(m.apart, m.rear)}
                <path
                    d={`M${x(0)} ${y(m.front)}H${x(1.25 * arc)}M${x(arc)} ${y(m.front)}A${arc * k} ${arc * k} 0 0 0 ${x(arc * cos)} ${y(m.front + arc * sin)}`}
                    fill="none"
                    stroke="var(--color-muted)"
                    strokeWidth={0.9}
                />
                <text x={x(1.3 * arc)} y={y(m.front + 0.45 * arc * sin)} fontSize={13} dy="0.35em">
                    {text.over}
                </text>
                <Upright x={x(m.apart) + past * cos * k + 12} from={ground} to={y(m.rear)} name={text.rear} />
                <Upright x={8} from={ground} to={y(m.front)} name={text.front} />
                <Level y={ground + 14} from={x(0)} to={x(m.apart)} name={`${text.apart} on the roof`} />
            </svg>
            <figcaption className="text-[0.93rem]">
                Legs of {frame.rows.join(', ')}: upper ones {text.rear} from base to pivot, lower ones {text.front}; {text.chord}{' '}
                between the pivots on the module. The modules are {text.over} steeper than the roof.
            </figcaption>
        </figure>
    );
}

import { Why } from '@/desk/BecausePanel';
import { useDesk } from '@/desk/DeskContext';
import { Section } from '@/sheet/Section';
import { Demand } from '@/stages/Demand';
import { OwnCopies } from '@/stages/OwnCopies';
import { OwnHand } from '@/stages/OwnHand';
import { Signing } from '@/stages/Signing';
import { Survey } from '@/stages/Survey';
import type { Run } from '@/types/desk';
import { standHead } from '@/words';

/** What stands under the sheet at a stage. */
type Props = {
    stage: string;
    /** Whether somebody pulled at its edge: then it takes what the sheet leaves. */
    pulled: boolean;
    run: Run | undefined;
    onRun: (run: string) => void;
    /** The member whose crossing with the run is in hand. */
    place: number | null;
    onPlace: (member: number | null) => void;
};

export function StagePanel({ stage, pulled, run, onRun, place, onPlace }: Props) {
    switch (stage) {
        case 'surface':
            return (
                <Box label="Survey" tall={pulled}>
                    <Survey />
                </Box>
            );
        case 'loads':
            return (
                <Box label="Demand" tall>
                    <Demand />
                </Box>
            );
        case 'attachments':
            return (
                <Box label="Feet" tall={pulled}>
                    <RunPicker run={run} onRun={onRun} />
                    {run !== undefined && <OwnHand run={run} place={place} onPlace={onPlace} />}
                    {run !== undefined && <Feet run={run} />}
                    <MemberLoads />
                </Box>
            );
        case 'rails':
            return (
                <Box label="Rails" tall={pulled}>
                    <RunTable onRun={onRun} />
                    <Cutting />
                </Box>
            );
        case 'holes':
            return (
                <Box label="Hole ledger" tall>
                    <div className="flex flex-wrap gap-x-8 gap-y-4">
                        <Section run={run} width={window.innerWidth < 640 ? 340 : window.innerWidth < 1500 ? 440 : 560} />
                        <div className="min-w-0 flex-1">
                            <Ledger />
                        </div>
                    </div>
                </Box>
            );
        case 'handover':
            return (
                <Box label="Signatures" tall>
                    <Signing />
                    <OwnCopies />
                </Box>
            );
        default:
            return null;
    }
}

function Box({ label, tall = false, children }: { label: string; tall?: boolean; children: React.ReactNode }) {
    return (
        <section
            aria-label={label}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling part must be reachable by keyboard
            tabIndex={0}
            className={`order-3 overflow-auto px-5 py-3 max-md:border-line max-md:border-t md:order-none ${tall ? 'min-h-0 flex-1' : 'flex-none md:max-h-[34%]'}`}
        >
            {children}
        </section>
    );
}

function RunPicker({ run, onRun }: { run: Run | undefined; onRun: (run: string) => void }) {
    const { data, ask } = useDesk();
    return (
        <p className="mb-1 flex flex-wrap items-baseline gap-x-1.5 gap-y-1">
            <span className="mr-1">Run</span>
            {data.runs.map((one) => (
                <button
                    key={one.id}
                    type="button"
                    aria-pressed={one.id === run?.id}
                    onClick={() => onRun(one.id)}
                    className={`act act-small ${one.id === run?.id ? 'act-main' : ''}`}
                >
                    {one.id}
                </button>
            ))}
            {run !== undefined && run.feet.length > 0 && (
                <span className="ml-3">
                    <Why ask={ask} path={`runs/${run.id}/count`}>
                        {run.feet_count} {run.on_rails ? 'crossings' : 'feet'}
                        {!run.holds && ', does not hold'}
                        {run.holds && run.on_each && `, one on each ${data.stand} that it crosses`}
                        {run.holds && run.bare && ', one in the clamp zone of either end'}
                        {run.holds &&
                            !run.bare &&
                            !run.on_each &&
                            !run.on_rails &&
                            run.bound === run.feet_count &&
                            ', the fewest that hold'}
                    </Why>
                    {!run.bare && (
                        <>
                            ; rail{' '}
                            <Why ask={ask} path={`runs/${run.id}/rail`}>
                                <span className={`tone-${run.rail_word}`}>
                                    {run.rail_word} {run.rail_reserve}
                                </span>
                            </Why>
                        </>
                    )}
                </span>
            )}
        </p>
    );
}

function Feet({ run }: { run: Run }) {
    const { data, ask } = useDesk();
    if (run.feet.length === 0) {
        return <p>No feet yet: see the findings.</p>;
    }
    const missed = run.table.some((foot) => foot.missed !== null);
    return (
        <table className="font-condensed whitespace-nowrap">
            <thead className="whitespace-normal leading-tight [&_th]:align-bottom">
                <tr>
                    <th>{run.on_rails ? 'Crossing' : 'Foot'}</th>
                    <th className="text-right">On the tape</th>
                    <th className="text-right">{run.on_rails ? 'Lower rail' : standHead[data.stand]}</th>
                    <th className="pl-1">Reserve</th>
                    <th>Weakest link</th>
                    <th className="text-right">Pull</th>
                    <th className="text-right">Down-slope</th>
                    <th className="text-right">To the&nbsp;next</th>
                    {missed && <th>Where screws miss</th>}
                    <th>Or on</th>
                </tr>
            </thead>
            <tbody>
                {run.table.map((foot) => (
                    <tr key={foot.number}>
                        <td>
                            {foot.number}
                            {foot.strong && ' stronger'}
                        </td>
                        <td className="text-right font-semibold">{foot.tape}</td>
                        <td className="text-right">
                            {run.on_rails && 'r'}
                            {foot.member}
                        </td>
                        <td className={`pl-1 tone-${foot.word}`}>
                            <Why ask={ask} path={`runs/${run.id}/feet/${foot.number}`}>
                                {foot.word} {foot.reserve}
                            </Why>
                        </td>
                        <td>{foot.link}</td>
                        <td className="text-right">{foot.up}</td>
                        <td className="text-right">{foot.along}</td>
                        <td className="text-right">
                            {foot.bay !== null && (
                                <Why ask={ask} path={`runs/${run.id}/feet/${foot.number}/bay`}>
                                    {foot.bay}
                                </Why>
                            )}
                        </td>
                        {missed && <td>{foot.missed}</td>}
                        <td>
                            {foot.other === 'none'
                                ? `no other ${data.stand}`
                                : foot.other !== null && `${data.stand} ${foot.other}`}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

function MemberLoads() {
    const { data, ask } = useDesk();
    if (data.members.list.length === 0) {
        return null;
    }
    return (
        <p className="mt-3 font-condensed leading-relaxed">
            Load on the {data.sheet.purlins.length > 0 ? 'purlins' : 'members'} with the array, over without (limit{' '}
            {data.members.limit}):{' '}
            {data.members.list.map((member) => (
                <span key={member.number} className="mr-3 whitespace-nowrap">
                    {member.number}{' '}
                    <Why ask={ask} path={`members/${member.number}`}>
                        <span className={`tone-${member.word} font-semibold`}>{member.ratio}</span>
                    </Why>{' '}
                </span>
            ))}
        </p>
    );
}

function RunTable({ onRun }: { onRun: (run: string) => void }) {
    const { data, ask } = useDesk();
    const onPurlins = data.sheet.purlins.length > 0;
    const up = data.runs.some((run) => run.up);
    const seating = up || onPurlins || data.course !== null;
    const under = onPurlins ? 'rib' : 'member';
    const seat = (run: Run) => {
        if (run.on_rails) {
            return 'lower rails';
        }
        return run.up ? `${under} ${run.over ?? 'none'}` : onPurlins ? run.purlin : run.above_butt;
    };
    return (
        <table className="font-condensed whitespace-nowrap">
            <thead>
                <tr>
                    <th>Run</th>
                    <th className="text-right">Length</th>
                    <th className="text-right">Pieces</th>
                    <th className="text-right">Feet</th>
                    <th className="pl-6">Rail</th>
                    <th className="text-right">{data.stand === 'rib' ? 'Line' : 'Chalk line'}</th>
                    {seating && (
                        <th className="text-right">{up ? 'Lies on' : onPurlins ? 'On purlin' : `Above the ${data.course}`}</th>
                    )}
                </tr>
            </thead>
            <tbody>
                {data.runs.map((run) => (
                    <tr key={run.id}>
                        <td>
                            <button type="button" className="act act-small" onClick={() => onRun(run.id)}>
                                {run.id}
                            </button>
                        </td>
                        <td className="text-right">{run.bare ? 'none' : run.length}</td>
                        <td className="text-right">
                            {run.hinged && 'hinged, '}
                            {run.bare ? 0 : run.splices_m.length + 1}
                        </td>
                        <td className="text-right">{run.feet_count}</td>
                        <td className={`pl-6 tone-${run.rail_word}`}>
                            {run.rail_reserve !== null && (
                                <Why ask={ask} path={`runs/${run.id}/rail`}>
                                    {run.rail_word} {run.rail_reserve}
                                </Why>
                            )}
                        </td>
                        <td className="text-right font-semibold">
                            <Why ask={ask} path="lines">
                                {run.height}
                            </Why>
                        </td>
                        {seating && <td className="text-right">{seat(run)}</td>}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

export function Cutting() {
    const cutting = useDesk().data.cutting;
    if (cutting === null) {
        return null;
    }
    return (
        <div className="mt-3">
            <p>
                {cutting.from_store.length === 1 && 'A rest from the store, and '}
                {cutting.from_store.length > 1 && `${cutting.from_store.length} rests from the store, and `}
                {cutting.count} stock lengths of {cutting.stock_length}:{' '}
                {cutting.count === cutting.bound
                    ? 'the least possible'
                    : `at most ${cutting.count - cutting.bound} over the bound of ${cutting.bound}`}
                .
            </p>
            <CuttingBars cutting={cutting} />
        </div>
    );
}

export function CuttingBars({ cutting }: { cutting: NonNullable<ReturnType<typeof useDesk>['data']['cutting']> }) {
    return (
        <ol className="mt-2 space-y-1 font-condensed text-[0.93rem]">
            {[...cutting.from_store, ...cutting.stock].map((bar, index) => {
                const stored = index < cutting.from_store.length;
                return (
                    <li key={`${stored} ${bar.number} ${bar.pieces[0]?.label}`} className="flex items-stretch">
                        <span className={stored ? 'w-24' : 'w-8'}>{stored ? `rest of ${bar.number}` : bar.number}</span>
                        <span className="flex flex-1">
                            <span
                                className="flex border border-ink"
                                style={{ width: `${(100 * bar.long_m) / cutting.stock_length_m}%` }}
                            >
                                {bar.pieces.map((piece) => (
                                    <span
                                        key={piece.label}
                                        className="overflow-hidden border-ink border-r bg-panel px-1.5 whitespace-nowrap"
                                        style={{ width: `${(100 * piece.length_m) / bar.long_m}%` }}
                                    >
                                        <strong>{piece.label}</strong> {piece.length}
                                    </span>
                                ))}
                                <span className="px-1.5 whitespace-nowrap text-muted">
                                    {(bar.kept || bar.rest_m > 0.15) && bar.rest}
                                    {bar.kept && ', keep'}
                                </span>
                            </span>
                        </span>
                    </li>
                );
            })}
        </ol>
    );
}

export function Ledger() {
    const { data } = useDesk();
    return (
        <table className="font-condensed whitespace-nowrap">
            <thead className="whitespace-normal">
                <tr>
                    <th>Hole</th>
                    <th>Why</th>
                    <th className="text-right">From the left</th>
                    <th className="text-right">Up the slope</th>
                    {data.course !== null && <th className="text-right">Above the {data.course}</th>}
                    <th className="text-right">{standHead[data.stand]}</th>
                    <th className="pl-5">State</th>
                </tr>
            </thead>
            <tbody>
                {data.holes.map((hole) => (
                    <tr key={hole.id}>
                        <td className="font-semibold">{hole.id}</td>
                        <td>{hole.kind}</td>
                        <td className="text-right">{hole.x}</td>
                        <td className="text-right">{hole.y}</td>
                        {data.course !== null && <td className="text-right">{hole.above_butt}</td>}
                        <td className="text-right">{hole.member}</td>
                        <td className="min-w-28 whitespace-normal pl-5">
                            {hole.state}
                            {hole.note !== '' && <span className="text-muted">, {hole.note}</span>}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

import { Part, Rows } from '@/paper/parts';
import { FindingParts, Loads, Signatures, Whys } from '@/paper/shared';
import type { CalculationData, PaperData, WorkedState } from '@/types/desk';
import { isSeen, standHead } from '@/words';

/** What an engineer checks: the loads and why, one span and one foot worked out, every reserve, values, survey, signatures. */
export function Calculation({ view }: { view: PaperData }) {
    return (
        <>
            <Part title="What was planned for">
                <Rows head={['', '']} rows={view.cover.map((row) => [row.name, row.value])} />
            </Part>
            <FindingParts view={view} />
            <Loads view={view} />
            {view.calculation !== null && <Worked calculation={view.calculation} stand={view.stand} />}
            <Part title={`${view.sheet.purlins.length > 0 ? 'Purlins' : 'Members'}: gravity load with the array over without`}>
                <p>
                    At most {view.members.limit}; under even shares {view.members.at_one_share}. The comparison judges no
                    structure.
                </p>
                <Rows
                    head={[
                        view.sheet.purlins.length > 0 ? 'Purlin' : 'Member',
                        'From the feet',
                        'Even shares',
                        'With over without',
                    ]}
                    figures={[1, 2, 3]}
                    rows={view.members.list.map((member) => [
                        String(member.number),
                        member.load,
                        member.times,
                        `${member.ratio} ${member.word}`,
                    ])}
                />
            </Part>
            <Whys view={view} />
            <Part title="Survey">
                <Rows
                    head={['Item', 'Answer', 'By', 'On']}
                    rows={view.survey.map((item) => [item.label, item.answer ?? 'not asked', item.by ?? '', item.on ?? ''])}
                />
            </Part>
            <Signatures view={view} />
        </>
    );
}

function Worked({ calculation, stand }: { calculation: CalculationData; stand: PaperData['stand'] }) {
    const { span, foot, factor, tolerance } = calculation;
    return (
        <>
            <Part title="Combinations">
                <Rows head={['', 'Dead', 'Snow', 'Wind']} figures={[1, 2, 3]} rows={calculation.combinations} />
                <p className="mt-1">
                    {isSeen(stand)
                        ? `Feet stand by their ${stand}s, which are seen: no room is kept for feet off their marks. Reserve = 1 − ratio.`
                        : `Every ratio of rail and feet is held with ${factor} times: so much room is kept for feet ${tolerance} off their marks. Reserve = 1 − ${factor} · ratio.`}
                </p>
            </Part>
            {span !== null && (
                <Part title={`The rail span that is bent most: run ${span.run}, ${span.bay}`}>
                    <State state={span} of="The bay has" />
                    <p className="mt-2">Moments over the feet, from these loads on a continuous beam:</p>
                    <Rows head={['Foot at', 'Normal to the roof', 'Along the slope']} figures={[1, 2]} rows={span.over} />
                    <p className="mt-1">
                        At {span.at}: Mx {span.normal} over {span.capacity_normal} (Fb·Sx), My {span.along} over{' '}
                        {span.capacity_along} (Fb·Sy). Sum {span.ratio}, reserve {span.reserve}.
                    </p>
                </Part>
            )}
            {foot !== null && (
                <Part title={`The foot that is loaded most: foot ${foot.foot} of run ${foot.run}, on ${stand} ${foot.member}`}>
                    <State state={foot} of={`The foot holds ${foot.tributary} of rail by ${foot.width} of slope,`} />
                    <p className="mt-2">
                        Its reaction at {foot.at}: {foot.normal} normal to the {foot.on_leg === null ? 'roof' : 'modules'} (a pull
                        is positive), {foot.along} along. {foot.on_leg} The {foot.on_leg === null ? 'rail' : 'pivot'} lies{' '}
                        {foot.height} over a heel {foot.heel} from the screw, which makes a pull of {foot.tension} in it.
                    </p>
                    <Rows
                        head={['Link', 'Combination', 'Demand', 'Capacity', 'Duration', 'Ratio', 'Reserve']}
                        figures={[2, 3, 4, 5, 6]}
                        rows={foot.links}
                    />
                </Part>
            )}
            <Part title="Every run and foot">
                {calculation.runs.map((run) => (
                    <div key={run.id} className="keep mt-3">
                        <h3>
                            Run {run.id}: places on {stand}s {run.candidates}
                        </h3>
                        {run.rail !== null && (
                            <p>
                                Rail: Mx {run.rail[0]}, My {run.rail[1]} in {run.rail[2]}; ratio {run.rail[3]}, reserve{' '}
                                {run.rail[4]}
                                {run.splice !== null &&
                                    `. Splice: ${run.splice[0]} of ${run.splice[1]}; ratio ${run.splice[2]}, reserve ${run.splice[3]}`}
                                .
                            </p>
                        )}
                        <Rows
                            head={[
                                'Foot',
                                standHead[stand],
                                'At',
                                'Holds',
                                'Shares',
                                'Pull',
                                'Push',
                                'Along',
                                'Lag',
                                'Weakest link',
                                'Ratio',
                                'Reserve',
                            ]}
                            figures={[1, 2, 3, 4, 5, 6, 7, 8, 10, 11]}
                            rows={run.feet}
                        />
                    </div>
                ))}
            </Part>
        </>
    );
}

/** The one state of loads that governs, clamp by clamp. */
function State({ state, of }: { state: WorkedState; of: string }) {
    return (
        <>
            <p>
                {state.case}
                {state.snow !== null && ` with ${state.snow} snow${state.partial ? ', in the pattern of the column “snow”' : ''}`}
                ; for the duration {state.duration}. {of} an area of {state.area}:{' '}
                {state.pressures.map(([zone, pressure]) => `${pressure} in ${zone}`).join(', ')}. Of each whole module{' '}
                {state.per_module[0]} {state.pulls ? 'hold this rail down' : 'press this rail onto the roof'} and{' '}
                {state.per_module[1]} act down the slope
                {state.pulls && `; the wind counts ${state.per_module[2]} times, which is in “net”`}. Feet at{' '}
                {state.feet.join(', ')}.
            </p>
            <Rows
                head={['Clamp', 'At', 'Share', 'Snow', 'Wind on', 'Suction', 'Normal, net', 'Along']}
                figures={[1, 2, 3, 4, 5, 6, 7]}
                rows={state.clamps}
            />
        </>
    );
}

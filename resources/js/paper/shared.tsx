import { Node } from '@/desk/BecausePanel';
import { FindingList } from '@/desk/FindingList';
import { Part, Rows } from '@/paper/parts';
import type { DeskData, PaperData } from '@/types/desk';

/** What papers of roofs and of tables say alike. */
export function OpenStops({ view }: { view: PaperData }) {
    const stops = view.findings.filter((finding) => finding.kind === 'stop' || finding.kind === 'refusal');
    return stops.length === 0 ? null : (
        <Part title="Open before anybody builds this">
            <ul className="list-disc pl-6">
                {stops.map((finding) => (
                    <li key={finding.subject}>{finding.text}</li>
                ))}
            </ul>
        </Part>
    );
}

export function StepList({ view }: { view: PaperData }) {
    return (
        <Part title="Steps in working order">
            <ol className="list-decimal space-y-1.5 pl-6">
                {view.steps.map((step) => (
                    <li key={step.code}>
                        {step.text}
                        {step.cautions.map((caution) => (
                            <p key={caution} className="border-ochre border-l-4 pl-2">
                                <strong>Caution:</strong> {caution}
                            </p>
                        ))}
                    </li>
                ))}
            </ol>
        </Part>
    );
}

export function Materials({ title, materials }: { title: string; materials: DeskData['materials'] }) {
    return (
        <Part title={title}>
            <Rows
                head={['Item', 'Name', 'Count']}
                figures={[2]}
                rows={materials.map((item) => [item.item, item.name, String(item.count)])}
            />
        </Part>
    );
}

const kinds = {
    stop: 'Stops',
    refusal: 'Not covered by the methods',
    warning: 'To mind',
    assumption: 'Assumptions to confirm',
} as const;

export function FindingParts({ view }: { view: PaperData }) {
    return (Object.keys(kinds) as (keyof typeof kinds)[]).map((kind) => {
        const list = view.findings.filter((finding) => finding.kind === kind);
        return list.length === 0 ? null : (
            <Part key={kind} title={kinds[kind]}>
                <FindingList findings={list} />
            </Part>
        );
    });
}

export function Loads({ view }: { view: PaperData }) {
    return (
        <Part title="Loads">
            <Rows head={['', '']} figures={[1]} rows={view.loads.map((row) => [row.name, row.value])} />
        </Part>
    );
}

export function Whys({ view }: { view: PaperData }) {
    return (
        <>
            <Part title="Why: from the question down to what was entered">
                {view.becauses.map((node) => (
                    <div key={node.title} className="mt-2 pl-2">
                        <Node node={node} depth={0} whole />
                    </div>
                ))}
            </Part>
            <Part title="Recalled values">
                <Rows
                    head={['Value', '', 'Source', 'Confirmed by']}
                    figures={[1]}
                    rows={view.coefficients.map((used) => [
                        used.name,
                        used.text,
                        `${used.source} (${used.confidence})`,
                        used.confirmed_by ?? 'nobody yet',
                    ])}
                />
            </Part>
        </>
    );
}

export function Signatures({ view }: { view: PaperData }) {
    return (
        <>
            <Part title="Signatures">
                {view.table === null && view.summary.structure_signed_by === null && <p>The roof structure is not signed.</p>}
                <Rows
                    head={['For', 'Name', 'On', 'Reason']}
                    rows={view.signatures.map((one) => [one.subject, one.name, one.on, one.reason])}
                />
            </Part>
            <Part title="Not covered by this plan">
                <p>{view.not_covered.join('; ')}.</p>
                <p className="mt-2">
                    Local codes, the authority having jurisdiction, makers’ instructions and licensed practice govern over
                    everything printed here.
                </p>
            </Part>
        </>
    );
}

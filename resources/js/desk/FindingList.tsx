import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { FindingInfo } from '@/types/desk';

const words = { stop: 'Stop', refusal: 'Not covered', warning: 'Mind', assumption: 'To confirm' };
const bars = {
    stop: 'border-garnet bg-garnet/8',
    refusal: 'border-garnet bg-garnet/8',
    warning: 'border-ochre bg-ochre/8',
    assumption: 'border-line',
};

export function FindingList({ findings }: { findings: FindingInfo[] }) {
    return (
        <ul className="mt-4 space-y-2">
            {findings.map((finding) => (
                <li
                    key={finding.subject + finding.at + finding.text}
                    data-finding={finding.code}
                    className={`border-l-4 px-2.5 py-1.5 text-[0.9rem] leading-snug ${bars[finding.kind]}`}
                >
                    <strong className="font-semibold">{words[finding.kind]}:</strong> {finding.text}
                    {finding.code === 'examples_left' && <TheyStand part={finding.at} />}
                    {finding.cure.length > 0 && <Mend cure={finding.cure} />}
                    {finding.cleared_by !== null && <span className="tone-holds"> Cleared by {finding.cleared_by}.</span>}
                </li>
            ))}
        </ul>
    );
}

/** Does what the finding says would mend it. */
function Mend({ cure }: { cure: FindingInfo['cure'] }) {
    const { edit } = useDesk();
    return (
        <>
            {' '}
            <EditAct onClick={() => void edit(cure)}>{cure.some((one) => 'block' in one) ? 'Part it' : 'Put it there'}</EditAct>
        </>
    );
}

/** Says of all values here that nobody entered that they are this roof's. */
function TheyStand({ part }: { part: string }) {
    const { data, edit } = useDesk();
    const paths = data.examples[part] ?? [];
    return (
        <>
            {' '}
            <EditAct onClick={() => void edit(paths.map((path) => ({ path, stands: true })))}>
                {paths.length === 1 ? 'It is so' : `All ${paths.length} are so`}
            </EditAct>
        </>
    );
}

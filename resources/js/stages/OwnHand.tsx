import { useDesk } from '@/desk/DeskContext';
import { EditAct } from '@/desk/EditAct';
import type { Crossing, Run } from '@/types/desk';

const words: Record<Crossing['hand'], string> = {
    free: 'no foot',
    foot: 'a foot',
    pinned: 'a pinned foot',
    barred: 'barred',
};

/** The planner's own hand on the place that was chosen on sheet, tape or here: a foot wanted there, or none. */
export function OwnHand({ run, place, onPlace }: { run: Run; place: number | null; onPlace: (member: number | null) => void }) {
    const { data, edit } = useDesk();
    const chosen = run.places.find((one) => one.member === place);
    if (run.places.length === 0) {
        return null;
    }
    const crossing = { line: run.letter, member: chosen?.member ?? 0 };
    const of = data.blocks[run.block - 1]?.id ?? data.block;
    return (
        <p className="my-1.5 flex flex-wrap items-baseline gap-x-2 gap-y-1">
            <label>
                Place on run {run.id}:{' '}
                <select
                    className="slot"
                    data-place-of={run.id}
                    value={chosen?.member ?? ''}
                    onChange={(event) => onPlace(event.target.value === '' ? null : Number(event.target.value))}
                >
                    <option value="">choose a {data.stand}</option>
                    {run.places.map((one) => (
                        <option key={one.member} value={one.member}>
                            {data.stand} {one.member}: {words[one.hand]}
                        </option>
                    ))}
                </select>
            </label>
            {chosen !== undefined && (
                <>
                    <EditAct onClick={() => void edit([{ pin: crossing, of }])}>
                        {chosen.hand === 'pinned' ? 'Let the foot go' : 'Pin a foot here'}
                    </EditAct>
                    <EditAct onClick={() => void edit([{ bar: crossing, of }])}>
                        {chosen.hand === 'barred' ? 'A foot may stand here' : 'No foot here'}
                    </EditAct>
                </>
            )}
        </p>
    );
}

import { useDesk } from '@/desk/DeskContext';
import type { Saving } from '@/desk/saves';

type Props = {
    saving: Saving;
    side: { id: number; number: number } | null;
    notice: string | null;
    onOnto: (id: number) => void;
    onLeave: () => void;
};

/** How the saving goes, aloud only where somebody has to know. */
export function Notice({ saving, side, notice, onOnto, onLeave }: Props) {
    const { busy, faults, questions } = useDesk();
    const wait = `${saving.waiting === 1 ? 'One entry waits' : `${saving.waiting} entries wait`} for the network; nothing is lost.`;
    const said = [
        saving.offline ? wait : null,
        Object.keys(questions).length > 0 ? 'Not saved yet: rows or columns wait for your answer, at their place.' : null,
        side !== null ? `Somebody saved before you. Yours is kept as design ${side.number}; this is the newest one.` : null,
        notice,
    ].filter((one) => one !== null);
    const loud = said.length > 0;
    if (!loud) {
        said.push(busy ? 'Saving and planning' : Object.keys(faults).length > 0 ? 'All but the marked values saved' : 'Saved');
    }
    return (
        <p role="status" aria-live="polite" className={loud ? 'flex-none bg-garnet px-5 py-1 text-paper' : 'sr-only'}>
            {said.join(' ')}
            {side !== null && (
                <>
                    <button type="button" className="act act-small ml-3 text-ink" onClick={() => onOnto(side.id)}>
                        Put mine onto it
                    </button>
                    <button type="button" className="act act-small ml-3 text-ink" onClick={onLeave}>
                        Leave it there
                    </button>
                </>
            )}
        </p>
    );
}

import { useDesk } from '@/desk/DeskContext';
import { Slot } from '@/desk/Slot';
import type { FieldPath } from '@/types/design';

/** The no-work area in hand: its clearance is set here, beside the drawing. */
export function AreaStrip({ id, onGone }: { id: string; onGone: () => void }) {
    const { data, edit } = useDesk();
    const area = data.sheet.no_work.find((one) => one.id === id);
    if (area === undefined) {
        return null;
    }
    const list = area.round ? '/surface/no_work_circles' : '/surface/no_work_rectangles';
    const index = data.sheet.no_work.filter((one) => one.round === area.round).indexOf(area);
    return (
        <p className="order-2 flex-none border-line md:order-none border-t bg-panel px-5 py-1.5">
            “{id}” is a <Slot path={`${list}/${index}/kind` as FieldPath} />; keep{' '}
            <Slot path={`${list}/${index}/clearance_m` as FieldPath} /> clear around it.{' '}
            <button
                type="button"
                className="act act-small"
                onClick={async () => {
                    if (await edit([{ path: `${list}/${index}`, remove: true }])) {
                        onGone();
                    }
                }}
            >
                Take out
            </button>
        </p>
    );
}

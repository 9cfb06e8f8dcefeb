import { type RefObject, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { enlarged, type Lens, plainLens } from '@/sheet/viewport';

/** Looking closer: wheel and pinch about the pointer, keys about the middle. */
export function useLens(holder: RefObject<HTMLElement | null>, on: boolean) {
    const [lens, setLens] = useState<Lens>(plainLens);
    useEffect(() => {
        const element = holder.current;
        if (element === null || !on) {
            return;
        }
        // Listened to by hand: React's wheel listener cannot keep the page from scrolling.
        const wheel = (event: WheelEvent) => {
            const box = element.getBoundingClientRect();
            event.preventDefault();
            setLens((now) => enlarged(now, Math.exp(-event.deltaY / 400), event.clientX - box.left, event.clientY - box.top));
        };
        const touches = new Map<number, { x: number; y: number }>();
        const apart = () => {
            const [one, two] = [...touches.values()];
            return one === undefined || two === undefined ? null : Math.hypot(one.x - two.x, one.y - two.y);
        };
        const down = (event: PointerEvent) => {
            if (event.pointerType === 'touch') {
                touches.set(event.pointerId, { x: event.clientX, y: event.clientY });
            }
        };
        const move = (event: PointerEvent) => {
            const before = apart();
            if (touches.has(event.pointerId)) {
                touches.set(event.pointerId, { x: event.clientX, y: event.clientY });
            }
            const after = apart();
            if (before !== null && after !== null && before > 0) {
                const box = element.getBoundingClientRect();
                const [one, two] = [...touches.values()];
                if (one !== undefined && two !== undefined) {
                    setLens((now) =>
                        enlarged(now, after / before, (one.x + two.x) / 2 - box.left, (one.y + two.y) / 2 - box.top),
                    );
                }
            }
        };
        const up = (event: PointerEvent) => touches.delete(event.pointerId);
        element.addEventListener('wheel', wheel, { passive: false });
        element.addEventListener('pointerdown', down);
        element.addEventListener('pointermove', move);
        element.addEventListener('pointerup', up);
        element.addEventListener('pointercancel', up);
        return () => {
            element.removeEventListener('wheel', wheel);
            element.removeEventListener('pointerdown', down);
            element.removeEventListener('pointermove', move);
            element.removeEventListener('pointerup', up);
            element.removeEventListener('pointercancel', up);
        };
    }, [holder, on]);
    return { lens, setLens };
}

/**
 * Moving an enlarged drawing by hand: one transform changes, and nothing is drawn anew before the hand lets go. What stands beside the drawing
 * by its measures is out of sight meanwhile.
 */
export function usePan(lens: Lens, setLens: (change: (now: Lens) => Lens) => void) {
    const drawing = useRef<SVGGElement>(null);
    const beside = useRef<SVGGElement>(null);
    const moved = useRef({ dx: 0, dy: 0 });
    // biome-ignore lint/correctness/useExhaustiveDependencies: what is drawn anew is where the hand has brought it
    useLayoutEffect(() => {
        moved.current = { dx: 0, dy: 0 };
        drawing.current?.removeAttribute('transform');
        beside.current?.removeAttribute('visibility');
    }, [lens]);
    const by = (dx: number, dy: number) => {
        if (lens.zoom > 1) {
            moved.current = { dx: moved.current.dx + dx, dy: moved.current.dy + dy };
            drawing.current?.setAttribute('transform', `translate(${moved.current.dx} ${moved.current.dy})`);
            beside.current?.setAttribute('visibility', 'hidden');
        }
    };
    const end = () => {
        const { dx, dy } = moved.current;
        if (dx !== 0 || dy !== 0) {
            setLens((now) => ({ ...now, dx: now.dx + dx, dy: now.dy + dy }));
        }
    };
    return { drawing, beside, by, end };
}

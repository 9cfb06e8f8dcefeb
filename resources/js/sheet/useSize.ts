import { type RefObject, useLayoutEffect, useState } from 'react';

export type Size = { width: number; height: number };

/** How large an element is, measured before it is shown: a hand never finds a drawing where it is about to leave. */
export function useSize(holder: RefObject<HTMLElement | null>, on: boolean, first: Size): Size {
    const [size, setSize] = useState(first);
    useLayoutEffect(() => {
        const element = holder.current;
        if (element === null || !on) {
            return;
        }
        const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight });
        measure();
        const observer = new ResizeObserver(measure);
        observer.observe(element);
        return () => observer.disconnect();
    }, [holder, on]);
    return size;
}

import { around } from '@/sheet/scale';
import { fitted, type Lens, px, py, through, type Viewport } from '@/sheet/viewport';
import type { Sheet } from '@/types/desk';

/** On paper: a size that does not change, and a true scale in pixels for a metre. */
export type Fixed = { width: number; height: number; scale: number };

/** Where the surface is drawn within the sheet, and how far it can be seen, in pixels. */
export type Frame = { width: number; height: number; view: Viewport; bottom: number; right: number };

/** On a phone the drawing keeps a readable width and is moved sideways. */
const READABLE = 640;

export const isNarrow = (width: number) => width < READABLE;

export function frameOf(sheet: Sheet, size: { width: number; height: number }, lens: Lens, fixed?: Fixed): Frame {
    const margin = around(sheet);
    const width = Math.max(size.width, READABLE);
    const natural = margin.top + margin.bottom + ((width - margin.left - margin.right) * sheet.length_m) / sheet.width_m;
    const height = isNarrow(size.width) ? natural : size.height;
    const view = through(
        fixed !== undefined
            ? { k: fixed.scale, x: margin.left, y: height - margin.bottom }
            : fitted(sheet.width_m, sheet.length_m, {
                  left: margin.left,
                  top: margin.top,
                  width: Math.max(120, width - margin.left - margin.right),
                  height: Math.max(100, height - margin.top - margin.bottom),
              }),
        lens,
    );
    return {
        width,
        height,
        view,
        bottom: Math.min(py(view, 0), height - margin.bottom),
        right: Math.min(px(view, sheet.width_m), width - margin.right),
    };
}

/** The one transform between metres on the surface and pixels on the screen; y up on the roof is y down on the screen. */
export type Viewport = { k: number; x: number; y: number };

export const fit = (
    width_m: number,
    length_m: number,
    box: { left: number; top: number; width: number; height: number },
): Viewport => {
    const k = Math.min(box.width / width_m, box.height / length_m);
    return { k, x: box.left + (box.width - k * width_m) / 2, y: box.top + k * length_m };
};

/** Rounded to a tenth of a pixel, once, where a coordinate is written. */
const written = (value: number) => Math.round(value * 10) / 10;

export const px = (view: Viewport, x_m: number) => written(view.x + view.k * x_m);
export const py = (view: Viewport, y_m: number) => written(view.y - view.k * y_m);
export const len = (view: Viewport, size_m: number) => written(view.k * size_m);

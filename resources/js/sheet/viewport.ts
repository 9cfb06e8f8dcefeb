/** The one transform between metres on the surface and pixels on the screen; y up on the roof is y down on the screen. */
export type Viewport = { k: number; x: number; y: number };

/** How the drawing is looked at: enlarged and moved from where it fits. */
export type Lens = { zoom: number; dx: number; dy: number };

export const plainLens: Lens = { zoom: 1, dx: 0, dy: 0 };

export const fitted = (
    width_m: number,
    length_m: number,
    box: { left: number; top: number; width: number; height: number },
): Viewport => {
    const k = Math.min(box.width / width_m, box.height / length_m);
    return { k, x: box.left + (box.width - k * width_m) / 2, y: box.top + (box.height + k * length_m) / 2 };
};

export const through = (view: Viewport, lens: Lens): Viewport => ({
    k: view.k * lens.zoom,
    x: view.x * lens.zoom + lens.dx,
    y: view.y * lens.zoom + lens.dy,
});

/** Enlarges about a point of the screen, which stays where it is. */
export const enlarged = (lens: Lens, by: number, x: number, y: number): Lens => {
    const zoom = Math.min(20, Math.max(1, lens.zoom * by));
    const real = zoom / lens.zoom;
    return zoom === 1 ? plainLens : { zoom, dx: x - (x - lens.dx) * real, dy: y - (y - lens.dy) * real };
};

/** Rounded to a tenth of a pixel, once, where a coordinate is written. */
const written = (value: number) => Math.round(value * 10) / 10;

export const px = (view: Viewport, x_m: number) => written(view.x + view.k * x_m);
export const py = (view: Viewport, y_m: number) => written(view.y - view.k * y_m);
export const len = (view: Viewport, size_m: number) => written(view.k * size_m);

export const metres = (view: Viewport, x: number, y: number) => ({ x_m: (x - view.x) / view.k, y_m: (view.y - y) / view.k });

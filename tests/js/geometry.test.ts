import { describe, expect, it } from 'vitest';
import { blockBox, dragged, editOf, type Hold } from '@/sheet/hands';
import { paperScale } from '@/sheet/scale';
import { enlarged, fitted, len, metres, plainLens, px, py, through } from '@/sheet/viewport';
import type { Planned, Sheet } from '@/types/desk';

const box = { left: 46, top: 50, width: 700, height: 300 };

describe('between metres and pixels', () => {
    it('fits the surface into its box, in the middle, up the slope being up the screen', () => {
        // 13 m by 5 m: 700 / 13 is less than 300 / 5.
        const view = fitted(13, 5, box);
        expect(view.k).toBeCloseTo(700 / 13, 12);
        expect([px(view, 0), px(view, 13)]).toEqual([46, 746]);
        expect((py(view, 0) + py(view, 5)) / 2).toBeCloseTo(200, 1);
        expect(py(view, 5)).toBeLessThan(py(view, 0));
        expect(fitted(5, 5, box).k).toBe(60);
    });

    it('leads back to where it came from, through any lens', () => {
        for (const lens of [plainLens, { zoom: 3, dx: -120, dy: 45 }]) {
            const view = through(fitted(13, 5, box), lens);
            for (const [x_m, y_m] of [
                [0, 0],
                [3.1, 4.9],
                [-0.4, 7],
            ] as const) {
                const back = metres(view, view.x + view.k * x_m, view.y - view.k * y_m);
                expect(back.x_m).toBeCloseTo(x_m, 9);
                expect(back.y_m).toBeCloseTo(y_m, 9);
                expect(Math.abs(px(view, x_m) - (view.x + view.k * x_m))).toBeLessThanOrEqual(0.05);
            }
            expect(len(view, 2)).toBeCloseTo(2 * view.k, 1);
        }
    });

    it('enlarges about a point that stays, between one and twenty', () => {
        const view = fitted(13, 5, box);
        let lens = plainLens;
        for (const by of [1.3, 2, 1.1, 9]) {
            const before = metres(through(view, lens), 300, 210);
            lens = enlarged(lens, by, 300, 210);
            const after = metres(through(view, lens), 300, 210);
            expect(after.x_m).toBeCloseTo(before.x_m, 9);
            expect(after.y_m).toBeCloseTo(before.y_m, 9);
        }
        expect(lens.zoom).toBe(20);
        expect(enlarged(lens, 0.01, 10, 10)).toEqual(plainLens);
    });
});

describe('what a hand holds', () => {
    const start = { x_m: 2, y_m: 1, width_m: 3, height_m: 0.5 };
    const to = (hold: Hold, dx: number, dy: number) => dragged(hold, { x_m: 5, y_m: 5 }, { x_m: 5 + dx, y_m: 5 + dy });

    it('moves a block or an area, and sizes an area to no less than a hand can draw', () => {
        expect(to({ what: 'block', box: start }, 0.5, -2)).toEqual({ ...start, x_m: 2.5, y_m: -1 });
        const area = { what: 'area', id: 'vent', box: start } as const;
        expect(to({ ...area, round: false, size: false }, -1, 1)).toEqual({ ...start, x_m: 1, y_m: 2 });
        expect(to({ ...area, round: false, size: true }, 0.5, -9)).toEqual({ ...start, width_m: 3.5, height_m: 0.05 });
        expect(to({ ...area, round: true, size: true }, 0.5, -9)).toEqual({ ...start, width_m: 3.5, height_m: 3.5 });
    });

    it('draws a new area towards any corner, a round one by its larger side', () => {
        const drawn = (round: boolean, dx: number, dy: number) => to({ what: 'new', round, box: start }, dx, dy);
        expect(drawn(false, 2, 1)).toEqual({ x_m: 5, y_m: 5, width_m: 2, height_m: 1 });
        expect(drawn(false, -2, -1)).toEqual({ x_m: 3, y_m: 4, width_m: 2, height_m: 1 });
        expect(drawn(true, -2, 1)).toEqual({ x_m: 3, y_m: 5, width_m: 2, height_m: 2 });
        expect(editOf({ what: 'new', round: true, box: start }, start)).toEqual([{ area: { ...start, round: true, id: null } }]);
        expect(editOf({ what: 'block', box: start }, start)).toEqual([{ move: { x_m: 2, y_m: 1 } }]);
    });

    it('knows the outline of a block with its gaps', () => {
        const cell = (x_m: number, y_m: number) => ({ x_m, y_m });
        const sheet = { module: { width_m: 1, length_m: 1.5 }, modules: [cell(3, 2), cell(4, 2)], left_out: [cell(2, 0.5)] };
        expect(blockBox(sheet as unknown as Sheet)).toEqual({ x_m: 2, y_m: 0.5, width_m: 3, height_m: 3 });
        expect(blockBox({ ...sheet, modules: [], left_out: [] } as unknown as Sheet)).toBeNull();
    });
});

describe('on paper', () => {
    const planned = (units: 'ft_in' | 'mm', width_m: number) =>
        ({ units, sheet: { width_m, length_m: width_m / 3, dimensions: { up: [], along: [] } } }) as unknown as Planned;

    it('takes the largest usual scale that fits, at its true size', () => {
        // 186 px beside the drawing: 534 px for it are 5.56 in, in which 44 ft stand at 1/8 in to the foot.
        expect(paperScale(planned('ft_in', 44 * 0.3048), 720, 900).text).toBe('1/8 in = 1 ft (1:96)');
        expect(paperScale(planned('ft_in', 45 * 0.3048), 720, 900).text).toBe('3/32 in = 1 ft (1:128)');
        expect(paperScale(planned('mm', 14.1), 720, 900).text).toBe('1:100');
        expect(paperScale(planned('mm', 14.2), 720, 900).text).toBe('1:150');
        expect(paperScale(planned('mm', 14.1), 720, 900).fixed.scale).toBeCloseTo(96 / 0.0254 / 100, 9);
        expect(paperScale(planned('mm', 5000), 720, 900).text).toBe('1:1000');
    });
});

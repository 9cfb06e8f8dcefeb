import type { Planned } from '@/types/desk';

/** Pixels of a printed page for one metre: 96 to the inch. */
const PX_PER_M = 96 / 0.0254;

const scales = {
    ft_in: [
        [48, '1/4 in = 1 ft'],
        [64, '3/16 in = 1 ft'],
        [96, '1/8 in = 1 ft'],
        [128, '3/32 in = 1 ft'],
        [192, '1/16 in = 1 ft'],
        [384, '1/32 in = 1 ft'],
        [768, '1/64 in = 1 ft'],
    ],
    mm: [
        [50, ''],
        [75, ''],
        [100, ''],
        [150, ''],
        [200, ''],
        [500, ''],
        [1000, ''],
    ],
} as const;

/** About how wide a dimension's text is. */
export const textWidth = (text: string) => text.length * 6.6;
const longest = (chain: { text: string }[]) => Math.max(0, ...chain.map((part) => textWidth(part.text)));

/** How far from the surface each chain up the slope stands, its texts beside it. */
export const chainPlaces = (sheet: Planned['sheet']) => {
    let place = 20;
    return sheet.dimensions.up.map((chain) => {
        const here = place;
        place += Math.max(66, longest(chain) + 8);
        return here;
    });
};

/** What surrounds the surface: run letters, member numbers, dimensions. */
export const around = (sheet: Planned['sheet']) => {
    const places = chainPlaces(sheet);
    const ends = sheet.dimensions.up.map((chain, index) => (places[index] ?? 0) + 8 + longest(chain));
    return { left: 46, right: Math.max(140, ...ends), top: 50, bottom: 76 };
};

/** The largest usual scale at which the surface and its dimensions fit on a page, in words, and the size of the drawing. */
export function paperScale(planned: Planned, width: number, height: number) {
    const { width_m, length_m } = planned.sheet;
    const margin = around(planned.sheet);
    const [beside, above] = [margin.left + margin.right, margin.top + margin.bottom];
    const all = scales[planned.units];
    const [ratio, words] =
        all.find(([one]) => (width_m * PX_PER_M) / one + beside <= width && (length_m * PX_PER_M) / one + above <= height) ??
        all[all.length - 1] ??
        all[0];
    const scale = PX_PER_M / ratio;
    return {
        text: words === '' ? `1:${ratio}` : `${words} (1:${ratio})`,
        fixed: { scale, width: width_m * scale + beside, height: length_m * scale + above },
    };
}

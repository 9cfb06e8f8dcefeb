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

/** What surrounds the surface on paper: run letters, member numbers, dimensions. */
const around = { width: 46 + 140, height: 50 + 76 };

/** The largest usual scale at which the surface and its dimensions fit on a page, in words, and the size of the drawing. */
export function paperScale(planned: Planned, width: number, height: number) {
    const { width_m, length_m } = planned.sheet;
    const all = scales[planned.units];
    const [ratio, words] =
        all.find(
            ([one]) =>
                (width_m * PX_PER_M) / one + around.width <= width && (length_m * PX_PER_M) / one + around.height <= height,
        ) ??
        all[all.length - 1] ??
        all[0];
    const scale = PX_PER_M / ratio;
    return {
        text: words === '' ? `1:${ratio}` : `${words} (1:${ratio})`,
        fixed: { scale, width: width_m * scale + around.width, height: length_m * scale + around.height },
    };
}

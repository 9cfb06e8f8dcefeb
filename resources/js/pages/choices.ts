/** What a new job may begin with, each drawn small. */
export type Choices = { value: string; text: string; lines?: string }[];

export const places: Choices = [
    { value: 'roof', text: 'on a roof', lines: 'M4 30 V20 L26 6 L48 20 V30 Z M30 8 L42 16' },
    { value: 'ground', text: 'on the ground', lines: 'M4 28 H48 M16 36 V20 M36 36 V10 M8 25 L44 5' },
];

/** From the side. */
export const tables: Choices = [
    {
        value: 'pipe_table',
        text: 'steel pipes on posts in concrete',
        lines: 'M4 27 H48 M6 22 L46 6 M14 19 V36 M38 10 V36 M11 27 V36 H17 V27 M35 27 V36 H41 V27',
    },
    {
        value: 'timber_table',
        text: 'timber on posts in concrete',
        lines: 'M4 27 H48 M6 20 L46 4 M12 18 H16 V36 H12 Z M36 9 H40 V36 H36 Z M16 20 H20 V15 H16',
    },
    {
        value: 'pile_table',
        text: 'purlins on driven piles or ground screws',
        lines: 'M4 27 H48 M6 22 L46 6 M14 19 V37 M38 10 V37 M11 31 L17 33 M11 35 L17 37 M35 31 L41 33 M35 35 L41 37',
    },
    {
        value: 'pile_row',
        text: 'purlins on one row of piles or screws',
        lines: 'M4 29 H48 M8 21 L44 7 M26 14 V37 M10 20 V24 H14 V18 M38 9 V13 H42 V8 M23 33 L29 35',
    },
    {
        value: 'single_post',
        text: 'one post cut at the tilt',
        lines: 'M4 27 H48 M12 16 L40 4 M24 11 V36 H28 V9 M21 27 V36 H31 V27',
    },
    {
        value: 'spike_frames',
        text: 'frames on spikes in resin',
        lines: 'M4 27 H48 M8 24 L44 13 M12 23 V27 M40 14 V27 M8 27 H44 M12 27 V37 M40 27 V37',
    },
    {
        value: 'ballast_frames',
        text: 'frames held down by blocks',
        lines: 'M4 33 H48 M8 24 L44 11 M12 23 V29 M40 12 V29 M6 29 H18 V33 H6 Z M34 29 H46 V33 H34 Z M8 25 H16 V29 M36 25 H44 V29',
    },
    { value: 'pole', text: 'a head on a pole', lines: 'M4 29 H48 M10 14 L42 2 M26 8 V31 M18 29 V36 H34 V29' },
];

/** Drawn small: the roof from the front, a foot from the side. */
const roofs: Choices = [
    { value: 'two_sided_gable', text: 'a gable roof', lines: 'M4 30 V20 L26 6 L48 20 V30 Z M4 20 H48' },
    { value: 'hip', text: 'a hip roof', lines: 'M4 30 V20 L18 7 H34 L48 20 V30 Z M4 20 H48' },
    { value: 'shed', text: 'a shed roof', lines: 'M4 30 V20 L48 7 V30 Z' },
];

const standards: Choices = [
    { value: 'asce7-16', text: 'ASCE/SEI 7-16' },
    { value: 'asce7-22', text: 'ASCE/SEI 7-22' },
    { value: 'en-1991', text: 'EN 1991' },
    { value: 'as-nzs-1170-2011', text: 'AS/NZS 1170.2:2011' },
    { value: 'as-nzs-1170-2021', text: 'AS/NZS 1170.2:2021' },
];

const coverings: Choices = [
    {
        value: 'asphalt_shingles',
        text: 'asphalt shingles',
        lines: 'M4 30 H48 M4 22 H48 M4 14 H48 M4 6 H48 M14 6 V14 M34 6 V14 M24 14 V22 M44 14 V22 M14 22 V30 M34 22 V30',
    },
    {
        value: 'metal',
        text: 'screwed metal sheets on purlins',
        lines: 'M4 30 L9 30 L12 22 L18 22 L21 30 L31 30 L34 22 L40 22 L43 30 L48 30 M15 12 V22 M12 12 H18 M37 12 V22 M34 12 H40',
    },
    {
        value: 'seamed_metal',
        text: 'metal with standing seams',
        lines: 'M4 30 H14 V16 H17 V20 M17 30 H34 V16 H37 V20 M37 30 H48 M14 30 H17 M34 30 H37',
    },
    {
        value: 'tile',
        text: 'tiles on battens',
        lines: 'M4 28 L20 20 L20 23 L4 31 Z M18 24 L34 16 L34 19 L18 27 Z M32 20 L48 12 L48 15 L32 23 Z M17 28 H21 V32 H17 Z M31 24 H35 V28 H31 Z M4 36 H48',
    },
];

const shingleKits: Choices = [
    {
        value: 'one_lag',
        text: 'a light rail on feet with one lag',
        lines: 'M4 24 H48 M18 24 V21 H34 V24 M24 21 V10 H30 V21 M22 4 H32 V10 H22 Z M27 24 V34',
    },
    {
        value: 'two_lags',
        text: 'a rail on feet with two lags',
        lines: 'M4 24 H48 M14 24 V21 H38 V24 M24 21 V10 H30 V21 M21 3 H33 V10 H21 Z M19 24 V34 M33 24 V34',
    },
    {
        value: 'standoff',
        text: 'a heavy rail on standoffs',
        lines: 'M4 24 H18 M36 24 H48 M19 28 H35 M22 28 L25 12 H29 L32 28 M20 2 H34 V12 H20 Z M27 28 V36',
    },
];

export const kits: Record<string, Choices> = {
    asphalt_shingles: shingleKits,
    metal: [
        {
            value: 'angle',
            text: 'a rail on L-feet by the ribs',
            lines: 'M4 32 L12 32 L15 25 L35 25 L38 32 L48 32 M17 25 V22 H33 V25 M29 22 V9 H32 V22 M32 4 H43 V14 H32 Z M22 22 V34',
        },
        {
            value: 'short',
            text: 'short rails under the clamps, screwed to the ribs',
            lines: 'M4 34 L8 34 L11 26 L17 26 L20 34 L32 34 L35 26 L41 26 L44 34 L48 34 M9 26 V18 H43 V26 Z M24 18 V10 H28 V18 M18 10 H34 M14 22 V32 M38 22 V32',
        },
    ],
    seamed_metal: [
        {
            value: 'clamp',
            text: 'a rail on clamps that grip the seams',
            lines: 'M4 34 H24 V18 H28 V34 H48 M20 16 H32 V28 H30 V20 H22 V28 H20 Z M16 24 H20 M26 16 V10 M20 3 H32 V10 H20 Z',
        },
    ],
    tile: [
        {
            value: 'hook',
            text: 'a rail on hooks under the tiles',
            lines: 'M4 32 H48 M24 32 V29 H46 V32 M24 30 V20 H10 V10 M6 3 H16 V10 H6 Z M30 29 V36 M40 29 V36',
        },
    ],
};

export const questions: { legend: string; name: 'roof' | 'covering' | 'standard' | 'kit'; choices: Choices }[] = [
    { legend: 'The plane is of', name: 'roof', choices: roofs },
    { legend: 'Covered with', name: 'covering', choices: coverings },
    { legend: 'Loads by', name: 'standard', choices: standards },
    { legend: 'Held by, made up until you enter what you buy', name: 'kit', choices: shingleKits },
];

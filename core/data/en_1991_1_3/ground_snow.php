<?php

declare(strict_types=1);

// Constants of sk in kN/m² over the altitude A in m and, where there is one, the zone number Z:
// (a·Z + b)·(1 + (A/c)²); a·Z + b + A/c for Central West, UK and Ireland, Sweden and Finland;
// a + b·Z + c + (A − 100)/d for the UK annex, A under 100 m counting as 100 m; times·max(least, a + b·((A + 140)/760)²) for
// Germany; low up to 200 m, then a·(1 + (A/c)²), for Italy.
// Recalled, not read from the printed documents: confirm against your copy.
return [
    'source' => 'EN 1991-1-3:2003, Annex C, and the national annexes named',
    'confidence' => 'high',
    'values' => [
        'annex_c_alpine/a' => 0.642, 'annex_c_alpine/b' => 0.009, 'annex_c_alpine/c' => 728.0,
        'annex_c_central_east/a' => 0.264, 'annex_c_central_east/b' => -0.002, 'annex_c_central_east/c' => 256.0,
        'annex_c_mediterranean/a' => 0.498, 'annex_c_mediterranean/b' => -0.209, 'annex_c_mediterranean/c' => 452.0,
        'annex_c_iberian/a' => 0.19, 'annex_c_iberian/b' => -0.095, 'annex_c_iberian/c' => 524.0,
        'annex_c_greece/a' => 0.42, 'annex_c_greece/b' => -0.03, 'annex_c_greece/c' => 917.0,
        'at/a' => ['value' => 0.642, 'confidence' => 'medium'], 'at/b' => ['value' => 0.009, 'confidence' => 'medium'], 'at/c' => ['value' => 728.0, 'confidence' => 'medium'],
        'annex_c_central_west/a' => 0.164, 'annex_c_central_west/b' => -0.082, 'annex_c_central_west/c' => 966.0,
        'annex_c_uk_ireland/a' => 0.14, 'annex_c_uk_ireland/b' => -0.1, 'annex_c_uk_ireland/c' => 501.0,
        'annex_c_sweden_finland/a' => ['value' => 0.79, 'confidence' => 'medium'], 'annex_c_sweden_finland/b' => ['value' => 0.375, 'confidence' => 'medium'], 'annex_c_sweden_finland/c' => ['value' => 336.0, 'confidence' => 'medium'],
        'uk_national_annex/a' => 0.15, 'uk_national_annex/b' => 0.1, 'uk_national_annex/c' => 0.05, 'uk_national_annex/d' => 525.0,
        'de_1/a' => 0.19, 'de_1/b' => 0.91, 'de_1/least' => 0.65, 'de_1/times' => 1.0,
        'de_1a/a' => 0.19, 'de_1a/b' => 0.91, 'de_1a/least' => 0.65, 'de_1a/times' => 1.25,
        'de_2/a' => 0.25, 'de_2/b' => 1.91, 'de_2/least' => 0.85, 'de_2/times' => 1.0,
        'de_2a/a' => 0.25, 'de_2a/b' => 1.91, 'de_2a/least' => 0.85, 'de_2a/times' => 1.25,
        'de_3/a' => 0.31, 'de_3/b' => 2.91, 'de_3/least' => 1.1, 'de_3/times' => 1.0,
        'it_1_alpine/low' => 1.5, 'it_1_alpine/a' => 1.39, 'it_1_alpine/c' => 728.0,
        'it_1_mediterranean/low' => 1.5, 'it_1_mediterranean/a' => 1.35, 'it_1_mediterranean/c' => 602.0,
        'it_2/low' => 1.0, 'it_2/a' => 0.85, 'it_2/c' => 481.0,
        'it_3/low' => 0.6, 'it_3/a' => 0.51, 'it_3/c' => 481.0,
    ],
];

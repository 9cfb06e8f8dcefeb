<?php

declare(strict_types=1);

// Terrain and height multiplier Mz,cat by terrain category and height in m, linear between; "2021/…" for category 1 of 2021.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'AS/NZS 1170.2:2011, Table 4.1; 2021 where marked',
    'confidence' => 'high',
    'values' => [
        '1/3' => 0.99, '1/5' => 1.05, '1/10' => 1.12, '1/15' => 1.16, '1/20' => 1.19, '1/30' => 1.22, '1/40' => 1.24, '1/50' => 1.25, '1/75' => 1.27, '1/100' => 1.29, '1/150' => 1.31, '1/200' => 1.32,
        '1.5/3' => ['value' => 0.95, 'confidence' => 'medium'], '1.5/5' => ['value' => 0.98, 'confidence' => 'medium'], '1.5/10' => ['value' => 1.06, 'confidence' => 'medium'], '1.5/15' => ['value' => 1.11, 'confidence' => 'medium'], '1.5/20' => ['value' => 1.14, 'confidence' => 'medium'], '1.5/30' => ['value' => 1.17, 'confidence' => 'medium'], '1.5/40' => ['value' => 1.2, 'confidence' => 'medium'], '1.5/50' => ['value' => 1.22, 'confidence' => 'medium'], '1.5/75' => ['value' => 1.25, 'confidence' => 'medium'], '1.5/100' => ['value' => 1.27, 'confidence' => 'medium'], '1.5/150' => ['value' => 1.29, 'confidence' => 'medium'], '1.5/200' => ['value' => 1.31, 'confidence' => 'medium'],
        '2/3' => 0.91, '2/5' => 0.91, '2/10' => 1.0, '2/15' => 1.05, '2/20' => 1.08, '2/30' => 1.12, '2/40' => 1.16, '2/50' => 1.18, '2/75' => 1.22, '2/100' => 1.24, '2/150' => 1.27, '2/200' => 1.29,
        '2.5/3' => ['value' => 0.87, 'confidence' => 'medium'], '2.5/5' => ['value' => 0.87, 'confidence' => 'medium'], '2.5/10' => ['value' => 0.92, 'confidence' => 'medium'], '2.5/15' => ['value' => 0.97, 'confidence' => 'medium'], '2.5/20' => ['value' => 1.01, 'confidence' => 'medium'], '2.5/30' => ['value' => 1.06, 'confidence' => 'medium'], '2.5/40' => ['value' => 1.1, 'confidence' => 'medium'], '2.5/50' => ['value' => 1.13, 'confidence' => 'medium'], '2.5/75' => ['value' => 1.17, 'confidence' => 'medium'], '2.5/100' => ['value' => 1.2, 'confidence' => 'medium'], '2.5/150' => ['value' => 1.24, 'confidence' => 'medium'], '2.5/200' => ['value' => 1.27, 'confidence' => 'medium'],
        '3/3' => 0.83, '3/5' => 0.83, '3/10' => 0.83, '3/15' => 0.89, '3/20' => 0.94, '3/30' => 1.0, '3/40' => 1.04, '3/50' => 1.07, '3/75' => 1.12, '3/100' => 1.16, '3/150' => 1.21, '3/200' => 1.24,
        '4/3' => 0.75, '4/5' => 0.75, '4/10' => 0.75, '4/15' => 0.75, '4/20' => 0.75, '4/30' => 0.8, '4/40' => 0.85, '4/50' => 0.9, '4/75' => 0.98, '4/100' => 1.03, '4/150' => 1.11, '4/200' => 1.16,
        '2021/1/3' => ['value' => 0.97, 'confidence' => 'medium'], '2021/1/5' => ['value' => 1.01, 'confidence' => 'medium'], '2021/1/10' => ['value' => 1.08, 'confidence' => 'medium'],
        // Shielding multiplier by the parameter s, linear between.
        'shielding/1.5' => 0.7, 'shielding/3' => 0.8, 'shielding/6' => 0.9, 'shielding/12' => 1.0,
    ],
];

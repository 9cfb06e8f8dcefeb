<?php

declare(strict_types=1);

// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-16, Tables 26.6-1, 26.10-1, 26.11-1, Eq. 26.10-1',
    'confidence' => 'high',
    'values' => [
        'constant' => 0.00256, // psf per mph²
        'kd' => 0.85,
        'kz' => 2.01,
        'alpha/B' => 7.0, 'alpha/C' => 9.5, 'alpha/D' => 11.5,
        'zg_ft/B' => 1200.0, 'zg_ft/C' => 900.0, 'zg_ft/D' => 700.0,
        'ke_per_ft' => 0.0000362,
        'kh_floor/B' => ['value' => 0.70, 'confidence' => 'medium', 'note' => 'floor_b'],
    ],
];

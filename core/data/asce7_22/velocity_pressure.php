<?php

declare(strict_types=1);

// Kd is no longer in the velocity pressure but in the pressures. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-22, Tables 26.6-1, 26.10-1, 26.11-1, §26.10.2',
    'confidence' => 'high',
    'values' => [
        'constant' => 0.00256, // psf per mph²
        'kd' => 0.85,
        'kz' => 2.41,
        'alpha/B' => ['value' => 7.5, 'confidence' => 'medium'], 'alpha/C' => 9.8, 'alpha/D' => 11.5,
        'zg_ft/B' => ['value' => 3280.0, 'confidence' => 'medium'], 'zg_ft/C' => 2460.0, 'zg_ft/D' => 1935.0,
        'ke_per_ft' => 0.0000362,
        'kh_floor/B' => ['value' => 0.70, 'confidence' => 'medium', 'note' => 'floor_b'],
    ],
];

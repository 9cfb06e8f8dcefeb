<?php

declare(strict_types=1);

// Round steel pipes: safety factor, bent flexural buckling, and the length of a post that is free at its top.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'AISC 360-16, chs. E, F, G, H; Table C-A-7.1',
    'confidence' => 'high',
    'values' => [
        'omega' => 1.67, 'k_free_top' => 2.1, 'e3_from' => 4.71, 'e3_base' => 0.658, 'e3_elastic' => 0.877, 'shear' => 0.6, 'modulus_ksi' => 29000.0,
    ],
];

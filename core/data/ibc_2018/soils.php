<?php

declare(strict_types=1);

// Presumptive values: on the ground in psf, against the side in psf for each foot of depth, sliding over it times the weight,
// along the side in psf.
// Cohesion along a side is a choice: the code gives it for sliding. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'IBC 2018, Table 1806.2',
    'confidence' => 'high',
    'values' => [
        'bearing/sedimentary_rock' => 4000.0, 'bearing/gravel' => 3000.0, 'bearing/sand' => 2000.0, 'bearing/clay' => 1500.0,
        'lateral/sedimentary_rock' => 400.0, 'lateral/gravel' => 200.0, 'lateral/sand' => 150.0, 'lateral/clay' => 100.0,
        'sliding/sedimentary_rock' => 0.35, 'sliding/gravel' => 0.35, 'sliding/sand' => 0.25,
        'side/clay' => ['value' => 130.0, 'confidence' => 'medium'],
    ],
];

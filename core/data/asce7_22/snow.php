<?php

declare(strict_types=1);

// Ground snow is at strength level and by risk category; no importance factor. Ct of heated roofs comes from a new table
// that is not remembered: those keys are missing, and the case is refused until they are read in an own copy.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-22, ch. 7',
    'confidence' => 'medium',
    'values' => [
        'flat' => ['value' => 0.7, 'confidence' => 'high'],
        'ce/B/fully' => 0.9, 'ce/B/partially' => 1.0, 'ce/B/sheltered' => 1.2,
        'ce/C/fully' => 0.9, 'ce/C/partially' => 1.0, 'ce/C/sheltered' => 1.1,
        'ce/D/fully' => 0.8, 'ce/D/partially' => 0.9, 'ce/D/sheltered' => 1.0,
        'ct/unheated' => 1.2, 'ct/freezing' => 1.3,
        'low_slope_deg' => 15.0, 'least/I' => 25.0, 'least/II' => 30.0, 'least/III' => 35.0, 'least/IV' => 40.0,
        'unbalanced/from_in_12' => 0.5, 'unbalanced/to_in_12' => 7.0, 'unbalanced/simple_ft' => 20.0,
        'drift/lu_ft' => ['value' => 20.0, 'note' => 'lu_bound'], 'drift/factor' => 1.5, 'drift/pg' => 0.74, 'drift/lu' => 0.70, 'drift/w2' => 1.7,
        'rain_psf' => 8.0,
        'partial' => ['value' => 0.5, 'note' => 'partial_recalled'],
    ],
    'missing' => ['ct/warm', 'ct/cold_ventilated'],
];

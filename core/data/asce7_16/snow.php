<?php

declare(strict_types=1);

// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-16, ch. 7: Tables 7.3-1, 7.3-2, 1.5-2, Fig. 7.4-1, §§7.3.4, 7.6.1, 7.7.1',
    'confidence' => 'high',
    'values' => [
        'flat' => 0.7,
        'ce/B/fully' => 0.9, 'ce/B/partially' => 1.0, 'ce/B/sheltered' => 1.2,
        'ce/C/fully' => 0.9, 'ce/C/partially' => 1.0, 'ce/C/sheltered' => 1.1,
        'ce/D/fully' => 0.8, 'ce/D/partially' => 0.9, 'ce/D/sheltered' => 1.0,
        'ct/warm' => 1.0, 'ct/cold_ventilated' => 1.1, 'ct/unheated' => 1.2, 'ct/freezing' => 1.3,
        'is/I' => 0.8, 'is/II' => 1.0, 'is/III' => 1.1, 'is/IV' => 1.2,
        'low_slope_deg' => 15.0, 'low_slope_psf' => 20.0,
        'unbalanced/from_in_12' => 0.5, 'unbalanced/to_in_12' => 7.0, 'unbalanced/simple_ft' => 20.0,
        'drift/lu_ft' => ['value' => 20.0, 'confidence' => 'medium', 'note' => 'lu_bound'],
        'drift/importance' => ['value' => 0.5, 'confidence' => 'medium', 'note' => 'root_is'],
        'rain_psf' => 5.0, 'rain_ground_psf' => 20.0,
        'partial' => ['value' => 0.5, 'confidence' => 'medium', 'note' => 'partial_recalled'],
    ],
];

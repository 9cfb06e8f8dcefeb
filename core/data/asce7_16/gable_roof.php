<?php

declare(strict_types=1);

// External pressure coefficients (GCp) at 10 ft² and less, upward as positive sizes; "down" is the positive coefficient.
// Values for larger areas are left out on purpose: the 10 ft² value is used for every area, on the safe side.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-16, Figs. 30.3-2B, 30.3-2C, 30.3-2D (gable roofs)',
    'confidence' => 'medium',
    'values' => [
        '7-20/1' => 2.0, '7-20/2e' => 2.0, '7-20/2n' => 3.0, '7-20/2r' => 3.0, '7-20/3e' => 3.0, '7-20/3r' => 3.6, '7-20/down' => 0.7,
        '20-27/1' => 1.5, '20-27/2e' => 1.5, '20-27/2n' => 2.5, '20-27/2r' => 2.5, '20-27/3e' => 2.5, '20-27/3r' => 3.0, '20-27/down' => 0.7,
        '27-45/1' => 1.8, '27-45/2e' => 1.8, '27-45/2r' => 1.8, '27-45/2n' => 2.0, '27-45/3r' => 2.0,
        '27-45/3e' => ['value' => 3.2, 'note' => 'severe_of_two'], '27-45/down' => 0.9,
    ],
];

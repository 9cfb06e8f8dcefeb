<?php

declare(strict_types=1);

// Rooftop solar panels parallel to the roof; as in 2016, with Kd in the equation. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-22, §29.4.4, Fig. 29.4-8; §26.2; §30.2.2',
    'confidence' => 'high',
    'values' => [
        'gamma_a/small' => 0.8, 'gamma_a/small_ft2' => 10.0,
        'gamma_a/large' => 0.4, 'gamma_a/large_ft2' => 100.0,
        'gamma_e/exposed' => ['value' => 1.5, 'confidence' => 'medium', 'note' => 'exposed_or_within'],
        'least_psf' => ['value' => 16.0, 'confidence' => 'medium', 'note' => 'floor_on_panels'],
        'top_above_roof_in' => 10.0, 'parallel_deg' => 2.0, 'least_gap_in' => 0.25, 'gap_every_ft' => 6.7, 'edge_in_h2' => 2.0,
        'open_in_h2' => 4.0, 'open_ft' => 4.0, 'exposed_in_h' => 0.5, 'row_end_in_lp' => 1.5,
    ],
];

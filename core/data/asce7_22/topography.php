<?php

declare(strict_types=1);

// K1 over H/Lh by shape and exposure; γ of K3; μ of K2 upwind and downwind of the crest.
// As in 2016: the conditions are believed revised, the factors not.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-22, §26.8, Fig. 26.8-1',
    'confidence' => 'medium',
    'values' => [
        'ridge/k1/B' => 1.30, 'ridge/k1/C' => 1.45, 'ridge/k1/D' => 1.55, 'ridge/gamma' => 3.0, 'ridge/mu/upwind' => 1.5, 'ridge/mu/downwind' => 1.5,
        'escarpment/k1/B' => 0.75, 'escarpment/k1/C' => 0.85, 'escarpment/k1/D' => 0.95, 'escarpment/gamma' => 2.5, 'escarpment/mu/upwind' => 1.5, 'escarpment/mu/downwind' => 4.0,
        'hill/k1/B' => 0.95, 'hill/k1/C' => 1.05, 'hill/k1/D' => 1.15, 'hill/gamma' => 4.0, 'hill/mu/upwind' => 1.5, 'hill/mu/downwind' => 1.5,
        'steepest' => 0.5,
    ],
];

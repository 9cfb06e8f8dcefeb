<?php

declare(strict_types=1);

// External pressure coefficients with their signs. "flat": roofs under 10° and slopes along the wind, by h/d and belt of
// distance from the upwind edge (0–0.5h, 0.5–1h, 1–2h, 2–3h, beyond); the two of h/d = 1 beyond 1h are printed to 2h and kept
// beyond it, on the safe side. "upwind": by h/d and pitch; the greater one from 45° is 0.8·sin α. "downwind": by h/d and pitch,
// from 25° by b/d. "k/…": local pressure factors.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'AS/NZS 1170.2:2011, Tables 5.3(A), 5.3(B), 5.3(C) and 5.6',
    'confidence' => 'high',
    'values' => [
        'flat/0.5/0/low' => -0.9, 'flat/0.5/0/high' => -0.4, 'flat/0.5/1/low' => -0.9, 'flat/0.5/1/high' => -0.4, 'flat/0.5/2/low' => -0.5, 'flat/0.5/2/high' => 0.0, 'flat/0.5/3/low' => -0.3, 'flat/0.5/3/high' => 0.1, 'flat/0.5/4/low' => -0.2, 'flat/0.5/4/high' => 0.2,
        'flat/1/0/low' => -1.3, 'flat/1/0/high' => -0.6, 'flat/1/1/low' => -0.7, 'flat/1/1/high' => -0.3, 'flat/1/2/low' => -0.7, 'flat/1/2/high' => -0.3, 'flat/1/3/low' => -0.7, 'flat/1/3/high' => -0.3, 'flat/1/4/low' => -0.7, 'flat/1/4/high' => -0.3,
        'upwind/0.25/10/low' => -0.7, 'upwind/0.25/10/high' => -0.3, 'upwind/0.25/15/low' => -0.5, 'upwind/0.25/15/high' => 0.0, 'upwind/0.25/20/low' => -0.3, 'upwind/0.25/20/high' => 0.2, 'upwind/0.25/25/low' => -0.2, 'upwind/0.25/25/high' => 0.3, 'upwind/0.25/30/low' => -0.2, 'upwind/0.25/30/high' => 0.4, 'upwind/0.25/35/low' => 0.0, 'upwind/0.25/35/high' => 0.5, 'upwind/0.25/45/low' => 0.0,
        'upwind/0.5/10/low' => -0.9, 'upwind/0.5/10/high' => -0.4, 'upwind/0.5/15/low' => -0.7, 'upwind/0.5/15/high' => -0.3, 'upwind/0.5/20/low' => -0.4, 'upwind/0.5/20/high' => 0.0, 'upwind/0.5/25/low' => -0.3, 'upwind/0.5/25/high' => 0.2, 'upwind/0.5/30/low' => -0.2, 'upwind/0.5/30/high' => 0.3, 'upwind/0.5/35/low' => -0.2, 'upwind/0.5/35/high' => 0.4, 'upwind/0.5/45/low' => 0.0,
        'upwind/1/10/low' => -1.3, 'upwind/1/10/high' => -0.6, 'upwind/1/15/low' => -1.0, 'upwind/1/15/high' => -0.5, 'upwind/1/20/low' => -0.7, 'upwind/1/20/high' => -0.3, 'upwind/1/25/low' => -0.5, 'upwind/1/25/high' => 0.0, 'upwind/1/30/low' => -0.3, 'upwind/1/30/high' => 0.2, 'upwind/1/35/low' => -0.2, 'upwind/1/35/high' => 0.3, 'upwind/1/45/low' => 0.0,
        'downwind/0.25/10' => -0.3, 'downwind/0.25/15' => -0.5, 'downwind/0.25/20' => -0.6,
        'downwind/0.5/10' => -0.5, 'downwind/0.5/15' => -0.5, 'downwind/0.5/20' => -0.6,
        'downwind/1/10' => -0.7, 'downwind/1/15' => -0.6, 'downwind/1/20' => -0.6,
        'k/edge' => 1.5, 'k/edge_near' => 2.0, 'k/ridge' => 1.5, 'k/ridge_near' => 2.0, 'k/corner' => 3.0,
    ],
];

<?php

declare(strict_types=1);

// Lag screws: sizes in inches, stresses in psi. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'NDS 2018, Appendix L2 and Table I1; §§12.1.4, 12.2.1, 12.3, 12.4.1, 11.3',
    'confidence' => 'high',
    'values' => [
        'root/1/4' => 0.173, 'root/5/16' => 0.227, 'root/3/8' => 0.265,
        'tip/1/4' => 5 / 32, 'tip/5/16' => 3 / 16, 'tip/3/8' => 7 / 32,
        'fyb/1/4' => 70_000.0, 'fyb/5/16' => 60_000.0, 'fyb/3/8' => 45_000.0,
        'unthreaded/1' => 0.25, 'unthreaded/1.5' => 0.25, 'unthreaded/2' => 0.5, 'unthreaded/2.5' => 0.75, 'unthreaded/3' => 1.0,
        'unthreaded/4' => 1.5, 'unthreaded/5' => 2.0, 'unthreaded/6' => 2.5, 'unthreaded/7' => 3.0, 'unthreaded/8' => 3.5,
        'unthreaded/9' => 4.0, 'unthreaded/10' => 4.75, 'unthreaded/12' => 6.0,
        'withdrawal' => 1800.0,
        'fes/steel_a36' => 87_000.0, 'fes/steel_a653_33' => 61_850.0,
        'cd/dead' => 0.9, 'cd/snow' => 1.15, 'cd/wind' => 1.6,
        'rd/iv' => ['value' => 3.2, 'confidence' => 'medium', 'note' => 'rd_iv'],
        // In a row, of lags that are pulled: Table 12.5.1E.
        'spacing' => 4.0,
        // Across the grain: §12.3.3, Table 12.3.1B with Kθ at a right angle, and the edge that is pushed against, Table 12.5.1C.
        'bearing_across' => 6100.0, 'bearing_across_power' => 1.45, 'k_across' => 1.25, 'edge_across' => 4.0,
        'edge' => 1.5, 'least_penetration' => 4.0, 'full_penetration' => 8.0,
    ],
];

<?php

declare(strict_types=1);

// Wood screws by their numbers: sizes in inches, stresses in psi. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'NDS 2018, Appendix L3 and Table I1; §§12.1.5, 12.2.2, 12.3, 12.4.2',
    'confidence' => 'high',
    'values' => [
        'root/8' => 0.131, 'root/10' => 0.152, 'root/12' => 0.171, 'root/14' => 0.196,
        'fyb/8' => ['value' => 90_000.0, 'confidence' => 'medium', 'note' => 'fyb_screw'],
        'fyb/10' => ['value' => 90_000.0, 'confidence' => 'medium', 'note' => 'fyb_screw'],
        'fyb/12' => ['value' => 80_000.0, 'confidence' => 'medium', 'note' => 'fyb_screw'],
        'fyb/14' => ['value' => 70_000.0, 'confidence' => 'medium', 'note' => 'fyb_screw'],
        'withdrawal' => 2850.0, 'bearing' => 16_600.0, 'bearing_power' => 1.84,
        'rd_per_in' => 10.0, 'rd_more' => 0.5,
        'edge' => ['value' => 2.5, 'confidence' => 'medium', 'note' => 'edge_screw'],
        'tip' => ['value' => 2.0, 'confidence' => 'medium', 'note' => 'tip_screw'],
        'least_penetration' => 6.0, 'full_penetration' => 10.0,
    ],
];

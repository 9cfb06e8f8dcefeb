<?php

declare(strict_types=1);

// Exposure coefficient by how the wind reaches the roof: windswept, normal, sheltered; Ct is 1. Shape coefficient μ1 up to 30°,
// to nothing at 60°; drifts: weight density in kN/m³, the least and the greatest μ2, least and greatest reach in m.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1991-1-3:2003, Tables 5.1 and 5.2, §§5.3, 6.2, recommended values',
    'confidence' => 'high',
    'values' => [
        'ce/fully' => 0.8, 'ce/partially' => 1.0, 'ce/sheltered' => 1.2,
        'mu1' => 0.8, 'drift/density' => 2.0, 'drift/least' => 0.8, 'drift/most' => 2.0, 'drift/shortest' => 5.0, 'drift/longest' => 15.0,
    ],
];

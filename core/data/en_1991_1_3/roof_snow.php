<?php

declare(strict_types=1);

// Exposure coefficient by how the wind reaches the roof: windswept, normal, sheltered; Ct is 1.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1991-1-3:2003, Table 5.1, recommended values',
    'confidence' => 'high',
    'values' => ['ce/fully' => 0.8, 'ce/partially' => 1.0, 'ce/sheltered' => 1.2],
];

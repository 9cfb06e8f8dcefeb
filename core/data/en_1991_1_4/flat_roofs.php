<?php

declare(strict_types=1);

// Sharp eaves; by zone, upward cpe,10 and cpe,1 as positive sizes, and the positive coefficient.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1991-1-4:2005+A1:2010, Table 7.2 (flat roofs, sharp eaves)',
    'confidence' => 'high',
    'values' => [
        'F/10' => 1.8, 'F/1' => 2.5, 'G/10' => 1.2, 'G/1' => 2.0, 'H/10' => 0.7, 'H/1' => 1.2, 'I/10' => 0.2, 'I/1' => 0.2, 'I/down' => 0.2,
    ],
];

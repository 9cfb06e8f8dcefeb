<?php

declare(strict_types=1);

// External pressure coefficients (GCp) at 10 ft² and less of roofs up to 7°, upward as positive sizes; "1p" is zone 1′.
// They fall with the area; the 10 ft² value is used for every area, on the safe side.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-16, Fig. 30.3-2A (flat, hip and gable roofs up to 7°)',
    'confidence' => 'high',
    'values' => ['1p' => 0.9, '1' => 1.7, '2' => 2.3, '3' => 3.2, 'down' => 0.3],
];

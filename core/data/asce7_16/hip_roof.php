<?php

declare(strict_types=1);

// External pressure coefficients (GCp) at 10 ft² and less, upward as positive sizes; "2e" stands for zone 3 at the eave too.
// From 7° to 20° those of tall roofs, h/B of 0.8 and more, which are the more severe; the rest is not remembered well enough.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-16, Figs. 30.3-2E, 30.3-2G (hip roofs)',
    'confidence' => 'medium',
    'values' => [
        '7-20/1' => 1.8, '7-20/2r' => 2.4, '7-20/down' => 0.7,
        '20-27/1' => 1.4, '20-27/2e' => 2.0, '20-27/2r' => 2.0, '20-27/down' => 0.7,
    ],
    'missing' => ['7-20/2e', '27-45/1', '27-45/2e', '27-45/2r', '27-45/down'],
];

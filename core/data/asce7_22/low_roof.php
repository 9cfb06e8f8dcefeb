<?php

declare(strict_types=1);

// As in the 2016 edition, Fig. 30.3-2A believed unchanged. "1p" is zone 1′.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-22, Fig. 30.3-2A (flat, hip and gable roofs up to 7°)',
    'confidence' => 'medium',
    'values' => ['1p' => 0.9, '1' => 1.7, '2' => 2.3, '3' => 3.2, 'down' => 0.3],
];

<?php

declare(strict_types=1);

// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-16, Table 4.3-1 and §4.8.2',
    'confidence' => 'medium',
    'values' => ['lr_psf' => 20.0, 'floor_psf' => 12.0],
];

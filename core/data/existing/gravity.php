<?php

declare(strict_types=1);

// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'IEBC (2018) §805.2 / (2021) §503.3, gravity loads on existing elements',
    'confidence' => 'high',
    'values' => ['ratio' => 1.05],
];

<?php

declare(strict_types=1);

// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'AS/NZS 1170.0:2002, §4.2.2',
    'confidence' => 'high',
    'values' => ['g_alone' => 1.35, 'g' => 1.2, 'g_least' => 0.9],
];

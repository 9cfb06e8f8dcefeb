<?php

declare(strict_types=1);

// By wind (on the eave, over the ridge, on a rake), angle in degrees and zone: upward cpe,10 and cpe,1 as positive sizes, and
// the positive coefficient. A sign that the table does not give is absent.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1991-1-4:2005+A1:2010, Tables 7.3a and 7.3b (monopitch roofs)',
    'confidence' => 'high',
    'values' => [
        'eave/5/F/10' => 1.7, 'eave/5/F/1' => 2.5, 'eave/5/F/down' => 0.0, 'eave/5/G/10' => 1.2, 'eave/5/G/1' => 2.0, 'eave/5/G/down' => 0.0, 'eave/5/H/10' => 0.6, 'eave/5/H/1' => 1.2, 'eave/5/H/down' => 0.0,
        'eave/15/F/10' => 0.9, 'eave/15/F/1' => 2.0, 'eave/15/F/down' => 0.2, 'eave/15/G/10' => 0.8, 'eave/15/G/1' => 1.5, 'eave/15/G/down' => 0.2, 'eave/15/H/10' => 0.3, 'eave/15/H/1' => 0.3, 'eave/15/H/down' => 0.2,
        'eave/30/F/10' => 0.5, 'eave/30/F/1' => 1.5, 'eave/30/F/down' => 0.7, 'eave/30/G/10' => 0.5, 'eave/30/G/1' => 1.5, 'eave/30/G/down' => 0.7, 'eave/30/H/10' => 0.2, 'eave/30/H/1' => 0.2, 'eave/30/H/down' => 0.4,
        'eave/45/F/10' => 0.0, 'eave/45/F/1' => 0.0, 'eave/45/F/down' => 0.7, 'eave/45/G/10' => 0.0, 'eave/45/G/1' => 0.0, 'eave/45/G/down' => 0.7, 'eave/45/H/10' => 0.0, 'eave/45/H/1' => 0.0, 'eave/45/H/down' => 0.6,
        'eave/60/F/down' => 0.7, 'eave/60/G/down' => 0.7, 'eave/60/H/down' => 0.7,
        'eave/75/F/down' => 0.8, 'eave/75/G/down' => 0.8, 'eave/75/H/down' => 0.8,
        'ridge/5/F/10' => 2.3, 'ridge/5/F/1' => 2.5, 'ridge/5/G/10' => 1.3, 'ridge/5/G/1' => 2.0, 'ridge/5/H/10' => 0.8, 'ridge/5/H/1' => 1.2,
        'ridge/15/F/10' => 2.5, 'ridge/15/F/1' => 2.8, 'ridge/15/G/10' => 1.3, 'ridge/15/G/1' => 2.0, 'ridge/15/H/10' => 0.9, 'ridge/15/H/1' => 1.2,
        'ridge/30/F/10' => 1.1, 'ridge/30/F/1' => 2.3, 'ridge/30/G/10' => 0.8, 'ridge/30/G/1' => 1.5, 'ridge/30/H/10' => 0.8, 'ridge/30/H/1' => 0.8,
        'ridge/45/F/10' => 0.6, 'ridge/45/F/1' => 1.3, 'ridge/45/G/10' => 0.5, 'ridge/45/G/1' => 0.5, 'ridge/45/H/10' => 0.7, 'ridge/45/H/1' => 0.7,
        'ridge/60/F/10' => 0.5, 'ridge/60/F/1' => 1.0, 'ridge/60/G/10' => 0.5, 'ridge/60/G/1' => 0.5, 'ridge/60/H/10' => 0.5, 'ridge/60/H/1' => 0.5,
        'ridge/75/F/10' => 0.5, 'ridge/75/F/1' => 1.0, 'ridge/75/G/10' => 0.5, 'ridge/75/G/1' => 0.5, 'ridge/75/H/10' => 0.5, 'ridge/75/H/1' => 0.5,
        'rake/5/Fup/10' => ['value' => 2.1, 'confidence' => 'medium'], 'rake/5/Fup/1' => ['value' => 2.6, 'confidence' => 'medium'], 'rake/5/Flow/10' => ['value' => 2.1, 'confidence' => 'medium'], 'rake/5/Flow/1' => ['value' => 2.4, 'confidence' => 'medium'], 'rake/5/G/10' => ['value' => 1.8, 'confidence' => 'medium'], 'rake/5/G/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/5/H/10' => ['value' => 0.6, 'confidence' => 'medium'], 'rake/5/H/1' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/5/I/10' => ['value' => 0.5, 'confidence' => 'medium'], 'rake/5/I/1' => ['value' => 0.5, 'confidence' => 'medium'],
        'rake/15/Fup/10' => ['value' => 2.4, 'confidence' => 'medium'], 'rake/15/Fup/1' => ['value' => 2.9, 'confidence' => 'medium'], 'rake/15/Flow/10' => ['value' => 1.6, 'confidence' => 'medium'], 'rake/15/Flow/1' => ['value' => 2.4, 'confidence' => 'medium'], 'rake/15/G/10' => ['value' => 1.9, 'confidence' => 'medium'], 'rake/15/G/1' => ['value' => 2.5, 'confidence' => 'medium'], 'rake/15/H/10' => ['value' => 0.8, 'confidence' => 'medium'], 'rake/15/H/1' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/15/I/10' => ['value' => 0.7, 'confidence' => 'medium'], 'rake/15/I/1' => ['value' => 1.2, 'confidence' => 'medium'],
        'rake/30/Fup/10' => ['value' => 2.1, 'confidence' => 'medium'], 'rake/30/Fup/1' => ['value' => 2.9, 'confidence' => 'medium'], 'rake/30/Flow/10' => ['value' => 1.3, 'confidence' => 'medium'], 'rake/30/Flow/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/30/G/10' => ['value' => 1.5, 'confidence' => 'medium'], 'rake/30/G/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/30/H/10' => ['value' => 1.0, 'confidence' => 'medium'], 'rake/30/H/1' => ['value' => 1.3, 'confidence' => 'medium'], 'rake/30/I/10' => ['value' => 0.8, 'confidence' => 'medium'], 'rake/30/I/1' => ['value' => 1.2, 'confidence' => 'medium'],
        'rake/45/Fup/10' => ['value' => 1.5, 'confidence' => 'medium'], 'rake/45/Fup/1' => ['value' => 2.4, 'confidence' => 'medium'], 'rake/45/Flow/10' => ['value' => 1.3, 'confidence' => 'medium'], 'rake/45/Flow/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/45/G/10' => ['value' => 1.4, 'confidence' => 'medium'], 'rake/45/G/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/45/H/10' => ['value' => 1.0, 'confidence' => 'medium'], 'rake/45/H/1' => ['value' => 1.3, 'confidence' => 'medium'], 'rake/45/I/10' => ['value' => 0.9, 'confidence' => 'medium'], 'rake/45/I/1' => ['value' => 1.2, 'confidence' => 'medium'],
        'rake/60/Fup/10' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/60/Fup/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/60/Flow/10' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/60/Flow/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/60/G/10' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/60/G/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/60/H/10' => ['value' => 1.0, 'confidence' => 'medium'], 'rake/60/H/1' => ['value' => 1.3, 'confidence' => 'medium'], 'rake/60/I/10' => ['value' => 0.7, 'confidence' => 'medium'], 'rake/60/I/1' => ['value' => 1.2, 'confidence' => 'medium'],
        'rake/75/Fup/10' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/75/Fup/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/75/Flow/10' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/75/Flow/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/75/G/10' => ['value' => 1.2, 'confidence' => 'medium'], 'rake/75/G/1' => ['value' => 2.0, 'confidence' => 'medium'], 'rake/75/H/10' => ['value' => 1.0, 'confidence' => 'medium'], 'rake/75/H/1' => ['value' => 1.3, 'confidence' => 'medium'], 'rake/75/I/10' => ['value' => 0.5, 'confidence' => 'medium'], 'rake/75/I/1' => ['value' => 0.5, 'confidence' => 'medium'],
    ],
];

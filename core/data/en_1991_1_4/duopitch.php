<?php

declare(strict_types=1);

// By wind (on the eave, over the ridge, on a rake), angle in degrees and zone: upward cpe,10 and cpe,1 as positive sizes, and
// the positive coefficient. A sign that the table does not give is absent.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1991-1-4:2005+A1:2010, Tables 7.4a and 7.4b (duopitch roofs)',
    'confidence' => 'high',
    'values' => [
        'eave/5/F/10' => 1.7, 'eave/5/F/1' => 2.5, 'eave/5/F/down' => 0.0, 'eave/5/G/10' => 1.2, 'eave/5/G/1' => 2.0, 'eave/5/G/down' => 0.0, 'eave/5/H/10' => 0.6, 'eave/5/H/1' => 1.2, 'eave/5/H/down' => 0.0,
        'eave/15/F/10' => 0.9, 'eave/15/F/1' => 2.0, 'eave/15/F/down' => 0.2, 'eave/15/G/10' => 0.8, 'eave/15/G/1' => 1.5, 'eave/15/G/down' => 0.2, 'eave/15/H/10' => 0.3, 'eave/15/H/1' => 0.3, 'eave/15/H/down' => 0.2,
        'eave/30/F/10' => 0.5, 'eave/30/F/1' => 1.5, 'eave/30/F/down' => 0.7, 'eave/30/G/10' => 0.5, 'eave/30/G/1' => 1.5, 'eave/30/G/down' => 0.7, 'eave/30/H/10' => 0.2, 'eave/30/H/1' => 0.2, 'eave/30/H/down' => 0.4,
        'eave/45/F/10' => 0.0, 'eave/45/F/1' => 0.0, 'eave/45/F/down' => 0.7, 'eave/45/G/10' => 0.0, 'eave/45/G/1' => 0.0, 'eave/45/G/down' => 0.7, 'eave/45/H/10' => 0.0, 'eave/45/H/1' => 0.0, 'eave/45/H/down' => 0.6,
        'eave/60/F/down' => 0.7, 'eave/60/G/down' => 0.7, 'eave/60/H/down' => 0.7,
        'eave/75/F/down' => 0.8, 'eave/75/G/down' => 0.8, 'eave/75/H/down' => 0.8,
        'ridge/5/I/10' => ['value' => 0.6, 'confidence' => 'medium'], 'ridge/5/I/1' => ['value' => 0.6, 'confidence' => 'medium'], 'ridge/5/I/down' => ['value' => 0.0, 'confidence' => 'medium'], 'ridge/5/J/10' => ['value' => 0.6, 'confidence' => 'medium'], 'ridge/5/J/1' => ['value' => 0.6, 'confidence' => 'medium'], 'ridge/5/J/down' => ['value' => 0.2, 'confidence' => 'medium'],
        'ridge/15/I/10' => 0.4, 'ridge/15/I/1' => 0.4, 'ridge/15/I/down' => 0.0, 'ridge/15/J/10' => 1.0, 'ridge/15/J/1' => 1.5, 'ridge/15/J/down' => 0.0,
        'ridge/30/I/10' => 0.4, 'ridge/30/I/1' => 0.4, 'ridge/30/I/down' => 0.0, 'ridge/30/J/10' => 0.5, 'ridge/30/J/1' => 0.5, 'ridge/30/J/down' => 0.0,
        'ridge/45/I/10' => 0.2, 'ridge/45/I/1' => 0.2, 'ridge/45/I/down' => 0.0, 'ridge/45/J/10' => 0.3, 'ridge/45/J/1' => 0.3, 'ridge/45/J/down' => 0.0,
        'ridge/60/I/10' => 0.2, 'ridge/60/I/1' => 0.2, 'ridge/60/J/10' => 0.3, 'ridge/60/J/1' => 0.3,
        'ridge/75/I/10' => 0.2, 'ridge/75/I/1' => 0.2, 'ridge/75/J/10' => 0.3, 'ridge/75/J/1' => 0.3,
        'rake/5/F/10' => 1.6, 'rake/5/F/1' => 2.2, 'rake/5/G/10' => 1.3, 'rake/5/G/1' => 2.0, 'rake/5/H/10' => 0.7, 'rake/5/H/1' => 1.2, 'rake/5/I/10' => 0.6, 'rake/5/I/1' => 0.6,
        'rake/15/F/10' => 1.3, 'rake/15/F/1' => 2.0, 'rake/15/G/10' => 1.3, 'rake/15/G/1' => 2.0, 'rake/15/H/10' => 0.6, 'rake/15/H/1' => 1.2, 'rake/15/I/10' => 0.5, 'rake/15/I/1' => 0.5,
        'rake/30/F/10' => 1.1, 'rake/30/F/1' => 1.5, 'rake/30/G/10' => 1.4, 'rake/30/G/1' => 2.0, 'rake/30/H/10' => 0.8, 'rake/30/H/1' => 1.2, 'rake/30/I/10' => 0.5, 'rake/30/I/1' => 0.5,
        'rake/45/F/10' => 1.1, 'rake/45/F/1' => 1.5, 'rake/45/G/10' => 1.4, 'rake/45/G/1' => 2.0, 'rake/45/H/10' => 0.9, 'rake/45/H/1' => 1.2, 'rake/45/I/10' => 0.5, 'rake/45/I/1' => 0.5,
        'rake/60/F/10' => 1.1, 'rake/60/F/1' => 1.5, 'rake/60/G/10' => 1.2, 'rake/60/G/1' => 2.0, 'rake/60/H/10' => 0.8, 'rake/60/H/1' => 1.0, 'rake/60/I/10' => 0.5, 'rake/60/I/1' => 0.5,
        'rake/75/F/10' => 1.1, 'rake/75/F/1' => 1.5, 'rake/75/G/10' => 1.2, 'rake/75/G/1' => 2.0, 'rake/75/H/10' => 0.8, 'rake/75/H/1' => 1.0, 'rake/75/I/10' => 0.5, 'rake/75/I/1' => 0.5,
    ],
];

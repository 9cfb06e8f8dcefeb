<?php

declare(strict_types=1);

// Recommended values. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1990:2002, Tables A1.1, A1.2(A), A1.2(B), recommended values',
    'confidence' => 'high',
    'values' => ['gamma_g' => 1.35, 'gamma_g_least' => 0.9, 'gamma_q' => 1.5, 'psi0/wind' => 0.6, 'psi0/snow' => 0.5, 'psi0/snow_high' => 0.7],
];

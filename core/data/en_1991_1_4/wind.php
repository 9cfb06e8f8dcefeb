<?php

declare(strict_types=1);

// Lengths in m, density in kg/m³. Recommended values; a national annex may replace them.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1991-1-4:2005+A1:2010, §4, Table 4.1, recommended values',
    'confidence' => 'high',
    'values' => [
        'rho' => 1.25, 'kr' => 0.19, 'ki' => 1.0,
        'z0/0' => 0.003, 'z0/I' => 0.01, 'z0/II' => 0.05, 'z0/III' => 0.3, 'z0/IV' => 1.0,
        // Under 1.5 m, the lowest roof that is planned, the two flattest terrains have no bound that counts.
        'z_min/II' => 2.0, 'z_min/III' => 5.0, 'z_min/IV' => 10.0,
    ],
];

<?php

declare(strict_types=1);

// Axial strength of screws with their thread in the member: densities in kg/m³. kmod of service classes 1 and 2 by the
// shortest action; the one of permanent action is recalled apart from the rest.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'EN 1995-1-1:2004+A1:2008, §8.7.2, Eqs. 8.38 to 8.40, Tables 2.3 and 3.1; EN 338 and EN 14080 for densities',
    'confidence' => 'high',
    'values' => [
        'fax' => 0.52, 'gamma_m' => 1.3,
        'kmod/dead' => ['value' => 0.6, 'confidence' => 'medium'], 'kmod/snow' => 0.9, 'kmod/wind' => 1.1,
        'rho/C16' => 310.0, 'rho/C24' => 350.0, 'rho/GL24h' => 385.0,
        'least_length' => 6.0,
    ],
];

<?php

declare(strict_types=1);

// Regional wind speed V = f·(a − b·R^c) in m/s, rounded to the metre, R the average recurrence interval in years.
// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'AS/NZS 1170.2:2011, Table 3.1 and the equations beside it; 2021 where marked',
    'confidence' => 'high',
    'values' => [
        'A/a' => 67.0, 'A/b' => 41.0, 'A/c' => -0.1, 'W/a' => 104.0, 'W/b' => 70.0, 'W/c' => -0.045, 'B/a' => 106.0, 'B/b' => 92.0, 'B/c' => -0.1,
        'C/a' => 122.0, 'C/b' => 104.0, 'C/c' => -0.1, 'D/a' => 156.0, 'D/b' => 142.0, 'D/c' => -0.1,
        // Uncertainty factors of 2011, for R of 50 years and more.
        'f/C' => 1.05, 'f/D' => 1.10,
        // Climate change multiplier of 2021.
        'mc' => ['value' => 1.05, 'confidence' => 'medium'],
        'ari/I' => 100.0, 'ari/II' => 500.0, 'ari/III' => 1000.0, 'ari/IV' => 2000.0, 'ari/I_cyclonic' => 200.0, 'ari/IV_new_zealand' => 2500.0,
        'least' => 30.0, 'rho' => 1.2,
    ],
];

<?php

declare(strict_types=1);

// IBC Table 1609.3.1 (strength-level to allowable-stress wind speed, mph), whole numbers.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Table 1609.3.1, 110 mph' => ['strength_mph' => 110.0, 'allowable_mph' => 85.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 115 mph' => ['strength_mph' => 115.0, 'allowable_mph' => 89.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 120 mph' => ['strength_mph' => 120.0, 'allowable_mph' => 93.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 130 mph' => ['strength_mph' => 130.0, 'allowable_mph' => 101.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 140 mph' => ['strength_mph' => 140.0, 'allowable_mph' => 108.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 150 mph' => ['strength_mph' => 150.0, 'allowable_mph' => 116.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 160 mph' => ['strength_mph' => 160.0, 'allowable_mph' => 124.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 170 mph' => ['strength_mph' => 170.0, 'allowable_mph' => 132.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 180 mph' => ['strength_mph' => 180.0, 'allowable_mph' => 139.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 190 mph' => ['strength_mph' => 190.0, 'allowable_mph' => 147.0, 'tolerance_mph' => 0.66],
    'Table 1609.3.1, 200 mph' => ['strength_mph' => 200.0, 'allowable_mph' => 155.0, 'tolerance_mph' => 0.66],
];

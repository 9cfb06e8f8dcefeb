<?php

declare(strict_types=1);

// ASCE/SEI 7-16, Table 26.9-1 (Ke), printed to two decimals.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Table 26.9-1, 0 ft' => ['elevation_ft' => 0.0, 'ke' => 1.00, 'tolerance' => 0.006],
    'Table 26.9-1, 1000 ft' => ['elevation_ft' => 1000.0, 'ke' => 0.96, 'tolerance' => 0.006],
    'Table 26.9-1, 2000 ft' => ['elevation_ft' => 2000.0, 'ke' => 0.93, 'tolerance' => 0.006],
    'Table 26.9-1, 3000 ft' => ['elevation_ft' => 3000.0, 'ke' => 0.90, 'tolerance' => 0.006],
    'Table 26.9-1, 4000 ft' => ['elevation_ft' => 4000.0, 'ke' => 0.86, 'tolerance' => 0.006],
    'Table 26.9-1, 5000 ft' => ['elevation_ft' => 5000.0, 'ke' => 0.83, 'tolerance' => 0.006],
    'Table 26.9-1, 6000 ft' => ['elevation_ft' => 6000.0, 'ke' => 0.80, 'tolerance' => 0.006],
];

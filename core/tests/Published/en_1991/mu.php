<?php

declare(strict_types=1);

// EN 1991-1-3:2003, Table 5.2 (μ1 where snow slides off).
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Table 5.2, μ1, 0°' => ['degrees' => 0.0, 'mu' => 0.8, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 5°' => ['degrees' => 5.0, 'mu' => 0.8, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 10°' => ['degrees' => 10.0, 'mu' => 0.8, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 15°' => ['degrees' => 15.0, 'mu' => 0.8, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 20°' => ['degrees' => 20.0, 'mu' => 0.8, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 25°' => ['degrees' => 25.0, 'mu' => 0.8, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 30°' => ['degrees' => 30.0, 'mu' => 0.8, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 35°' => ['degrees' => 35.0, 'mu' => 0.667, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 40°' => ['degrees' => 40.0, 'mu' => 0.533, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 45°' => ['degrees' => 45.0, 'mu' => 0.4, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 50°' => ['degrees' => 50.0, 'mu' => 0.267, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 55°' => ['degrees' => 55.0, 'mu' => 0.133, 'tolerance' => 0.0005],
    'Table 5.2, μ1, 60°' => ['degrees' => 60.0, 'mu' => 0.0, 'tolerance' => 0.0005],
];

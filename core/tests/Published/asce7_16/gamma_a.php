<?php

declare(strict_types=1);

// ASCE/SEI 7-16, Fig. 29.4-8 (γa), to three decimals.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Fig. 29.4-8, 5 ft2' => ['area_ft2' => 5.0, 'gamma_a' => 0.800, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 10 ft2' => ['area_ft2' => 10.0, 'gamma_a' => 0.800, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 15 ft2' => ['area_ft2' => 15.0, 'gamma_a' => 0.730, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 17.5 ft2' => ['area_ft2' => 17.5, 'gamma_a' => 0.703, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 20 ft2' => ['area_ft2' => 20.0, 'gamma_a' => 0.680, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 25 ft2' => ['area_ft2' => 25.0, 'gamma_a' => 0.641, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 30 ft2' => ['area_ft2' => 30.0, 'gamma_a' => 0.609, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 40 ft2' => ['area_ft2' => 40.0, 'gamma_a' => 0.559, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 50 ft2' => ['area_ft2' => 50.0, 'gamma_a' => 0.520, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 75 ft2' => ['area_ft2' => 75.0, 'gamma_a' => 0.450, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 100 ft2' => ['area_ft2' => 100.0, 'gamma_a' => 0.400, 'tolerance' => 0.0005],
    'Fig. 29.4-8, 200 ft2' => ['area_ft2' => 200.0, 'gamma_a' => 0.400, 'tolerance' => 0.0005],
];

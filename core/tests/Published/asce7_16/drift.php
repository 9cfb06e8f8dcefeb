<?php

declare(strict_types=1);

// ASCE/SEI 7-16, Fig. 7.6-1 (drift height, Is = 1) by its equation, to two decimals.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Fig. 7.6-1, lu 20 ft, pg 20 psf' => ['lu_ft' => 20.0, 'ground_psf' => 20.0, 'hd_ft' => 1.23, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 20 ft, pg 30 psf' => ['lu_ft' => 20.0, 'ground_psf' => 30.0, 'hd_ft' => 1.44, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 20 ft, pg 40 psf' => ['lu_ft' => 20.0, 'ground_psf' => 40.0, 'hd_ft' => 1.60, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 20 ft, pg 50 psf' => ['lu_ft' => 20.0, 'ground_psf' => 50.0, 'hd_ft' => 1.75, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 20 ft, pg 70 psf' => ['lu_ft' => 20.0, 'ground_psf' => 70.0, 'hd_ft' => 1.99, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 20 ft, pg 100 psf' => ['lu_ft' => 20.0, 'ground_psf' => 100.0, 'hd_ft' => 2.28, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 25 ft, pg 20 psf' => ['lu_ft' => 25.0, 'ground_psf' => 20.0, 'hd_ft' => 1.44, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 25 ft, pg 30 psf' => ['lu_ft' => 25.0, 'ground_psf' => 30.0, 'hd_ft' => 1.66, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 25 ft, pg 40 psf' => ['lu_ft' => 25.0, 'ground_psf' => 40.0, 'hd_ft' => 1.84, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 25 ft, pg 50 psf' => ['lu_ft' => 25.0, 'ground_psf' => 50.0, 'hd_ft' => 2.00, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 25 ft, pg 70 psf' => ['lu_ft' => 25.0, 'ground_psf' => 70.0, 'hd_ft' => 2.26, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 25 ft, pg 100 psf' => ['lu_ft' => 25.0, 'ground_psf' => 100.0, 'hd_ft' => 2.57, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 50 ft, pg 20 psf' => ['lu_ft' => 50.0, 'ground_psf' => 20.0, 'hd_ft' => 2.21, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 50 ft, pg 30 psf' => ['lu_ft' => 50.0, 'ground_psf' => 30.0, 'hd_ft' => 2.48, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 50 ft, pg 40 psf' => ['lu_ft' => 50.0, 'ground_psf' => 40.0, 'hd_ft' => 2.71, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 50 ft, pg 50 psf' => ['lu_ft' => 50.0, 'ground_psf' => 50.0, 'hd_ft' => 2.91, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 50 ft, pg 70 psf' => ['lu_ft' => 50.0, 'ground_psf' => 70.0, 'hd_ft' => 3.24, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 50 ft, pg 100 psf' => ['lu_ft' => 50.0, 'ground_psf' => 100.0, 'hd_ft' => 3.63, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 100 ft, pg 20 psf' => ['lu_ft' => 100.0, 'ground_psf' => 20.0, 'hd_ft' => 3.17, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 100 ft, pg 30 psf' => ['lu_ft' => 100.0, 'ground_psf' => 30.0, 'hd_ft' => 3.52, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 100 ft, pg 40 psf' => ['lu_ft' => 100.0, 'ground_psf' => 40.0, 'hd_ft' => 3.81, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 100 ft, pg 50 psf' => ['lu_ft' => 100.0, 'ground_psf' => 50.0, 'hd_ft' => 4.05, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 100 ft, pg 70 psf' => ['lu_ft' => 100.0, 'ground_psf' => 70.0, 'hd_ft' => 4.47, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 100 ft, pg 100 psf' => ['lu_ft' => 100.0, 'ground_psf' => 100.0, 'hd_ft' => 4.96, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 200 ft, pg 20 psf' => ['lu_ft' => 200.0, 'ground_psf' => 20.0, 'hd_ft' => 4.39, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 200 ft, pg 30 psf' => ['lu_ft' => 200.0, 'ground_psf' => 30.0, 'hd_ft' => 4.82, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 200 ft, pg 40 psf' => ['lu_ft' => 200.0, 'ground_psf' => 40.0, 'hd_ft' => 5.19, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 200 ft, pg 50 psf' => ['lu_ft' => 200.0, 'ground_psf' => 50.0, 'hd_ft' => 5.50, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 200 ft, pg 70 psf' => ['lu_ft' => 200.0, 'ground_psf' => 70.0, 'hd_ft' => 6.02, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 200 ft, pg 100 psf' => ['lu_ft' => 200.0, 'ground_psf' => 100.0, 'hd_ft' => 6.64, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 400 ft, pg 20 psf' => ['lu_ft' => 400.0, 'ground_psf' => 20.0, 'hd_ft' => 5.91, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 400 ft, pg 30 psf' => ['lu_ft' => 400.0, 'ground_psf' => 30.0, 'hd_ft' => 6.47, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 400 ft, pg 40 psf' => ['lu_ft' => 400.0, 'ground_psf' => 40.0, 'hd_ft' => 6.92, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 400 ft, pg 50 psf' => ['lu_ft' => 400.0, 'ground_psf' => 50.0, 'hd_ft' => 7.32, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 400 ft, pg 70 psf' => ['lu_ft' => 400.0, 'ground_psf' => 70.0, 'hd_ft' => 7.98, 'tolerance_ft' => 0.0051],
    'Fig. 7.6-1, lu 400 ft, pg 100 psf' => ['lu_ft' => 400.0, 'ground_psf' => 100.0, 'hd_ft' => 8.76, 'tolerance_ft' => 0.0051],
];

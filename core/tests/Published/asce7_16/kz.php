<?php

declare(strict_types=1);

// ASCE/SEI 7-16, Table 26.10-1 (Kz), printed to two decimals and truncated in a few cells: tolerance 0.008.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Table 26.10-1, exposure B, 15 ft' => ['exposure' => 'B', 'height_ft' => 15.0, 'kz' => 0.57, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 15 ft' => ['exposure' => 'C', 'height_ft' => 15.0, 'kz' => 0.85, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 15 ft' => ['exposure' => 'D', 'height_ft' => 15.0, 'kz' => 1.03, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 20 ft' => ['exposure' => 'B', 'height_ft' => 20.0, 'kz' => 0.62, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 20 ft' => ['exposure' => 'C', 'height_ft' => 20.0, 'kz' => 0.90, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 20 ft' => ['exposure' => 'D', 'height_ft' => 20.0, 'kz' => 1.08, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 25 ft' => ['exposure' => 'B', 'height_ft' => 25.0, 'kz' => 0.66, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 25 ft' => ['exposure' => 'C', 'height_ft' => 25.0, 'kz' => 0.94, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 25 ft' => ['exposure' => 'D', 'height_ft' => 25.0, 'kz' => 1.12, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 30 ft' => ['exposure' => 'B', 'height_ft' => 30.0, 'kz' => 0.70, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 30 ft' => ['exposure' => 'C', 'height_ft' => 30.0, 'kz' => 0.98, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 30 ft' => ['exposure' => 'D', 'height_ft' => 30.0, 'kz' => 1.16, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 40 ft' => ['exposure' => 'B', 'height_ft' => 40.0, 'kz' => 0.76, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 40 ft' => ['exposure' => 'C', 'height_ft' => 40.0, 'kz' => 1.04, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 40 ft' => ['exposure' => 'D', 'height_ft' => 40.0, 'kz' => 1.22, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 50 ft' => ['exposure' => 'B', 'height_ft' => 50.0, 'kz' => 0.81, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 50 ft' => ['exposure' => 'C', 'height_ft' => 50.0, 'kz' => 1.09, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 50 ft' => ['exposure' => 'D', 'height_ft' => 50.0, 'kz' => 1.27, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 60 ft' => ['exposure' => 'B', 'height_ft' => 60.0, 'kz' => 0.85, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 60 ft' => ['exposure' => 'C', 'height_ft' => 60.0, 'kz' => 1.13, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 60 ft' => ['exposure' => 'D', 'height_ft' => 60.0, 'kz' => 1.31, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 70 ft' => ['exposure' => 'B', 'height_ft' => 70.0, 'kz' => 0.89, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 70 ft' => ['exposure' => 'C', 'height_ft' => 70.0, 'kz' => 1.17, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 70 ft' => ['exposure' => 'D', 'height_ft' => 70.0, 'kz' => 1.34, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 80 ft' => ['exposure' => 'B', 'height_ft' => 80.0, 'kz' => 0.93, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 80 ft' => ['exposure' => 'C', 'height_ft' => 80.0, 'kz' => 1.21, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 80 ft' => ['exposure' => 'D', 'height_ft' => 80.0, 'kz' => 1.38, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 90 ft' => ['exposure' => 'B', 'height_ft' => 90.0, 'kz' => 0.96, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 90 ft' => ['exposure' => 'C', 'height_ft' => 90.0, 'kz' => 1.24, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 90 ft' => ['exposure' => 'D', 'height_ft' => 90.0, 'kz' => 1.40, 'tolerance' => 0.008],
    'Table 26.10-1, exposure B, 100 ft' => ['exposure' => 'B', 'height_ft' => 100.0, 'kz' => 0.99, 'tolerance' => 0.008],
    'Table 26.10-1, exposure C, 100 ft' => ['exposure' => 'C', 'height_ft' => 100.0, 'kz' => 1.26, 'tolerance' => 0.008],
    'Table 26.10-1, exposure D, 100 ft' => ['exposure' => 'D', 'height_ft' => 100.0, 'kz' => 1.43, 'tolerance' => 0.008],
];

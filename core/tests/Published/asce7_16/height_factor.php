<?php

declare(strict_types=1);

// IRC 2018, Table R301.2(3): height and exposure adjustment, which is Kz/0.70 of ASCE/SEI 7-16.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Table R301.2(3), exposure C, 15 ft' => ['exposure' => 'C', 'height_ft' => 15.0, 'factor' => 1.21, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 15 ft' => ['exposure' => 'D', 'height_ft' => 15.0, 'factor' => 1.47, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 20 ft' => ['exposure' => 'C', 'height_ft' => 20.0, 'factor' => 1.29, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 20 ft' => ['exposure' => 'D', 'height_ft' => 20.0, 'factor' => 1.55, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 25 ft' => ['exposure' => 'C', 'height_ft' => 25.0, 'factor' => 1.35, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 25 ft' => ['exposure' => 'D', 'height_ft' => 25.0, 'factor' => 1.61, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 30 ft' => ['exposure' => 'C', 'height_ft' => 30.0, 'factor' => 1.4, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 30 ft' => ['exposure' => 'D', 'height_ft' => 30.0, 'factor' => 1.66, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 35 ft' => ['exposure' => 'C', 'height_ft' => 35.0, 'factor' => 1.45, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 35 ft' => ['exposure' => 'D', 'height_ft' => 35.0, 'factor' => 1.7, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 40 ft' => ['exposure' => 'C', 'height_ft' => 40.0, 'factor' => 1.49, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 40 ft' => ['exposure' => 'D', 'height_ft' => 40.0, 'factor' => 1.74, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 45 ft' => ['exposure' => 'C', 'height_ft' => 45.0, 'factor' => 1.53, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 45 ft' => ['exposure' => 'D', 'height_ft' => 45.0, 'factor' => 1.78, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 50 ft' => ['exposure' => 'C', 'height_ft' => 50.0, 'factor' => 1.56, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 50 ft' => ['exposure' => 'D', 'height_ft' => 50.0, 'factor' => 1.81, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 55 ft' => ['exposure' => 'C', 'height_ft' => 55.0, 'factor' => 1.59, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 55 ft' => ['exposure' => 'D', 'height_ft' => 55.0, 'factor' => 1.84, 'tolerance' => 0.01],
    'Table R301.2(3), exposure C, 60 ft' => ['exposure' => 'C', 'height_ft' => 60.0, 'factor' => 1.62, 'tolerance' => 0.01],
    'Table R301.2(3), exposure D, 60 ft' => ['exposure' => 'D', 'height_ft' => 60.0, 'factor' => 1.87, 'tolerance' => 0.01],
    'Table R301.2(3), exposure B, 30 ft' => ['exposure' => 'B', 'height_ft' => 30.0, 'factor' => 1.0, 'tolerance' => 0.01],
    'Table R301.2(3), exposure B, 35 ft' => ['exposure' => 'B', 'height_ft' => 35.0, 'factor' => 1.05, 'tolerance' => 0.01],
    'Table R301.2(3), exposure B, 40 ft' => ['exposure' => 'B', 'height_ft' => 40.0, 'factor' => 1.09, 'tolerance' => 0.01],
    'Table R301.2(3), exposure B, 45 ft' => ['exposure' => 'B', 'height_ft' => 45.0, 'factor' => 1.12, 'tolerance' => 0.01],
    'Table R301.2(3), exposure B, 50 ft' => ['exposure' => 'B', 'height_ft' => 50.0, 'factor' => 1.16, 'tolerance' => 0.01],
    'Table R301.2(3), exposure B, 55 ft' => ['exposure' => 'B', 'height_ft' => 55.0, 'factor' => 1.19, 'tolerance' => 0.01],
    'Table R301.2(3), exposure B, 60 ft' => ['exposure' => 'B', 'height_ft' => 60.0, 'factor' => 1.22, 'tolerance' => 0.01],
];

<?php

declare(strict_types=1);

// ASCE/SEI 7-22, Table 26.10-1 and its equation (Kz).
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    '§26.10.1 by the equation, exposure B, 15 ft' => ['exposure' => 'B', 'height_ft' => 15.0, 'kz' => 0.573, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 20 ft' => ['exposure' => 'B', 'height_ft' => 20.0, 'kz' => 0.619, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 25 ft' => ['exposure' => 'B', 'height_ft' => 25.0, 'kz' => 0.656, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 30 ft' => ['exposure' => 'B', 'height_ft' => 30.0, 'kz' => 0.689, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 40 ft' => ['exposure' => 'B', 'height_ft' => 40.0, 'kz' => 0.744, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 50 ft' => ['exposure' => 'B', 'height_ft' => 50.0, 'kz' => 0.79, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 60 ft' => ['exposure' => 'B', 'height_ft' => 60.0, 'kz' => 0.829, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 70 ft' => ['exposure' => 'B', 'height_ft' => 70.0, 'kz' => 0.864, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 80 ft' => ['exposure' => 'B', 'height_ft' => 80.0, 'kz' => 0.895, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 90 ft' => ['exposure' => 'B', 'height_ft' => 90.0, 'kz' => 0.924, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure B, 100 ft' => ['exposure' => 'B', 'height_ft' => 100.0, 'kz' => 0.95, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 15 ft' => ['exposure' => 'C', 'height_ft' => 15.0, 'kz' => 0.851, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 20 ft' => ['exposure' => 'C', 'height_ft' => 20.0, 'kz' => 0.903, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 25 ft' => ['exposure' => 'C', 'height_ft' => 25.0, 'kz' => 0.945, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 30 ft' => ['exposure' => 'C', 'height_ft' => 30.0, 'kz' => 0.98, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 40 ft' => ['exposure' => 'C', 'height_ft' => 40.0, 'kz' => 1.04, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 50 ft' => ['exposure' => 'C', 'height_ft' => 50.0, 'kz' => 1.088, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 60 ft' => ['exposure' => 'C', 'height_ft' => 60.0, 'kz' => 1.129, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 70 ft' => ['exposure' => 'C', 'height_ft' => 70.0, 'kz' => 1.166, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 80 ft' => ['exposure' => 'C', 'height_ft' => 80.0, 'kz' => 1.198, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 90 ft' => ['exposure' => 'C', 'height_ft' => 90.0, 'kz' => 1.227, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure C, 100 ft' => ['exposure' => 'C', 'height_ft' => 100.0, 'kz' => 1.254, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 15 ft' => ['exposure' => 'D', 'height_ft' => 15.0, 'kz' => 1.035, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 20 ft' => ['exposure' => 'D', 'height_ft' => 20.0, 'kz' => 1.088, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 25 ft' => ['exposure' => 'D', 'height_ft' => 25.0, 'kz' => 1.131, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 30 ft' => ['exposure' => 'D', 'height_ft' => 30.0, 'kz' => 1.168, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 40 ft' => ['exposure' => 'D', 'height_ft' => 40.0, 'kz' => 1.228, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 50 ft' => ['exposure' => 'D', 'height_ft' => 50.0, 'kz' => 1.276, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 60 ft' => ['exposure' => 'D', 'height_ft' => 60.0, 'kz' => 1.317, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 70 ft' => ['exposure' => 'D', 'height_ft' => 70.0, 'kz' => 1.353, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 80 ft' => ['exposure' => 'D', 'height_ft' => 80.0, 'kz' => 1.385, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 90 ft' => ['exposure' => 'D', 'height_ft' => 90.0, 'kz' => 1.413, 'tolerance' => 0.0006],
    '§26.10.1 by the equation, exposure D, 100 ft' => ['exposure' => 'D', 'height_ft' => 100.0, 'kz' => 1.44, 'tolerance' => 0.0006],
    'Table 26.10-1, exposure C, 30 ft' => ['exposure' => 'C', 'height_ft' => 30.0, 'kz' => 0.98, 'tolerance' => 0.005],
    'Table 26.10-1, exposure C, 33 ft' => ['exposure' => 'C', 'height_ft' => 33.0, 'kz' => 1.0, 'tolerance' => 0.005],
];

<?php

declare(strict_types=1);

// ASCE/SEI 7-16, Fig. 26.8-1 (K1), printed to two decimals.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Fig. 26.8-1, 2-D escarpment, exposure C, H/Lh 0.25' => ['shape' => 'escarpment', 'slope' => 0.25, 'k1' => 0.21, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D escarpment, exposure C, H/Lh 0.3' => ['shape' => 'escarpment', 'slope' => 0.3, 'k1' => 0.26, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D escarpment, exposure C, H/Lh 0.35' => ['shape' => 'escarpment', 'slope' => 0.35, 'k1' => 0.3, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D escarpment, exposure C, H/Lh 0.4' => ['shape' => 'escarpment', 'slope' => 0.4, 'k1' => 0.34, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D escarpment, exposure C, H/Lh 0.45' => ['shape' => 'escarpment', 'slope' => 0.45, 'k1' => 0.38, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D escarpment, exposure C, H/Lh 0.5' => ['shape' => 'escarpment', 'slope' => 0.5, 'k1' => 0.43, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D ridge, exposure C, H/Lh 0.2' => ['shape' => 'ridge', 'slope' => 0.2, 'k1' => 0.29, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D ridge, exposure C, H/Lh 0.25' => ['shape' => 'ridge', 'slope' => 0.25, 'k1' => 0.36, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D ridge, exposure C, H/Lh 0.3' => ['shape' => 'ridge', 'slope' => 0.3, 'k1' => 0.43, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D ridge, exposure C, H/Lh 0.35' => ['shape' => 'ridge', 'slope' => 0.35, 'k1' => 0.51, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D ridge, exposure C, H/Lh 0.4' => ['shape' => 'ridge', 'slope' => 0.4, 'k1' => 0.58, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D ridge, exposure C, H/Lh 0.45' => ['shape' => 'ridge', 'slope' => 0.45, 'k1' => 0.65, 'tolerance' => 0.0051],
    'Fig. 26.8-1, 2-D ridge, exposure C, H/Lh 0.5' => ['shape' => 'ridge', 'slope' => 0.5, 'k1' => 0.72, 'tolerance' => 0.0051],
];

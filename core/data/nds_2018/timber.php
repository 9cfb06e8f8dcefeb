<?php

declare(strict_types=1);

// Timbers that stand wet and incised: factors of the reference values, by whether they are under 5 in thick (dimension lumber) or not; reference values in
// psi up to which bending and compression are spared when wet; K of a column that is free at its top. Recalled, not read from the printed document: confirm
// against your copy.
return [
    'source' => 'NDS 2018, §4.3.8, Appendix G; NDS Supplement 2018, Tables 4A, 4D',
    'confidence' => 'medium',
    'values' => [
        'wet/fb' => 0.85, 'wet/ft' => 1.0, 'wet/fv' => 0.97, 'wet/fc' => 0.8, 'wet/e' => 0.9,
        'wet_thick/fb' => 1.0, 'wet_thick/ft' => 1.0, 'wet_thick/fv' => 1.0, 'wet_thick/fc' => 0.91, 'wet_thick/e' => 1.0,
        'wet_spared/fb' => 1150.0, 'wet_spared/fc' => 750.0, 'thick_from_in' => 4.5,
        'incised/strength' => 0.80, 'incised/modulus' => 0.95, 'k_free_top' => 2.1,
    ],
];

<?php

declare(strict_types=1);

// Bending, Fb in psi, by species group and visual grade, for members 2 to 4 in thick, and the size factor CF by actual depth
// in inches. Southern pine and the less usual groups are left out. Recalled, not read from the printed document: confirm
// against your copy.
return [
    'source' => 'NDS Supplement 2018, Table 4A; repetitive members NDS 2018 §4.3.9',
    'confidence' => 'medium',
    'values' => [
        'fb/douglas_fir_larch/select_structural' => 1500.0, 'fb/douglas_fir_larch/no_1' => 1000.0, 'fb/douglas_fir_larch/no_2' => 900.0, 'fb/douglas_fir_larch/no_3' => 525.0,
        'fb/hem_fir/select_structural' => 1400.0, 'fb/hem_fir/no_1' => 975.0, 'fb/hem_fir/no_2' => 850.0, 'fb/hem_fir/no_3' => 500.0,
        'fb/spruce_pine_fir/select_structural' => 1250.0, 'fb/spruce_pine_fir/no_1' => 875.0, 'fb/spruce_pine_fir/no_2' => 875.0, 'fb/spruce_pine_fir/no_3' => 500.0,
        'cf/3.5' => 1.5, 'cf/5.5' => 1.3, 'cf/7.25' => 1.2, 'cf/9.25' => 1.1, 'cf/11.25' => 1.0,
        'cr' => 1.15, 'cd/dead' => 0.9, 'cd/snow' => 1.15, 'cd/live' => 1.25,
    ],
];

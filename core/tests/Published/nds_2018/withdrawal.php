<?php

declare(strict_types=1);

// NDS 2018, Table 12.2A (lag screw withdrawal, lb per inch of thread), whole pounds.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Table 12.2A, 1/4 in, G 0.55' => ['diameter' => '1/4', 'species' => 'southern_pine', 'w_lb_per_in' => 260.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 5/16 in, G 0.55' => ['diameter' => '5/16', 'species' => 'southern_pine', 'w_lb_per_in' => 307.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 3/8 in, G 0.55' => ['diameter' => '3/8', 'species' => 'southern_pine', 'w_lb_per_in' => 352.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 1/4 in, G 0.50' => ['diameter' => '1/4', 'species' => 'douglas_fir_larch', 'w_lb_per_in' => 225.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 5/16 in, G 0.50' => ['diameter' => '5/16', 'species' => 'douglas_fir_larch', 'w_lb_per_in' => 266.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 3/8 in, G 0.50' => ['diameter' => '3/8', 'species' => 'douglas_fir_larch', 'w_lb_per_in' => 305.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 1/4 in, G 0.49' => ['diameter' => '1/4', 'species' => 'douglas_fir_larch_north', 'w_lb_per_in' => 218.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 5/16 in, G 0.49' => ['diameter' => '5/16', 'species' => 'douglas_fir_larch_north', 'w_lb_per_in' => 258.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 3/8 in, G 0.49' => ['diameter' => '3/8', 'species' => 'douglas_fir_larch_north', 'w_lb_per_in' => 296.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 1/4 in, G 0.46' => ['diameter' => '1/4', 'species' => 'hem_fir_north', 'w_lb_per_in' => 199.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 5/16 in, G 0.46' => ['diameter' => '5/16', 'species' => 'hem_fir_north', 'w_lb_per_in' => 235.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 3/8 in, G 0.46' => ['diameter' => '3/8', 'species' => 'hem_fir_north', 'w_lb_per_in' => 269.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 1/4 in, G 0.43' => ['diameter' => '1/4', 'species' => 'hem_fir', 'w_lb_per_in' => 179.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 5/16 in, G 0.43' => ['diameter' => '5/16', 'species' => 'hem_fir', 'w_lb_per_in' => 212.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 3/8 in, G 0.43' => ['diameter' => '3/8', 'species' => 'hem_fir', 'w_lb_per_in' => 243.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 1/4 in, G 0.42' => ['diameter' => '1/4', 'species' => 'spruce_pine_fir', 'w_lb_per_in' => 173.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 5/16 in, G 0.42' => ['diameter' => '5/16', 'species' => 'spruce_pine_fir', 'w_lb_per_in' => 205.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 3/8 in, G 0.42' => ['diameter' => '3/8', 'species' => 'spruce_pine_fir', 'w_lb_per_in' => 235.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 1/4 in, G 0.36' => ['diameter' => '1/4', 'species' => 'spruce_pine_fir_south', 'w_lb_per_in' => 137.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 5/16 in, G 0.36' => ['diameter' => '5/16', 'species' => 'spruce_pine_fir_south', 'w_lb_per_in' => 163.0, 'tolerance_lb_per_in' => 0.51],
    'Table 12.2A, 3/8 in, G 0.36' => ['diameter' => '3/8', 'species' => 'spruce_pine_fir_south', 'w_lb_per_in' => 186.0, 'tolerance_lb_per_in' => 0.51],
];

<?php

declare(strict_types=1);

// NDS 2018, Table 12K form (lag, single shear, 1/4 in A36 plate, Z parallel), computed at p = 8D without a gap and rounded to 10 lb. MEDIUM.
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Table 12K, 1/4 in, G 0.55' => ['diameter' => '1/4', 'g' => 0.55, 'z_lb' => 150.0, 'tolerance_lb' => 5.01],
    'Table 12K, 5/16 in, G 0.55' => ['diameter' => '5/16', 'g' => 0.55, 'z_lb' => 240.0, 'tolerance_lb' => 5.01],
    'Table 12K, 3/8 in, G 0.55' => ['diameter' => '3/8', 'g' => 0.55, 'z_lb' => 290.0, 'tolerance_lb' => 5.01],
    'Table 12K, 1/4 in, G 0.50' => ['diameter' => '1/4', 'g' => 0.50, 'z_lb' => 150.0, 'tolerance_lb' => 5.01],
    'Table 12K, 5/16 in, G 0.50' => ['diameter' => '5/16', 'g' => 0.50, 'z_lb' => 230.0, 'tolerance_lb' => 5.01],
    'Table 12K, 3/8 in, G 0.50' => ['diameter' => '3/8', 'g' => 0.50, 'z_lb' => 280.0, 'tolerance_lb' => 5.01],
    'Table 12K, 1/4 in, G 0.43' => ['diameter' => '1/4', 'g' => 0.43, 'z_lb' => 140.0, 'tolerance_lb' => 5.01],
    'Table 12K, 5/16 in, G 0.43' => ['diameter' => '5/16', 'g' => 0.43, 'z_lb' => 220.0, 'tolerance_lb' => 5.01],
    'Table 12K, 3/8 in, G 0.43' => ['diameter' => '3/8', 'g' => 0.43, 'z_lb' => 260.0, 'tolerance_lb' => 5.01],
    'Table 12K, 1/4 in, G 0.42' => ['diameter' => '1/4', 'g' => 0.42, 'z_lb' => 130.0, 'tolerance_lb' => 5.01],
    'Table 12K, 5/16 in, G 0.42' => ['diameter' => '5/16', 'g' => 0.42, 'z_lb' => 220.0, 'tolerance_lb' => 5.01],
    'Table 12K, 3/8 in, G 0.42' => ['diameter' => '3/8', 'g' => 0.42, 'z_lb' => 250.0, 'tolerance_lb' => 5.01],
    'Table 12K, 1/4 in, G 0.36' => ['diameter' => '1/4', 'g' => 0.36, 'z_lb' => 130.0, 'tolerance_lb' => 5.01],
    'Table 12K, 5/16 in, G 0.36' => ['diameter' => '5/16', 'g' => 0.36, 'z_lb' => 200.0, 'tolerance_lb' => 5.01],
    'Table 12K, 3/8 in, G 0.36' => ['diameter' => '3/8', 'g' => 0.36, 'z_lb' => 240.0, 'tolerance_lb' => 5.01],
];

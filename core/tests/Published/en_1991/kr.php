<?php

declare(strict_types=1);

// EN 1991-1-4:2005, Eq. 4.5 (kr).
// Recalled values: agreement shows that formula and table fit together; it is no comparison with the printed page.
return [
    'Eq. 4.5 and Table 4.1, category 0' => ['terrain' => '0', 'kr' => 0.156, 'tolerance' => 0.001],
    'Eq. 4.5 and Table 4.1, category I' => ['terrain' => 'I', 'kr' => 0.17, 'tolerance' => 0.001],
    'Eq. 4.5 and Table 4.1, category II' => ['terrain' => 'II', 'kr' => 0.19, 'tolerance' => 0.001],
    'Eq. 4.5 and Table 4.1, category III' => ['terrain' => 'III', 'kr' => 0.215, 'tolerance' => 0.001],
    'Eq. 4.5 and Table 4.1, category IV' => ['terrain' => 'IV', 'kr' => 0.234, 'tolerance' => 0.001],
];

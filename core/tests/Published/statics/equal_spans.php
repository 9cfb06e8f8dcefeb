<?php

declare(strict_types=1);

// Handbook coefficients of continuous beams under a uniform load, EI constant (statics; M-4), four decimals.
return [
    'two equal spans' => ['spans' => 2, 'moments' => [0.1250], 'reactions' => [0.375, 1.250]],
    'three equal spans' => ['spans' => 3, 'moments' => [0.1000, 0.1000], 'reactions' => [0.400, 1.100]],
    'four equal spans' => ['spans' => 4, 'moments' => [0.1071, 0.0714], 'reactions' => [0.393, 1.143, 0.929]],
    'five equal spans' => ['spans' => 5, 'moments' => [0.1053, 0.0789], 'reactions' => [0.395, 1.132, 0.974]],
];

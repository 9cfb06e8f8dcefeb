<?php

declare(strict_types=1);

// What frozen ground grips the side of a foundation by, in kPa, as it is designed for: of fine soil on concrete and wood, and on steel; of saturated gravel on
// steel. For gravel and sand on concrete none is known: that on steel is taken.
return [
    'source' => 'Canadian Foundation Engineering Manual, adfreeze bond for design; recalled',
    'confidence' => 'medium',
    'values' => ['clay/concrete_kPa' => 65.0, 'clay/steel_kPa' => 100.0, 'gravel/concrete_kPa' => 150.0, 'gravel/steel_kPa' => 150.0],
];

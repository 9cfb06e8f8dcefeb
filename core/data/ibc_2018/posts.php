<?php

declare(strict_types=1);

// Posts in the ground: d = 0.5·A·(1 + √(1 + 4.36·h/A)), A = 2.34·P/(S1·b), S1 at a third of the depth, depth counted to 12 ft, S1 to 15 times the value
// of the table. Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'IBC 2018, §§1806.3, 1807.3',
    'confidence' => 'high',
    'values' => [
        'factor' => 2.34, 'height_factor' => 4.36,
        'deepest_ft' => ['value' => 12.0, 'confidence' => 'medium'], 'most_times' => ['value' => 15.0, 'confidence' => 'medium'],
        'doubled' => 2.0,
        // §1809.4, and above it the ground that is not counted along the side (common practice, no source).
        'least_depth_in' => 12.0,
    ],
];

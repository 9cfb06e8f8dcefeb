<?php

declare(strict_types=1);

// Access of fire crews to the roofs of dwellings. Recalled, not read from the printed document: confirm against your copy, and with the authority.
return [
    'source' => 'IRC 2018 and 2021, R324.6',
    'confidence' => 'high',
    'values' => [
        'path_in' => 36.0, 'planes_with_paths' => 2.0, 'exempt_rise_in_12' => 2.0,
        'ridge_in' => 18.0, 'ridge_wide_in' => 36.0, 'share' => 0.33, 'share_with_sprinklers' => 0.66,
    ],
];

<?php

declare(strict_types=1);

// Recalled, not read from the printed document: confirm against your copy.
return [
    'source' => 'NDS 2018, Table 12.3.3A',
    'confidence' => 'high',
    'values' => [
        'douglas_fir_larch' => 0.50, 'douglas_fir_larch_north' => 0.49, 'douglas_fir_south' => ['value' => 0.46, 'confidence' => 'medium'],
        'southern_pine' => 0.55, 'hem_fir' => 0.43, 'hem_fir_north' => ['value' => 0.46, 'confidence' => 'medium'],
        'spruce_pine_fir' => 0.42, 'spruce_pine_fir_south' => 0.36,
        'unknown' => ['value' => 0.36, 'confidence' => 'medium', 'note' => 'species_unknown'],
    ],
];

<?php

declare(strict_types=1);

// What a bag of dry concrete fills in ft³, and what concrete and moved soil weigh in lb/ft³.
// Yields as printed on bags, recalled; weights and waste are common practice, no source.
return [
    'source' => 'Printed on the bag; common practice, no source',
    'confidence' => 'medium',
    'values' => [
        'yield_ft3/lb_40' => 0.30, 'yield_ft3/lb_50' => 0.375, 'yield_ft3/lb_60' => 0.45, 'yield_ft3/lb_80' => 0.60,
        'yield_ft3/kg_20' => 0.327, 'yield_ft3/kg_25' => 0.410, 'yield_ft3/kg_30' => 0.491,
        'concrete_pcf' => 145.0, 'soil_pcf' => 110.0, 'waste' => 1.1,
        // Ground at the top that is never counted along the side.
        'loose_ft' => 1.0,
    ],
];

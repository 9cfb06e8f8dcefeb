<?php

declare(strict_types=1);

// Net pressure coefficients Cp,n of free monoslope roofs at one tilt: by the edge on which the wind blows, what is below, the
// half of the roof, and whether it presses or lifts, as positive sizes; and the greatest local pressure factor of its elements. The table is remembered in
// its shape alone: no value ships, the case is refused until all are read in an own copy, with the tilt at which they were read.
return [
    'source' => 'AS/NZS 1170.2:2011, Appendix D; 2021, Appendix B (monoslope free roofs)',
    'confidence' => 'low',
    'values' => [],
    'missing' => [
        'tilt_deg', 'kl',
        'low_edge/empty/windward/down', 'low_edge/empty/windward/up', 'low_edge/empty/leeward/down', 'low_edge/empty/leeward/up',
        'low_edge/blocked/windward/down', 'low_edge/blocked/windward/up', 'low_edge/blocked/leeward/down', 'low_edge/blocked/leeward/up',
        'high_edge/empty/windward/down', 'high_edge/empty/windward/up', 'high_edge/empty/leeward/down', 'high_edge/empty/leeward/up',
        'high_edge/blocked/windward/down', 'high_edge/blocked/windward/up', 'high_edge/blocked/leeward/down', 'high_edge/blocked/leeward/up',
    ],
];

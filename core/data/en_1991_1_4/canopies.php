<?php

declare(strict_types=1);

// Monopitch canopies, by tilt in degrees: force coefficients of the whole, and net pressure coefficients of its zones (A inside, B along the ends, C along the
// windward and the leeward edge), pressing, and pulling with nothing below (0) and all of it blocked (1), as positive sizes. Where the force acts, as a
// share of the depth from the windward edge. Recalled, not read from the printed document: confirm against your copy.
$medium = static fn (float $value): array => ['value' => $value, 'confidence' => 'medium'];

return [
    'source' => 'EN 1991-1-4:2005+A1:2010, Table 7.6 (monopitch canopies)',
    'confidence' => 'high',
    'values' => [
        'acts_at' => 0.25,
        '0/cf/down' => 0.2, '0/cf/up/0' => 0.5, '0/cf/up/1' => 1.3,
        '5/cf/down' => 0.4, '5/cf/up/0' => 0.7, '5/cf/up/1' => 1.4,
        '10/cf/down' => 0.5, '10/cf/up/0' => 0.9, '10/cf/up/1' => 1.4,
        '15/cf/down' => 0.7, '15/cf/up/0' => 1.1, '15/cf/up/1' => 1.4,
        '20/cf/down' => 0.8, '20/cf/up/0' => 1.3, '20/cf/up/1' => 1.4,
        '25/cf/down' => 1.0, '25/cf/up/0' => 1.6, '25/cf/up/1' => 1.4,
        '30/cf/down' => 1.2, '30/cf/up/0' => 1.8, '30/cf/up/1' => 1.4,
        '0/A/down' => 0.5, '0/A/up/0' => 0.6, '0/A/up/1' => 1.5, '0/B/down' => 1.8, '0/B/up/0' => 1.3, '0/B/up/1' => 1.8,
        '0/C/down' => 1.1, '0/C/up/0' => 1.4, '0/C/up/1' => 2.2,
        '5/A/down' => 0.8, '5/A/up/0' => 1.1, '5/A/up/1' => 1.6, '5/B/down' => 2.1, '5/B/up/0' => 1.7, '5/B/up/1' => 2.2,
        '5/C/down' => 1.3, '5/C/up/0' => 1.8, '5/C/up/1' => 2.5,
        '10/A/down' => 1.2, '10/A/up/0' => 1.5, '10/A/up/1' => 1.6, '10/B/down' => 2.4, '10/B/up/0' => 2.0, '10/B/up/1' => 2.6,
        '10/C/down' => 1.6, '10/C/up/0' => 2.1, '10/C/up/1' => 2.7,
        '15/A/down' => 1.4, '15/A/up/0' => 1.8, '15/A/up/1' => 1.6, '15/B/down' => 2.7, '15/B/up/0' => 2.4, '15/B/up/1' => 2.9,
        '15/C/down' => 1.8, '15/C/up/0' => 2.5, '15/C/up/1' => 3.0,
        '20/A/down' => 1.7, '20/A/up/0' => 2.2, '20/A/up/1' => 1.6, '20/B/down' => 2.9, '20/B/up/0' => 2.8, '20/B/up/1' => 2.9,
        '20/C/down' => 2.1, '20/C/up/0' => 2.9, '20/C/up/1' => 3.0,
        '25/A/down' => $medium(2.0), '25/A/up/0' => $medium(2.6), '25/A/up/1' => $medium(1.5),
        '25/B/down' => $medium(3.1), '25/B/up/0' => $medium(3.2), '25/B/up/1' => $medium(2.5),
        '25/C/down' => $medium(2.3), '25/C/up/0' => $medium(3.2), '25/C/up/1' => $medium(2.8),
        '30/A/down' => $medium(2.2), '30/A/up/0' => $medium(3.0), '30/A/up/1' => $medium(1.5),
        '30/B/down' => $medium(3.2), '30/B/up/0' => $medium(3.8), '30/B/up/1' => $medium(2.2),
        '30/C/down' => $medium(2.4), '30/C/up/0' => $medium(3.6), '30/C/up/1' => $medium(2.7),
    ],
];

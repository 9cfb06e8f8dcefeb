<?php

declare(strict_types=1);

// Net pressure coefficients CN of elements of open monoslope roofs, up to a² large: by tilt in degrees, flow below, zone, and whether it pulls or presses.
// Larger ones, up to 4a², take zone 2 in the corners; those over 4a² take zone 1 everywhere. Recalled: confirm against your copy.
return [
    'source' => 'ASCE/SEI 7-16, Fig. 30.7-1 (elements of open monoslope roofs)',
    'confidence' => 'medium',
    'values' => [
        '0/clear/3/down' => 2.4, '0/clear/3/up' => 3.3, '0/clear/2/down' => 1.8, '0/clear/2/up' => 1.7, '0/clear/1/down' => 1.2, '0/clear/1/up' => 1.1,
        '0/obstructed/3/down' => 1.0, '0/obstructed/3/up' => 3.6, '0/obstructed/2/down' => 0.8, '0/obstructed/2/up' => 1.8, '0/obstructed/1/down' => 0.5, '0/obstructed/1/up' => 1.2,
        '7.5/clear/3/down' => 3.2, '7.5/clear/3/up' => 4.2, '7.5/clear/2/down' => 2.4, '7.5/clear/2/up' => 2.1, '7.5/clear/1/down' => 1.6, '7.5/clear/1/up' => 1.4,
        '7.5/obstructed/3/down' => 1.6, '7.5/obstructed/3/up' => 5.1, '7.5/obstructed/2/down' => 1.2, '7.5/obstructed/2/up' => 2.6, '7.5/obstructed/1/down' => 0.8, '7.5/obstructed/1/up' => 1.7,
        '15/clear/3/down' => 3.6, '15/clear/3/up' => 3.8, '15/clear/2/down' => 2.7, '15/clear/2/up' => 2.9, '15/clear/1/down' => 1.8, '15/clear/1/up' => 1.9,
        '15/obstructed/3/down' => 2.4, '15/obstructed/3/up' => 4.2, '15/obstructed/2/down' => 1.8, '15/obstructed/2/up' => 3.2, '15/obstructed/1/down' => 1.2, '15/obstructed/1/up' => 2.1,
        '30/clear/3/down' => 5.2, '30/clear/3/up' => 5.0, '30/clear/2/down' => 3.9, '30/clear/2/up' => 3.8, '30/clear/1/down' => 2.6, '30/clear/1/up' => 2.5,
        '30/obstructed/3/down' => 3.2, '30/obstructed/3/up' => 4.6, '30/obstructed/2/down' => 2.4, '30/obstructed/2/up' => 3.5, '30/obstructed/1/down' => 1.6, '30/obstructed/1/up' => 2.3,
        '45/clear/3/down' => 5.2, '45/clear/3/up' => 4.6, '45/clear/2/down' => 3.9, '45/clear/2/up' => 3.5, '45/clear/1/down' => 2.6, '45/clear/1/up' => 2.3,
        '45/obstructed/3/down' => 4.2, '45/obstructed/3/up' => 3.8, '45/obstructed/2/down' => 3.2, '45/obstructed/2/up' => 2.9, '45/obstructed/1/down' => 2.1, '45/obstructed/1/up' => 1.9,
        // The figure's strip, as a share of the least dimension and of the height, never under so much.
        'strip/of_least' => 0.1, 'strip/of_height' => 0.4, 'strip/least_of_least' => 0.04, 'strip/least_ft' => 3.0,
        // Least design pressure on an element, either way (§30.2.2).
        'least_psf' => 16.0,
    ],
];

<?php

declare(strict_types=1);

// Least rise in 12 of a covering. Recalled, not read from the printed document: confirm against your copy, and with the maker.
return [
    'source' => 'IRC 2018, R905',
    'confidence' => 'high',
    'values' => ['asphalt_shingles' => 2.0, 'tile' => 2.5],
];

<?php

// Faults that no test sees, each with its reason: the same for everybody, or nobody is misled.

declare(strict_types=1);

return [
    'Coefficients.php 1' => 'the next look cuts the id where it belongs',
    'saves.ts 1' => 'what was joined goes again with the same values, which store nothing',
];

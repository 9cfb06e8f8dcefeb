<?php

// Faults that no test sees, each with its reason: the same for everybody, or nobody is misled.

declare(strict_types=1);

return [
];

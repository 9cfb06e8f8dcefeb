<?php

declare(strict_types=1);

return [
    // It would keep every request, bodies and all, in files, and add half to the time of each.
    'devtools' => ['enabled' => false],
];

<?php

declare(strict_types=1);

return [
    // Where the browser that prints finds the application, when its name is not to be looked up: "127.0.0.1:443". And a certificate
    // that no public authority signed, which it then trusts by its key.
    'print' => ['address' => env('PRINT_ADDRESS', ''), 'certificate' => env('PRINT_CERTIFICATE', '')],
];

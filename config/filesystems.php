<?php

declare(strict_types=1);

// Nothing is kept in files, so none is handed out.
return ['default' => 'local', 'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false]]];

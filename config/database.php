<?php

declare(strict_types=1);

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'garnetine'),
            'username' => env('DB_USERNAME', 'garnetine'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => env('DB_SSLMODE', 'prefer'),
            // A login costs about 20 ms of key derivation; keep the connection.
            // A statement is sent with its values in one message; preparing it would be two more, and each is used once.
            'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true] + (env('DB_PERSISTENT', true) ? [PDO::ATTR_PERSISTENT => true] : []),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];

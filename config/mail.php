<?php

declare(strict_types=1);

return [
    // To the log in local use; a production environment names its own server.
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'log' => ['transport' => 'log', 'channel' => env('MAIL_LOG_CHANNEL', 'mail')],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp', 'host' => env('MAIL_HOST', '127.0.0.1'), 'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'), 'timeout' => 10,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'garnetine@example.test'), 'name' => env('MAIL_FROM_NAME', 'Garnetine')],
];

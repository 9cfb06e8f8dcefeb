<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;
use Monolog\Handler\StreamHandler;

return [
    'default' => env('LOG_CHANNEL', 'single'),
    'channels' => [
        // One line of JSON an event; never a body.
        'single' => [
            'driver' => 'monolog', 'level' => env('LOG_LEVEL', 'info'), 'handler' => StreamHandler::class,
            'handler_with' => ['stream' => env('LOG_FILE', storage_path('logs/garnetine.log')), 'filePermission' => 0o600], 'formatter' => JsonFormatter::class,
            'formatter_with' => ['includeStacktraces' => true],
        ],
        // E-mails of local use, readable.
        'mail' => ['driver' => 'single', 'path' => storage_path('logs/mail.log'), 'level' => 'debug', 'permission' => 0o600],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];

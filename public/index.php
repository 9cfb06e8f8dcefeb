<?php

declare(strict_types=1);

use App\Previews\HandOff;
use Illuminate\Http\Request;

require __DIR__.'/../app/Previews/HandOff.php';
if (HandOff::isAnswered()) {
    return;
}

define('LARAVEL_START', microtime(true));
require __DIR__.'/../vendor/autoload.php';

/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->handleRequest(Request::capture());

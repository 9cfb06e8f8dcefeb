<?php

// Issues the newest design of the demo's first job, as a planner does with a click; the worker then makes its papers.

declare(strict_types=1);

use App\Actions\Plans\IssuePlan;
use App\Models\Job;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$job = Job::query()->orderBy('id')->firstOrFail();
$app->make(IssuePlan::class)->handle($job, $job->current(), User::query()->orderBy('id')->firstOrFail(), 'for the crew');

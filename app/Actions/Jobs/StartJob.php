<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Designs\SaveDesign;
use App\Models\Company;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Design\Project;
use Illuminate\Support\Facades\DB;

/** Makes a job with its first design. */
final class StartJob
{
    public function __construct(private readonly SaveDesign $saveDesign)
    {
    }

    public function handle(Company $company, User $author, Project $document): Job
    {
        return DB::transaction(function () use ($company, $author, $document): Job {
            $job = $company->jobs()->create(['name' => $document->name]);
            $this->saveDesign->handle($job, $author, null, $document, 'Job started');

            return $job;
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Starting\Archive;
use Illuminate\Http\Response;

/** The whole job as one file. */
final class ArchiveController extends Controller
{
    public function __invoke(Job $job): Response
    {
        return new Response(
            Archive::of($job->current()),
            200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="job.garnetine.json"'],
        );
    }
}

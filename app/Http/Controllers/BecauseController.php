<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Support\BecauseView;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Plan\Planner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BecauseController extends Controller
{
    public function __invoke(Request $request, Job $job): JsonResponse
    {
        $plan = Planner::plan($job->current()->document());
        $path = $request->query('path');
        $because = Becauses::of($plan, is_string($path) ? $path : '');

        return new JsonResponse(BecauseView::of($plan, $because));
    }
}

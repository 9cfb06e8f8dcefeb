<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use App\Models\Job;
use App\Support\BecauseView;
use App\Support\Chosen;
use App\Support\Entered;
use App\Support\Planning;
use App\Support\Standing;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Edits;
use Garnetine\Core\Plan\Depth;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BecauseController extends Controller
{
    public function show(Request $request, Job $job): JsonResponse
    {
        $project = $job->current()->document();
        $plan = Planning::plan(Chosen::design($project));
        $path = $request->query('path');
        $because = Becauses::of($plan, is_string($path) ? $path : '');

        return new JsonResponse(BecauseView::of($plan, $because, new Entered($job, $project->part(Chosen::surface($project)))));
    }

    /** The same value, were something else entered, and how the plan would then stand; nothing is saved. */
    public function whatIf(EditRequest $request, Job $job): JsonResponse
    {
        $base = Chosen::design($request->baseDocument($job));
        $plan = Planning::plan(Edits::apply($base, $request->edits()));
        $standing = Standing::whole($plan, Planning::plan($base, Depth::Checks));

        return new JsonResponse(['standing' => $standing] + BecauseView::of($plan, Becauses::of($plan, $request->string('path')->value())));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\BecauseView;
use App\Desk\Chosen;
use App\Desk\Entered;
use App\Desk\Standing;
use App\Desk\TablesKnown;
use App\Http\Requests\EditRequest;
use App\Models\Job;
use App\Planning\Planning;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Plan\Depth;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BecauseController extends Controller
{
    public function show(Request $request, Job $job): JsonResponse
    {
        $project = $job->current()->document();
        $table = Chosen::table($project);
        if ($table !== null) {
            $plan = TablesKnown::around($project, $table, Depth::Full)[$table];
            $path = $request->query('path');
            $because = Becauses::of($plan, is_string($path) ? $path : '');

            return new JsonResponse(BecauseView::of($plan, $because, new Entered($job, $project->partOfTable($table))));
        }
        $chosen = Chosen::of($project);
        $plan = Planning::plan($chosen->plain());
        $path = $request->query('path');
        $because = Becauses::of($plan, self::planned($chosen, is_string($path) ? $path : ''));

        return new JsonResponse(BecauseView::of($plan, $because, new Entered($job, $project->part($chosen->surface)), $chosen));
    }

    /** The same value, were something else entered, and how the plan would then stand; nothing is saved. */
    public function whatIf(EditRequest $request, Job $job): JsonResponse
    {
        $base = $request->baseDocument($job);
        $table = Chosen::table($base);
        if ($table !== null) {
            $plan = TablesKnown::around($request->applied($base), $table)[$table];
            $standing = Standing::whole($plan, TablesKnown::around($base, $table)[$table]);

            return new JsonResponse(['standing' => $standing] + BecauseView::of($plan, Becauses::of($plan, $request->string('path')->value())));
        }
        $chosen = Chosen::of($base);
        $plan = Planning::plan($request->applied($base)->design($chosen->surface));
        $standing = Standing::whole($plan, Planning::plan($base->design($chosen->surface), Depth::Checks));

        return new JsonResponse(
            ['standing' => $standing] + BecauseView::of($plan, Becauses::of($plan, self::planned($chosen, $request->string('path')->value())), seen: $chosen),
        );
    }

    /** What is asked of a value of the block in view is asked of the plan. */
    private static function planned(Chosen $chosen, string $path): string
    {
        return str_starts_with($path, 'design/') ? 'design'.$chosen->planned(substr($path, strlen('design'))) : $path;
    }
}

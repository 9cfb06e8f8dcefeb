<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Company\CompanyRates;
use App\Desk\Chosen;
use App\Desk\TableView;
use App\Http\Requests\EditRequest;
use App\Models\Job;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\LevelsFromGrid;
use Garnetine\Core\Plan\TablePlanner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What else would stand in place of a table, of its kind and of others, what its tilt keeps of the best, and the levels of its ground out of a file. */
final class TableController extends Controller
{
    public function kinds(Request $request, Job $job): JsonResponse
    {
        $project = $job->current()->document();

        return new JsonResponse(TableView::kinds($project->table(Chosen::table($project) ?? abort(404)), CompanyRates::of($this->user($request))));
    }

    /** Levels at the posts out of a grid over the field, as edits that take them; nothing is saved. */
    public function levels(EditRequest $request, Job $job): JsonResponse
    {
        $request->validate(['text' => ['required', 'string']]);
        $project = $request->baseDocument($job);
        $plan = TablePlanner::plan($project->table(Chosen::table($project) ?? abort(404)), Depth::Checks);
        $levels = LevelsFromGrid::of($plan, $request->string('text')->toString(), '/table/ground/levels');
        $printer = $plan->design->printer();

        return new JsonResponse([
            'edits' => [['path' => '/table/ground/levels', 'value' => $levels]],
            'levels' => array_map(
                static fn (array $level): array => ['front' => $printer->length($level['front_m']), 'rear' => $printer->length($level['rear_m'])],
                $levels,
            ),
        ]);
    }

    /** What else would stand, the fewest posts of all, or what other tilts keep of the light. */
    public function beside(Request $request, Job $job): JsonResponse
    {
        $project = $job->current()->document();

        return new JsonResponse(TableView::beside($project->table(Chosen::table($project) ?? abort(404)), $request->string('what')->toString()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\Chosen;
use App\Desk\TableView;
use App\Models\Job;
use Illuminate\Http\JsonResponse;

/** What else would stand in place of a table, of its kind and of others, and what its tilt keeps of the best. */
final class TableController extends Controller
{
    public function kinds(Job $job): JsonResponse
    {
        $project = $job->current()->document();

        return new JsonResponse(TableView::kinds($project->table(Chosen::table($project) ?? abort(404))));
    }

    public function beside(Job $job): JsonResponse
    {
        $project = $job->current()->document();

        return new JsonResponse(TableView::beside($project->table(Chosen::table($project) ?? abort(404))));
    }
}

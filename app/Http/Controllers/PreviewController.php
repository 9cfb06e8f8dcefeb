<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\Chosen;
use App\Desk\Comparison;
use App\Desk\DeskView;
use App\Desk\TableView;
use App\Http\Requests\EditRequest;
use App\Models\Job;
use Illuminate\Http\JsonResponse;

/** What a change would do, without saving it. */
final class PreviewController extends Controller
{
    public function show(EditRequest $request, Job $job): JsonResponse
    {
        $project = $request->baseDocument($job);
        $applied = $request->applied($project);
        $table = Chosen::table($applied);
        if ($table !== null) {
            return new JsonResponse(['sequence' => $request->integer('sequence')] + TableView::preview($applied, $table));
        }
        $chosen = Chosen::of($applied);

        return new JsonResponse(['sequence' => $request->integer('sequence')] + DeskView::preview($chosen, $request->tapeOf(), $request->newest()));
    }

    /** The job beside itself under a change that is not saved: another exposure, say. */
    public function beside(EditRequest $request, Job $job): JsonResponse
    {
        $document = $request->baseDocument($job);

        return new JsonResponse(Comparison::between($document, $request->applied($document)));
    }
}

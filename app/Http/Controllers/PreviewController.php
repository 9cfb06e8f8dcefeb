<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use App\Models\Job;
use App\Support\Chosen;
use App\Support\Comparison;
use App\Support\DeskView;
use Garnetine\Core\Design\Edits;
use Garnetine\Core\Design\JobEdits;
use Illuminate\Http\JsonResponse;

/** What a change would do, without saving it. */
final class PreviewController extends Controller
{
    public function show(EditRequest $request, Job $job): JsonResponse
    {
        $project = $request->baseDocument($job);
        $design = Edits::apply(Chosen::design($project), $request->edits());

        return new JsonResponse(['sequence' => $request->integer('sequence')] + DeskView::preview($design, $request->tapeOf(), $request->newest()));
    }

    /** The job beside itself under a change that is not saved: another exposure, say. */
    public function beside(EditRequest $request, Job $job): JsonResponse
    {
        $document = $request->baseDocument($job);

        return new JsonResponse(Comparison::between($document, JobEdits::apply($document, $request->edits(), Chosen::surface($document))));
    }
}

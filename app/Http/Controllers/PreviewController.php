<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditRequest;
use App\Models\Job;
use App\Support\DeskView;
use Garnetine\Core\Design\Edits;
use Illuminate\Http\JsonResponse;

/** What a change would do, without saving it. */
final class PreviewController extends Controller
{
    public function __invoke(EditRequest $request, Job $job): JsonResponse
    {
        $design = Edits::apply($request->base($job)->document(), $request->edits());

        return new JsonResponse(['sequence' => $request->integer('sequence')] + DeskView::preview($design));
    }
}

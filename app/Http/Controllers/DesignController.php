<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\SaveDesign;
use App\Desk\DeskView;
use App\Desk\Differences;
use App\Http\Requests\EditRequest;
use App\Models\Design;
use App\Models\Job;
use Illuminate\Http\JsonResponse;

final class DesignController extends Controller
{
    public function show(Job $job): JsonResponse
    {
        return new JsonResponse(DeskView::of($job->current()));
    }

    public function store(EditRequest $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        $stored = SaveDesign::stored($job, $request->key());
        if ($stored !== null) {
            return self::answer($stored);
        }
        $user = $this->user($request);
        $base = $request->base($job)->ownNewest($user);
        $before = $base->document();
        $after = $request->applied($before);
        $saved = $saveDesign->handle($job, $user, $base, $after, Differences::inWords($before, $after), key: $request->key());

        return self::answer($saved);
    }

    private static function answer(Design $saved): JsonResponse
    {
        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }
}

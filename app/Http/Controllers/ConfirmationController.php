<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\SaveDesign;
use App\Http\Requests\ConfirmationRequest;
use App\Models\Job;
use App\Support\Confirming;
use App\Support\DeskView;
use Illuminate\Http\JsonResponse;

/** A named person stands for coefficients, stops or the structure. */
final class ConfirmationController extends Controller
{
    public function __invoke(ConfirmationRequest $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        $base = $job->designs()->whereKey($request->integer('base'))->firstOrFail();
        $name = $request->string('name')->value();
        $after = Confirming::with($base->document(), $request->array('subjects'), $name, $request->string('reason')->value(), now()->toDateString());
        $saved = $saveDesign->handle($job, $this->user($request), $base, $after, "Signed by $name");

        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }
}

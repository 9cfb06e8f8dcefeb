<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\SaveDesign;
use App\Company\ConfirmedValues;
use App\Company\SignedIn;
use App\Desk\Chosen;
use App\Desk\Confirming;
use App\Desk\DeskView;
use App\Http\Requests\ConfirmationRequest;
use App\Http\Requests\EditRequest;
use App\Models\Design;
use App\Models\Job;
use App\Planning\Planning;
use Garnetine\Core\Plan\Depth;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** A named person stands for coefficients, stops or the structure. */
final class ConfirmationController extends Controller
{
    public function store(ConfirmationRequest $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        $base = $job->designs()->whereKey($request->integer('base'))->firstOrFail();
        $user = $this->user($request);
        SignedIn::assure($request, $user);
        $signed = $request->confirmations($user->name, now()->toDateString());
        $after = Confirming::with($base->document(), Chosen::id($base->document()), ...$signed);
        $saved = DB::transaction(function () use ($request, $job, $base, $signed, $after, $saveDesign): Design {
            ConfirmedValues::keep($this->user($request), $job, $signed);

            return $saveDesign->handle($job, $this->user($request), $base, $after, "Signed by {$signed[0]->who()}");
        });

        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }

    /** What the company confirmed in other jobs, copied with who and when. */
    public function take(EditRequest $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        SignedIn::assure($request, $this->user($request));
        $base = $request->base($job);
        $document = $base->document();
        $offers = ConfirmedValues::offers($job->company_id, ...Planning::all($document, Depth::Checks)->all());
        $saved = $saveDesign->handle(
            $job,
            $this->user($request),
            $base,
            Confirming::with($document, Chosen::id($document), ...$offers),
            count($offers).' values as the company confirmed them',
        );

        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\SaveDesign;
use App\Company\CompanyCopies;
use App\Desk\DeskView;
use App\Http\Requests\EditRequest;
use App\Http\Requests\OwnCopyRequest;
use App\Models\Job;
use App\Planning\Planning;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Values from the company's own copies of the standards: entered into a design and kept for the company's others. */
final class OwnCopyController extends Controller
{
    public function store(OwnCopyRequest $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        $copy = $request->copy();
        if (Coefficients::ofId($copy->coefficient) === null && !Coefficients::isMissingId($copy->coefficient)) {
            throw ValidationException::withMessages(['coefficient' => 'No published value of this name is computed with.']);
        }
        $base = $request->base($job);
        $saved = DB::transaction(function () use ($request, $job, $base, $copy, $saveDesign) {
            CompanyCopies::keep($this->user($request), $copy);

            return $saveDesign->handle(
                $job,
                $this->user($request),
                $base,
                CompanyCopies::in($base->document(), $copy),
                "Read by {$copy->name} in {$copy->document}, {$copy->clause}: {$copy->coefficient} = {$copy->value}",
            );
        });

        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }

    /** Everything that the company has read and this design has not. */
    public function take(EditRequest $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        $base = $request->base($job);
        $document = $base->document();
        $offers = CompanyCopies::offers(
            $job->company_id,
            $document,
            array_merge(...array_map(
                static fn (Plan|TablePlan $plan): array => $plan->concerned(),
                array_values(Planning::all($document, Depth::Checks)->all()),
            )),
        );
        $saved = $saveDesign->handle(
            $job,
            $this->user($request),
            $base,
            CompanyCopies::in($document, ...$offers),
            count($offers).' values from the company’s own copies',
        );

        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }
}

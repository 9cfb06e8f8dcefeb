<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Company\CompanyRates;
use App\Desk\Chosen;
use App\Desk\Standing;
use App\Http\Requests\EditRequest;
use App\Models\Job;
use App\Planning\Planning;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Schools;
use Illuminate\Http\JsonResponse;

/** The block in view as crews of other schools would lay it, beside how it is; nothing is saved. */
final class SchoolsController extends Controller
{
    public function __invoke(EditRequest $request, Job $job): JsonResponse
    {
        $project = $request->applied($request->baseDocument($job));
        $chosen = Chosen::of($project);
        $schools = Schools::of($chosen->design(), static fn (Design $design): Plan => Planning::plan(
            $project->with($chosen->surface, $design, $chosen->block)->design($chosen->surface),
            Depth::Checks,
        ));
        $texts = Texts::of($schools[0]->plan->design);

        $rates = CompanyRates::of($this->user($request));

        return new JsonResponse(array_map(static fn (Schools $school): array => [
            'effort' => $rates === null || $school->plan->attachmentCount() === 0 ? null : CompanyRates::says($rates, $school->effort($rates)),
            'name' => $texts->choice('/block/arrangement/kind', $school->arrangement)
                .($school->isByMember ? ', feet '.$texts->choice('/rules/pattern', $school->pattern->value) : ''),
            'must' => $texts->say("school.$school->arrangement").($school->isByMember ? ' '.$texts->say('school.'.$school->pattern->value) : ''),
            'modules' => $school->plan->moduleCount(), 'feet' => $school->plan->attachmentCount(), 'holes' => $school->holes(), 'bars' => $school->bars(),
            'edits' => $school->edits,
        ] + Standing::whole($school->plan, $schools[0]->plan), $schools));
    }
}

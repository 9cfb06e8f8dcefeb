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
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Schools;
use Garnetine\Core\Rates\Rates;
use Illuminate\Http\JsonResponse;

/**
 * The block in view as crews of other schools would lay it, beside how it is; nothing is saved.
 *
 * @phpstan-import-type Edit from Edits
 * @phpstan-import-type Tone from Standing
 *
 * Effort: hours and cost by the company's rates; null for who does not see these, or where it has none.
 *
 * @phpstan-type School array{
 *     name: string,
 *     modules: int,
 *     feet: int,
 *     word: string,
 *     tone: Tone,
 *     reserve: string|null,
 *     news: string|null,
 *     edits: list<Edit>,
 *     holes: int,
 *     bars: int,
 *     must: string,
 *     effort: string|null,
 * }
 */
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

        return new JsonResponse(self::told($schools, CompanyRates::of($this->user($request))));
    }

    /**
     * @param non-empty-list<Schools> $schools The one that is planned first
     *
     * @return list<School>
     */
    private static function told(array $schools, ?Rates $rates): array
    {
        $texts = Texts::of($schools[0]->plan->design);

        return array_map(static fn (Schools $school): array => [
            'effort' => $rates === null || $school->plan->attachmentCount() === 0 ? null : CompanyRates::says($rates, $school->effort($rates)),
            'name' => $texts->choice('/block/arrangement/kind', $school->arrangement)
                .($school->isByMember ? ', feet '.$texts->choice('/rules/pattern', $school->pattern->value) : ''),
            'must' => $texts->say("school.$school->arrangement").($school->isByMember ? ' '.$texts->say('school.'.$school->pattern->value) : ''),
            'modules' => $school->plan->moduleCount(), 'feet' => $school->plan->attachmentCount(), 'holes' => $school->holes(), 'bars' => $school->bars(),
            'edits' => $school->edits,
        ] + Standing::whole($school->plan, $schools[0]->plan), $schools);
    }
}

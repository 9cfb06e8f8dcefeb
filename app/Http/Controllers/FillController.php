<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\Chosen;
use App\Desk\Standing;
use App\Http\Requests\EditRequest;
use App\Models\Job;
use App\Planning\Planning;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Proposals;
use Illuminate\Http\JsonResponse;

/** The block in view beside ways to fill its surface, each planned; nothing is saved. */
final class FillController extends Controller
{
    /** Of a large surface one place of the grid is planned for each way. */
    private const OF_LARGE = 1;

    public function __invoke(EditRequest $request, Job $job): JsonResponse
    {
        $project = $request->applied($request->baseDocument($job));
        $chosen = Chosen::of($project);
        $planned = static fn (Design $design): Plan => Planning::plan(
            $project->with($chosen->surface, $design, $chosen->block)->design($chosen->surface),
            Depth::Checks,
        );
        $now = Planning::plan($chosen->plain(), Depth::Checks);
        $texts = Texts::of($now->design);
        $proposals = Planning::isLarge($chosen->plain())
            ? Proposals::of($chosen->design(), $planned, self::OF_LARGE)
            : Proposals::of($chosen->design(), $planned);

        return new JsonResponse([
            'now' => self::row($now, $now) + ['name' => 'as it is', 'edits' => []],
            'ways' => array_map(static fn (Proposals $way): array => self::row($way->plan, $now) + [
                'name' => $texts->choice('/block/orientation', $way->fill->orientation->value), 'edits' => $way->edits,
            ], $proposals),
        ]);
    }

    /** @return array<string, mixed> */
    private static function row(Plan $plan, Plan $now): array
    {
        return ['modules' => $plan->moduleCount(), 'feet' => $plan->attachmentCount()] + Standing::whole($plan, $now);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
use Garnetine\Core\Plan\Proposals;
use Illuminate\Http\JsonResponse;

/**
 * The block in view beside ways to fill its surface, each planned; nothing is saved.
 *
 * @phpstan-import-type Edit from Edits
 * @phpstan-import-type Tone from Standing
 *
 * A way to lay a block, with how its plan stands.
 *
 * @phpstan-type Way array{
 *     name: string,
 *     modules: int,
 *     feet: int,
 *     word: string,
 *     tone: Tone,
 *     reserve: string|null,
 *     news: string|null,
 *     edits: list<Edit>,
 * }
 * @phpstan-type Filled array{
 *     now: Way,
 *     ways: list<Way>,
 * }
 */
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

        return new JsonResponse(self::filled($now, $proposals, $texts));
    }

    /**
     * @param list<Proposals> $proposals
     *
     * @return Filled
     */
    private static function filled(Plan $now, array $proposals, Texts $texts): array
    {
        return [
            'now' => self::way('as it is', [], $now, $now),
            'ways' => array_map(
                static fn (Proposals $way): array => self::way(
                    $texts->choice('/block/orientation', $way->fill->orientation->value),
                    $way->edits,
                    $way->plan,
                    $now,
                ),
                $proposals,
            ),
        ];
    }

    /**
     * @param list<Edit> $edits
     *
     * @return Way
     */
    private static function way(string $name, array $edits, Plan $plan, Plan $now): array
    {
        return ['name' => $name, 'edits' => $edits, 'modules' => $plan->moduleCount(), 'feet' => $plan->attachmentCount()] + Standing::whole($plan, $now);
    }
}

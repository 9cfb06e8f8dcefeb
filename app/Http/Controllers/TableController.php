<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Company\CompanyRates;
use App\Desk\Chosen;
use App\Desk\TableAsked;
use App\Http\Requests\EditRequest;
use App\Models\Job;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\LevelsFromGrid;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Quantity\Printer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * What else would stand in place of a table, of its kind and of others, what its tilt keeps of the best, and the levels of its ground out of a file.
 *
 * @phpstan-import-type Edit from Edits
 *
 * Levels of the ground at the posts of a table, from the left, over its first front post.
 *
 * @phpstan-type LevelsTold array{
 *     edits: list<Edit>,
 *     levels: list<array{front: string, rear: string}>,
 * }
 */
final class TableController extends Controller
{
    public function kinds(Request $request, Job $job): JsonResponse
    {
        $project = $job->current()->document();

        return new JsonResponse(TableAsked::kinds($project->table(Chosen::table($project) ?? abort(404)), CompanyRates::of($this->user($request))));
    }

    /** Levels at the posts out of a grid over the field, as edits that take them; nothing is saved. */
    public function levels(EditRequest $request, Job $job): JsonResponse
    {
        $request->validate(['text' => ['required', 'string']]);
        $project = $request->baseDocument($job);
        $plan = TablePlanner::plan($project->table(Chosen::table($project) ?? abort(404)), Depth::Checks);
        $levels = LevelsFromGrid::of($plan, $request->string('text')->toString(), '/table/ground/levels');

        return new JsonResponse(self::told($plan->design->printer(), $levels));
    }

    /**
     * @param list<array{front_m: float, rear_m: float}> $levels
     *
     * @return LevelsTold
     */
    private static function told(Printer $printer, array $levels): array
    {
        return [
            'edits' => [['path' => '/table/ground/levels', 'value' => $levels]],
            'levels' => array_map(
                static fn (array $level): array => ['front' => $printer->length($level['front_m']), 'rear' => $printer->length($level['rear_m'])],
                $levels,
            ),
        ];
    }

    /** What else would stand, the fewest posts of all, or what other tilts keep of the light. */
    public function beside(Request $request, Job $job): JsonResponse
    {
        $project = $job->current()->document();

        $table = $project->table(Chosen::table($project) ?? abort(404));

        return new JsonResponse(TableAsked::beside($table, $request->string('what')->toString(), CompanyRates::of($this->user($request))));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Designs\SaveDesign;
use App\Desk\Comparison;
use App\Desk\DeskView;
use App\Desk\Differences;
use App\Desk\History;
use App\Desk\SideChanges;
use App\Models\Design;
use App\Models\Job;
use Garnetine\Core\Design\Edit\JobEdits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Designs over time: nothing is taken back, every step appends.
 *
 * @phpstan-type DesignRow array{
 *     id: int,
 *     number: int,
 *     author: string|null,
 *     at: string,
 *     change: string,
 *     is_side: bool,
 *     is_current: bool,
 *     parent_id: int|null,
 * }
 */
final class HistoryController extends Controller
{
    private const LISTED = 200;

    public function index(Job $job): JsonResponse
    {
        $designs = $job->designs()->with('author')->orderByDesc('number')->limit(self::LISTED)
            ->get(['id', 'job_id', 'number', 'parent_id', 'author_id', 'is_side', 'kind', 'change', 'created_at']);
        $current = $job->current()->id;

        return new JsonResponse(['designs' => array_map(
            static fn (Design $design): array => self::row($design, $design->id === $current),
            array_values($designs->all()),
        )]);
    }

    /** @return DesignRow */
    private static function row(Design $design, bool $isCurrent): array
    {
        return [
            'id' => $design->id, 'number' => $design->number, 'author' => $design->author?->name, 'at' => $design->created_at->toIso8601ZuluString(),
            'change' => $design->change, 'is_side' => $design->is_side, 'is_current' => $isCurrent, 'parent_id' => $design->parent_id,
        ];
    }

    public function undo(Request $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        $history = History::of($job);
        if ($history->undo === null || $history->undone === null) {
            return self::no('There is nothing to undo.');
        }
        if ($history->undone->author_id !== $this->user($request)->id) {
            return self::no('The last change is '.($history->undone->author->name ?? 'somebody').'’s. Take an earlier design from the list instead.');
        }

        return $this->append($request, $job, $saveDesign, $history->undo, 'undo', "Undone: {$history->undone->change}");
    }

    public function redo(Request $request, Job $job, SaveDesign $saveDesign): JsonResponse
    {
        $redo = History::of($job)->redo;

        return $redo === null ? self::no('There is nothing to redo.') : $this->append($request, $job, $saveDesign, $redo, 'redo', "Redone: {$redo->change}");
    }

    /** An earlier or a side design once more. */
    public function again(Request $request, Job $job, Design $design, SaveDesign $saveDesign): JsonResponse
    {
        return $this->append($request, $job, $saveDesign, $design, 'edit', "Design {$design->number} again");
    }

    /** What a side design changed, put onto the newest one. */
    public function onto(Request $request, Job $job, Design $design, SaveDesign $saveDesign): JsonResponse
    {
        $parent = $design->parent_id === null ? null : $job->designs()->whereKey($design->parent_id)->first();
        if (!$design->is_side || $parent === null) {
            return self::no('Only the changes of a side design can be put onto the newest one.');
        }
        $current = $job->current();
        $before = $current->document();
        $after = JobEdits::apply($before, SideChanges::edits($parent->document(), $design->document(), $before), $before->first());
        $saved = $saveDesign->handle(
            $job,
            $this->user($request),
            $current,
            $after,
            "From side design {$design->number}: ".Differences::inWords($before, $after),
        );

        return new JsonResponse(DeskView::of($saved), $saved->is_side ? 409 : 200);
    }

    public function compare(Request $request, Job $job): JsonResponse
    {
        $request->validate(['one' => ['required', 'integer'], 'two' => ['required', 'integer']]);
        $of = static fn (string $key): Design => $job->designs()->whereKey($request->integer($key))->firstOrFail();

        return new JsonResponse(Comparison::of($of('one'), $of('two')));
    }

    private function append(Request $request, Job $job, SaveDesign $saveDesign, Design $from, string $kind, string $change): JsonResponse
    {
        $request->validate(['base' => ['required', 'integer']]);
        $current = $job->current();
        if ($request->integer('base') !== $current->id) {
            return self::no('Somebody saved in between. Look at the newest design first; nothing was changed.');
        }
        $bytes = $job->designs()->whereKey($from->id)->firstOrFail();

        return new JsonResponse(DeskView::of($saveDesign->handle($job, $this->user($request), $current, $bytes->document(), $change, $kind)));
    }

    private static function no(string $message): JsonResponse
    {
        return new JsonResponse(['code' => 'not_now', 'message' => $message, 'faults' => []], 422);
    }
}

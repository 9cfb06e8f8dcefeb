<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\Design;
use App\Models\Job;

/**
 * What undo and redo lead to, read from the main line of designs.
 *
 * Nothing is ever taken back: undo appends a copy of the design before, redo one of the design that was undone.
 */
final readonly class History
{
    /**
     * @param Design|null $undo The design whose copy undo appends, without its bytes
     * @param Design|null $undone The design that undo takes back
     */
    private function __construct(public ?Design $undo, public ?Design $undone, public ?Design $redo)
    {
    }

    public static function of(Job $job): self
    {
        $before = $after = [];
        $here = null;
        foreach ($job->designs()->where('is_side', false)->orderBy('number')->get(['id', 'job_id', 'number', 'kind', 'author_id', 'change']) as $design) {
            if ($design->kind === 'undo' && $before !== []) {
                $after[] = $here;
                $here = array_pop($before);
            } elseif ($design->kind === 'redo' && $after !== []) {
                $before[] = $here;
                $here = array_pop($after);
            } else {
                $after = [];
                if ($here !== null) {
                    $before[] = $here;
                }
                $here = $design;
            }
        }

        return new self($before === [] ? null : $before[count($before) - 1], $here, $after === [] ? null : $after[count($after) - 1]);
    }
}

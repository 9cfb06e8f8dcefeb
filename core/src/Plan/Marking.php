<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Surface\Outline;

/**
 * What is marked on a roof before anything else: the plane's corners with its edges and diagonals, which prove the drawing, the
 * ends of every row with its modules, and the note that stands at the ridge.
 *
 * Source: common practice, no source.
 */
final class Marking
{
    /** @return list<array{from: int, to: int, kind: string, length_m: float}> Edges in their order, corners from 1 */
    public static function edges(Plan $plan): array
    {
        $outline = Outline::of($plan->design->surface);
        $edges = [];
        foreach ($outline->polygon()->edges() as $index => [[$x0, $y0], [$x1, $y1]]) {
            $edges[] = [
                'from' => $index + 1, 'to' => ($index + 1) % count($outline->corners()) + 1, 'kind' => $outline->edges()[$index][0]->value,
                'length_m' => hypot($x1 - $x0, $y1 - $y0),
            ];
        }

        return $edges;
    }

    /** @return list<array{from: int, to: int, length_m: float}> From the first corner to all but its neighbours, and one more that proves it */
    public static function diagonals(Plan $plan): array
    {
        $corners = Outline::of($plan->design->surface)->corners();
        $count = count($corners);
        $diagonals = [];
        foreach ([
            ...array_map(static fn (int $to): array => [0, $to], $count > 3 ? range(2, $count - 2) : []),
            ...$count > 3 ? [[1, 3]] : [],
        ] as [$from, $to]) {
            $diagonals[] = [
                'from' => $from + 1,
                'to' => $to + 1,
                'length_m' => hypot($corners[$to][0] - $corners[$from][0], $corners[$to][1] - $corners[$from][1]),
            ];
        }

        return $diagonals;
    }

    /**
     * Rows from the eave up, block by block: their lower and upper edge, their ends from the left rake
     *
     * @return list<array{block: int, row: int, low_m: float, high_m: float, from_m: float, to_m: float, modules: int}>
     */
    public static function rows(Plan $plan): array
    {
        $rows = [];
        foreach ($plan->blocks as $block) {
            foreach ($block->placement->rows as $row => $spots) {
                $spots = array_values($spots);
                $rows[] = [
                    'block' => $block->part->number, 'row' => $row, 'low_m' => $spots[0]->y_m, 'high_m' => $spots[0]->y_m + $block->placement->length_m,
                    'from_m' => $spots[0]->x_m, 'to_m' => $spots[count($spots) - 1]->x_m + $block->placement->width_m, 'modules' => count($spots),
                ];
            }
        }

        return $rows;
    }

    /** The count of modules of every row, from the eave up, block by block: "9 + 10". */
    public static function ridgeNote(Plan $plan): string
    {
        return implode('; ', array_map(
            static fn (BlockPlan $block): string => implode(' + ', array_map('count', array_values($block->placement->rows))),
            $plan->blocks,
        ));
    }

    /** How many members on the next foot stands, this one not counted; null for the last of a run. */
    public static function membersOn(Plan $plan, RunPlan $run, int $foot): ?int
    {
        $numbers = array_column(match (true) {
            !$run->run->line->isUpSlope => $plan->members->members,
            $plan->members->purlins !== null => $plan->members->purlins->purlins,
            default => array_map(static fn (int $number): array => ['number' => $number], $run->run->members),
        }, 'number');
        $here = array_search($run->members()[$foot], $numbers, true);
        $next = isset($run->picks[$foot + 1]) ? array_search($run->members()[$foot + 1], $numbers, true) : false;

        return is_int($here) && is_int($next) ? $next - $here : null;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Project;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Beside;
use Garnetine\Core\Load\Printed;

/** What the tables of one field do to each other: each is planned for itself, and then told of those that stand on it or before it. */
final class TablesBeside
{
    /** Less than this of one table over another is a rounding of the tape, in metres. */
    private const OVER_M = 0.005;

    /** A table as its job has it, told of those beside it. */
    public static function plan(Project $project, string $id, Depth $depth = Depth::Full): TablePlan
    {
        return self::field($project, $id, $depth)[$id];
    }

    /** @return array<string, TablePlan> A table and, where it has a place in the field, the others that have one, in their order */
    public static function field(Project $project, string $id, Depth $depth = Depth::Full): array
    {
        $plans = [];
        $isPlaced = $project->table($id)->table->place !== null;
        foreach ($project->tableIds() as $one) {
            $design = $project->table($one);
            if ($one === $id || $isPlaced && $design->table->place !== null) {
                $plans[$one] = TablePlanner::plan($design, $one === $id ? $depth : Depth::Checks);
            }
        }

        return self::told($plans);
    }

    /**
     * @param array<string, TablePlan> $plans Of one job
     *
     * @return array<string, TablePlan> The same, told of each other
     */
    public static function told(array $plans): array
    {
        $told = [];
        foreach ($plans as $id => $plan) {
            $findings = self::of($plan, array_diff_key($plans, [$id => true]));
            $told[$id] = $findings === [] ? $plan : $plan->saying([...$plan->findings, ...$findings]);
        }

        return $told;
    }

    /**
     * @param array<string, TablePlan> $others
     *
     * @return list<Finding>
     */
    private static function of(TablePlan $plan, array $others): array
    {
        $here = $plan->inField();
        $findings = [];
        $nearest = null;
        foreach ($others as $other) {
            $there = $other->inField();
            if ($here === null || $there === null) {
                continue;
            }
            $beside = new Beside($here, $plan->design->table->bearing, $there, $other->design->table->bearing);
            $over_m = $beside->over_m();
            if ($over_m > self::OVER_M) {
                $findings[] = Finding::of(Code::TablesOverlap, '/table/place', ['other' => $other->design->table->name, 'over_m' => $over_m]);
                continue;
            }
            $before_m = $beside->before_m();
            if ($before_m !== null && $before_m < ($nearest['before_m'] ?? INF)) {
                $nearest = ['before_m' => $before_m, 'plan' => $other];
            }
        }

        return [...$findings, ...$nearest === null ? [] : self::shaded($nearest['before_m'], $nearest['plan'])];
    }

    /**
     * @param TablePlan $front That stands before it
     *
     * @return list<Finding>
     */
    private static function shaded(float $before_m, TablePlan $front): array
    {
        $findings = [];
        foreach (TablePlanner::pitches($front->design) as $pitch) {
            if ($pitch['is_usual'] && $pitch['pitch_m'] !== null && Printed::under($before_m, $pitch['pitch_m'])) {
                $findings[] = Finding::of(Code::RowShaded, '/table/place', [
                    'other' => $front->design->table->name, 'before_m' => $before_m, 'pitch_m' => $pitch['pitch_m'], 'from' => $pitch['from'], 'to' => $pitch['to'],
                ]);
            }
        }

        return $findings;
    }
}

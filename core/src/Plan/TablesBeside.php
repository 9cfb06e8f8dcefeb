<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Project;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Beside;
use Garnetine\Core\Ground\InField;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Angle;

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

    /** @return array<string, TablePlan> All tables of a job, told of each other */
    public static function all(Project $project, Depth $depth = Depth::Full): array
    {
        $plans = [];
        $alike = new AlikeTables();
        foreach ($project->tableIds() as $id) {
            $plans[$id] = TablePlanner::plan($project->table($id), $depth, $alike);
        }

        return self::told($plans);
    }

    /**
     * @param array<string, TablePlan> $all Of a job
     *
     * @return array<string, TablePlan> A table and, where it has a place in the field, the others that have one
     */
    public static function of(array $all, string $id): array
    {
        $isPlaced = static fn (TablePlan $plan): bool => $plan->design->table->place !== null;

        return $isPlaced($all[$id]) ? array_filter($all, $isPlaced) : [$id => $all[$id]];
    }

    /** @return array<string, TablePlan> A table and, where it has a place in the field, the others that have one, in their order */
    public static function field(Project $project, string $id, Depth $depth = Depth::Full): array
    {
        $plans = [];
        $alike = new AlikeTables();
        $isPlaced = $project->table($id)->table->place !== null;
        foreach ($project->tableIds() as $one) {
            $design = $project->table($one);
            if ($one === $id || $isPlaced && $design->table->place !== null) {
                $plans[$one] = TablePlanner::plan($design, $one === $id ? $depth : Depth::Checks, $alike);
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
        $fields = array_map(static fn (TablePlan $plan): ?InField => $plan->inField(), $plans);
        foreach ($plans as $id => $plan) {
            $findings = self::findings($plan, $fields[$id], array_diff_key($plans, [$id => true]), $fields);
            $told[$id] = $findings === [] ? $plan : $plan->saying([...$plan->findings, ...$findings]);
        }

        return $told;
    }

    /**
     * @param array<string, TablePlan> $others
     * @param array<string, InField|null> $fields Where each stands
     *
     * @return list<Finding>
     */
    private static function findings(TablePlan $plan, ?InField $here, array $others, array $fields): array
    {
        $findings = [];
        $nearest = null;
        foreach ($others as $id => $other) {
            $there = $fields[$id];
            if ($here === null || $there === null || self::isFar($here, $there, $plan->design->table->bearing, $nearest['before_m'] ?? INF)) {
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

    /** Whether a table is neither over this one nor before it, or is that further than another, by the middles of both and how far they reach. */
    private static function isFar(InField $here, InField $there, Angle $faces, float $nearest_m): bool
    {
        [[$x_m, $y_m, $reach_m], [$otherX_m, $otherY_m, $otherReach_m]] = [$here->round_m(), $there->round_m()];
        $both_m = $reach_m + $otherReach_m;
        $before_m = ($otherX_m - $x_m) * sin($faces->toRadians()) + ($otherY_m - $y_m) * cos($faces->toRadians());

        return hypot($otherX_m - $x_m, $otherY_m - $y_m) > $both_m && ($before_m < -$both_m || $before_m - $both_m > $nearest_m);
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
                    'other' => $front->design->table->name, 'before_m' => $before_m, 'pitch_m' => $pitch['pitch_m'], 'from' => $pitch['from'],
                    'to' => $pitch['to'],
                ]);
            }
        }

        return $findings;
    }
}

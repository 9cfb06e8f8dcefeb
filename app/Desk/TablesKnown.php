<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Plan\AlikeTables;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Plan\TablesBeside;
use Illuminate\Support\Facades\Cache;

/** Tables of a job, told of each other: that in view planned anew, the others as lists and the field tell them, once for each design of theirs. */
final class TablesKnown
{
    private const KEPT_S = 86_400;

    /** So many unlike tables take longer to plan, once, than a request is given else. */
    private const MANY = 40;
    private const LONGEST_S = 300;

    /** @return array<string, TablePlan> */
    public static function around(Project $project, string $id, Depth $depth = Depth::Checks): array
    {
        $keys = $plans = [];
        $alike = new AlikeTables();
        foreach ($project->tableIds() as $one) {
            $keys[$one] = self::key($project->table($one));
        }
        $known = Cache::many(array_values(array_diff_key($keys, [$id => true])));
        if (count(array_filter($known, is_null(...))) > self::MANY) {
            set_time_limit(self::LONGEST_S);
        }
        foreach ($keys as $one => $key) {
            $design = $project->table($one);
            $plan = $one === $id ? TablePlanner::plan($design, $depth, $alike) : $known[$key] ?? null;
            if (!$plan instanceof TablePlan) {
                $plan = TablePlanner::plan($design, Depth::Checks, $alike)->aside();
                Cache::put($key, $plan, self::KEPT_S);
            }
            $plans[$one] = Copy::of($plan, design: $design);
        }

        return TablesBeside::told($plans);
    }

    /** What a table goes by, but for its name, and for its place where nothing in the field minds that. */
    private static function key(TableDesign $design): string
    {
        $site = $design->site;
        $isPlain = $site->buried === [] && $site->noDig === [] && $site->soils === [];
        $plain = Copy::of($design, name: 'any', asTyped: [], table: Copy::of($design->table, name: 'any', place: $isPlain ? null : $design->table->place));

        return 'table.'.Build::hash().'.'.hash('sha256', CanonicalJson::encode(Writer::toArray($plain)));
    }
}

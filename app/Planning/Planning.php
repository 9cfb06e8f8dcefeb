<?php

declare(strict_types=1);

namespace App\Planning;

use Garnetine\Core\Attachment\Search\NotWanted;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Plan\AlikeTables;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Illuminate\Support\Facades\Auth;

/**
 * Plans for whoever asks over the network. Large roofs wait for a turn: on one server one core stays free of them, a company has
 * one under way at a time, and few wait, so that nobody else has to. Background jobs take no turn: the queue gives them theirs.
 */
final class Planning
{
    /** Places for feet from which a roof is large: half a second, where the usual ones take a twentieth. */
    private const LARGE = 1_000;

    /** Of one company, besides the one under way. */
    private const WAITING = 2;

    private const LONGEST_WAIT_S = 25.0;

    private const WRITTEN = 'garnetine.written';

    public static function isLarge(Design $design): bool
    {
        return Planner::weight($design) >= self::LARGE;
    }

    /** Whether one of its surfaces is. */
    public static function anyIsLarge(Project $project): bool
    {
        return array_filter($project->ids(), static fn (string $surface): bool => self::isLarge($project->design($surface))) !== [];
    }

    /**
     * All surfaces of a job, one after the other.
     *
     * @throws Busy if too many of the company wait already, or none of them came to its turn, and nothing was stored yet
     */
    public static function all(Project $project, Depth $depth = Depth::Full): ProjectPlan
    {
        $alike = new AlikeTables();

        return ProjectPlan::by(
            $project,
            static fn (string $surface): Plan => self::plan($project->design($surface), $depth),
            static fn (string $table): TablePlan => TablePlanner::plan($project->table($table), $depth, $alike),
        );
    }

    /** Something was stored in this request: asked for again it would be done twice, so from here on it is answered. */
    public static function written(): void
    {
        request()->attributes->set(self::WRITTEN, true);
    }

    /**
     * @param Newest|null $newest Of a look that a newer one makes void
     *
     * @throws Busy if too many of the company wait already, or none of them came to its turn, and nothing was stored yet
     * @throws NotWanted if the look is void
     */
    public static function plan(Design $design, Depth $depth = Depth::Full, ?Newest $newest = null): Plan
    {
        try {
            return self::inTurn($design, $depth, $newest);
        } catch (Busy $busy) {
            return request()->attributes->get(self::WRITTEN) === true ? Planner::plan($design, $depth) : throw $busy;
        }
    }

    /**
     * @throws Busy
     * @throws NotWanted
     */
    private static function inTurn(Design $design, Depth $depth, ?Newest $newest): Plan
    {
        $company = Auth::user()?->company_id;
        if ($company === null || !self::isLarge($design)) {
            $newest?->supersede();

            return Planner::plan($design, $depth);
        }
        $newest?->begin();
        $places = [];
        foreach (range(0, self::WAITING) as $place) {
            $places[] = "company-$company-$place";
        }
        $here = self::first($places) ?? throw new Busy();
        $until = microtime(true) + self::LONGEST_WAIT_S;
        try {
            $own = self::wait(["under-way-$company"], $until, $newest);
            try {
                $turn = self::wait(array_map(static fn (int $turn): string => "turn-$turn", range(1, max(1, self::cores() - 1))), $until, $newest);
                try {
                    return Planner::plan($design, $depth, $newest === null ? null : $newest->isWanted(...));
                } finally {
                    fclose($turn);
                }
            } finally {
                fclose($own);
            }
        } finally {
            fclose($here);
            $newest?->end();
        }
    }

    /**
     * @param list<string> $names
     *
     * @return resource Whose lock ends when it is closed, or its process ends
     *
     * @throws Busy
     * @throws NotWanted
     */
    private static function wait(array $names, float $until, ?Newest $newest)
    {
        while (($lock = self::first($names)) === null) {
            $newest?->mustBeWanted();
            if (microtime(true) > $until) {
                throw new Busy();
            }
            usleep(50_000);
        }

        return $lock;
    }

    /**
     * @param list<string> $names
     *
     * @return resource|null The first that is free
     */
    private static function first(array $names)
    {
        $folder = storage_path('framework/turns');
        if (!is_dir($folder)) {
            @mkdir($folder, 0o700, true);
        }
        foreach ($names as $name) {
            $file = @fopen("$folder/$name", 'c');
            if ($file !== false && flock($file, LOCK_EX | LOCK_NB)) {
                return $file;
            }
        }

        return null;
    }

    private static function cores(): int
    {
        return max(1, (int) preg_match_all('/^processor\s/m', (string) @file_get_contents('/proc/cpuinfo')));
    }
}

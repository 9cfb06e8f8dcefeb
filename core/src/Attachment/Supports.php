<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Attachment\Check\AxialCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\Search\AxialSearch;
use Garnetine\Core\Attachment\Search\FewestSearch;
use Garnetine\Core\Attachment\Search\NotWanted;
use Garnetine\Core\Attachment\Search\Relief;
use Garnetine\Core\Attachment\Search\RunSearches;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Combinations;
use Garnetine\Core\Rail\OwnHand;
use Garnetine\Core\Rail\Run;

/**
 * The feet of every run.
 *
 * Staggered: a line keeps off the members of the line below where that costs no foot more. Afterwards, where a member would
 * carry too much, runs are moved off it, even for more feet: the plan tells how many.
 */
final readonly class Supports
{
    /**
     * @param list<RunPlan> $runs
     * @param int $tried Layouts that were weighed to take load off members
     * @param bool $isSpent Whether that ended for having moved enough, and not because nothing helped
     */
    private function __construct(public array $runs, public int $tried, public bool $isSpent)
    {
    }

    /**
     * @param list<Run> $runs Block by block, in each lines from the eave up
     * @param (\Closure(): bool)|null $isWanted Whether anybody still waits for the plan
     *
     * @throws NotWanted
     */
    public static function of(
        Design $design,
        array $runs,
        Capacities $capacities,
        Combinations $combinations,
        CombinationFactors $factors,
        MemberLoading $loading,
        ?\Closure $isWanted = null,
    ): self {
        $searches = new RunSearches($runs, $capacities, $combinations->strength, $factors, $isWanted);
        $plans = [];
        $below = $here = [];
        $line = null;
        foreach ($runs as $run) {
            if ($run->line !== $line) {
                [$line, $below, $here] = [$run->line, $run->line->block === $line?->block ? $here : [], []];
            }
            $lower = $plans[$run->line->isUpper ? RunSearches::other($run, $runs)->id ?? '' : ''] ?? null;
            $keptOff = $design->isStaggered() && $run->upSlope === null ? $below : [];
            $plan = $lower === null ? self::plan($searches, $run, $keptOff) : self::over($searches, $run, $lower);
            array_push($here, ...$plan->members());
            $plans[$run->id] = $plan;
        }

        [$runs, $relief] = Relief::of(array_values($plans), $searches, $loading);

        return new self($runs, $relief->tried, $relief->isSpent);
    }

    /** @param list<int> $below Members that the line below stands on */
    private static function plan(RunSearches $searches, Run $run, array $below): RunPlan
    {
        if ($run->onEach) {
            return self::onEach($searches, $run);
        }
        $fewest = $searches->fewest($run);
        if ($fewest === null) {
            return self::failing($searches, $run);
        }
        $chosen = $fewest;
        $pinned = array_map(static fn (int $pick): int => $run->members[$pick], $run->hand->pinned);
        [$below, $inner] = [array_values(array_diff($below, $pinned)), array_values(array_diff(array_slice($below, 1, -1), $pinned))];
        $shared = array_intersect(array_map(static fn (int $pick): int => $run->members[$pick], $fewest->picks), $below);
        if ($shared !== []) {
            // At the ends there is often no choice; then the others are kept apart at least.
            $count = count($fewest->picks);
            $chosen = $searches->fewest($run, $below, $count) ?? (array_intersect(
                $shared,
                $inner,
            ) === [] ? null : $searches->fewest($run, $inner, $count)) ?? $fewest;
        }

        return new RunPlan($run, $searches->check($run), $chosen->picks, $fewest->bound, $chosen->isBest);
    }

    /** On legs, over those of the lower rail. */
    private static function over(RunSearches $searches, Run $run, RunPlan $lower): RunPlan
    {
        return new RunPlan($run, $searches->check($run), $lower->picks, $lower->bound, $lower->isBest, $lower->noneHolds, 0, $lower->withoutHand);
    }

    /** A foot on each place: it holds, or nothing does. */
    private static function onEach(RunSearches $searches, Run $run): RunPlan
    {
        [$check, $picks] = [$searches->check($run), array_keys($run->candidates_m)];
        $holds = count($picks) > 1 && $check->holds($run->candidates_m);

        return new RunPlan($run, $check, count($picks) > 1 ? $picks : [], $holds ? count($picks) : null, $holds, !$holds);
    }

    /** Nothing holds: the even layout that fails least, so that the findings can say by how much. */
    private static function failing(RunSearches $searches, Run $run): RunPlan
    {
        $check = $searches->check($run);
        $least = INF;
        $picks = [];
        for ($step = 1; $step <= 4; ++$step) {
            $some = [];
            for ($index = 0; $index < count($run->candidates_m); $index += $step) {
                $some[] = $index;
            }
            $some = array_values(array_unique([...$some, ...$run->hand->pinned]));
            sort($some);
            $worst = $check->worst(array_map(static fn (int $pick): float => $run->candidates_m[$pick], $some));
            if ($worst < $least) {
                [$least, $picks] = [$worst, $some];
            }
        }

        $isFree = $run->hand->key() === (new OwnHand())->key();
        $free = match (true) {
            $isFree => null,
            $check instanceof AxialCheck => AxialSearch::of($run->under(new OwnHand()), $check)[0],
            default => (new FewestSearch($run->under(new OwnHand()), $check))->fewest(),
        };

        return new RunPlan($run, $check, $picks, null, false, $searches->triedAll($run), 0, $free === null ? null : count($free->picks));
    }
}

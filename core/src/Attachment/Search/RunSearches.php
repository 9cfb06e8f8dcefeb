<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Check\AxialCheck;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Rail\Run;

/**
 * The searches of all runs of a roof, which share what they can.
 *
 * Runs are alike when their clamps stand alike and their feet may take the same places. A run takes the layout of an earlier
 * one alike, if that holds under its own loads and no layout with fewer feet can: the crew reads one tape for many lines.
 * Else it has a search of its own.
 */
final class RunSearches
{
    /** Layouts kept as first guesses for neighbours. */
    private const HINTS = 6;

    /** Steps of a proof for many runs: it is quick or in vain. */
    private const PROOF_STEPS = 500;

    public readonly Work $work;

    /** @var array<string, RunCheck> By run */
    private array $checks = [];

    /** @var array<string, string> By run: runs with the same numbers have the same */
    private array $signatures = [];

    /** @var array<string, string> By run: where its feet may stand */
    private array $places = [];

    /** @var array<string, string> By run */
    private array $likeness = [];

    /** @var array<string, array<string, RunCheck>> By likeness, then signature */
    private array $alike = [];

    /** @var array<string, FewestSearch> By signature */
    private array $searches = [];

    /** @var array<string, FewestSearch> By likeness, on behalf of all its runs */
    private array $proofs = [];

    /** @var array<string, bool> */
    private array $ruledOut = [];

    /** @var array<string, Fewest|null> */
    private array $found = [];

    /** @var array<string, list<int>|null> */
    private array $relieving = [];

    /** @var array<string, bool> By signature, of the search in which nothing was barred */
    private array $triedAll = [];

    /** @var array<string, string> By signature: that of the run whose layout was taken */
    private array $lenders = [];

    /** @var array<string, list<array{Fewest, string}>> Of earlier runs with their signatures, by likeness and what is barred */
    private array $layouts = [];

    /** @var array<string, list<list<int>>> Good layouts, by the places that feet may take */
    private array $hints = [];

    /**
     * @param list<Run> $runs
     * @param list<Combination> $combinations
     * @param (\Closure(): bool)|null $isWanted Whether anybody still waits for the plan
     */
    public function __construct(array $runs, Capacities $capacities, array $combinations, CombinationFactors $factors, ?\Closure $isWanted = null)
    {
        $shapes = [];
        $this->work = Work::for($runs, $isWanted);
        foreach ($runs as $run) {
            $key = RunShape::key($run);
            $other = self::other($run, $runs);
            $signature = $this->signatures[$run->id] = $run->signature().$other?->signature();
            $places = $this->places[$run->id] = pack('d*', ...$run->candidates_m).$run->hand->key();
            $likeness = $this->likeness[$run->id] = $key.$places;
            $shapes[$key] ??= RunShape::of($run);
            $this->checks[$run->id] = $this->alike[$likeness][$signature] ??= RunCheck::for(
                $run,
                $capacities,
                $combinations,
                $factors,
                $shapes[$key],
                $this->work,
                $other,
            );
        }
    }

    /**
     * Of a rail on legs the one above or below it, whose legs are of one frame with its own.
     *
     * @param list<Run> $runs
     */
    public static function other(Run $run, array $runs): ?Run
    {
        foreach ($run->legs === null ? [] : $runs as $one) {
            if (
                $one->line->isUpper !== $run->line->isUpper
                && [$one->line->block, $one->line->row, $one->firstColumn] === [$run->line->block, $run->line->row, $run->firstColumn]
            ) {
                return $one;
            }
        }

        return null;
    }

    public function check(Run $run): RunCheck
    {
        return $this->checks[$run->id];
    }

    /**
     * @param list<int> $barred Members that may not be used
     * @param int|null $most Layouts with more feet are of no interest
     */
    public function fewest(Run $run, array $barred = [], ?int $most = null): ?Fewest
    {
        $candidates = array_keys(array_intersect($run->members, $barred));
        $limits = '/'.implode(',', $candidates).'/'.$most;
        $key = $this->signatures[$run->id].$limits;
        if (!array_key_exists($key, $this->found)) {
            $this->found[$key] = $this->search($run, $candidates, $most, $limits);
        }

        return $this->found[$key];
    }

    /**
     * The feet of a layout that keeps off members and relieves others; for runs with the same numbers the first answer stands.
     *
     * @param list<int> $barred Members that may not be used
     * @param int $least Feet at least
     * @param \Closure(RunPlan): float $relief The greater the better
     * @param float $limit The greatest ratio that it may come to
     *
     * @return list<int>|null
     */
    public function relieving(RunPlan $plan, array $barred, int $least, int $most, \Closure $relief, float $limit): ?array
    {
        $run = $plan->run;
        if ($run->upSlope !== null) {
            // All of it stays on the one member that it lies over.
            return null;
        }
        $candidates = array_keys(array_intersect($run->members, $barred));
        $key = $this->signatures[$run->id].'/'.implode(',', $candidates)."/$least/$most/".round($limit, 9);
        if (!array_key_exists($key, $this->relieving)) {
            // A search for relief is content with what it comes upon: that of the run whose layout this one has taken will do.
            $lender = $this->lenders[$this->signatures[$run->id]] ?? '';
            $search = $this->searches[$this->signatures[$run->id]] ?? $this->searches[$lender] ?? $this->own($run);
            $this->relieving[$key] = $search->relieving(
                $candidates,
                $least,
                $most,
                static fn (array $picks): float => $relief($plan->over($picks)),
                $this->checks[$run->id],
                $limit,
            );
        }

        return $this->relieving[$key];
    }

    /**
     * Whether a layout may hold with one of its feet where it is, as far as a search that is at hand can tell.
     *
     * @param list<int> $picks
     */
    public function mayStand(Run $run, array $picks, int $place): bool
    {
        $search = $this->searches[$this->signatures[$run->id]] ?? $this->proofs[$this->likeness[$run->id]] ?? null;

        return $search === null || $search->mayStand($picks, $place);
    }

    /** Whether every layout was tried, when none was found. */
    public function triedAll(Run $run): bool
    {
        return $this->triedAll[$this->signatures[$run->id]] ?? false;
    }

    /** @param list<int> $barred Candidates */
    private function search(Run $run, array $barred, ?int $most, string $limits): ?Fewest
    {
        $check = $this->checks[$run->id];
        if ($check instanceof AxialCheck) {
            [$fewest, $isComplete] = AxialSearch::of($run, $check, $barred, $most);
            $this->triedAll[$this->signatures[$run->id]] = $isComplete;

            return $fewest;
        }
        // With a few places barred there most likely is a layout.
        if ($most !== null && count($barred) >= $most - 2 && $this->isRuledOut($run, $most, $barred)) {
            return null;
        }
        $likeness = $this->likeness[$run->id].$limits;
        foreach ($this->layouts[$likeness] ?? [] as [$earlier, $lender]) {
            $picks = $earlier->picks;
            $feet_m = array_map(static fn (int $pick): float => $run->candidates_m[$pick], $picks);
            $check = $this->checks[$run->id];
            $worst = $check->worst($feet_m, $check->capacities->placing->limit);
            if ($worst > $check->capacities->placing->limit || !$check->holdsMoved($feet_m, $worst)) {
                continue;
            }
            if ($this->isRuledOut($run, count($picks) - 1, $barred) || $this->own($run)->ruledOut(count($picks) - 1, $barred)) {
                if ($barred === [] && $most === null) {
                    $this->lenders[$this->signatures[$run->id]] = $lender;
                }

                return new Fewest($picks, $worst, count($picks), false, 0);
            }
        }
        $places = $this->places[$run->id];
        $hints = $this->hints[$places] ?? [];
        $found = $this->own($run)->fewest($barred, $most, $hints);
        if ($barred === [] && $most === null) {
            $this->triedAll[$this->signatures[$run->id]] = $this->own($run)->isComplete();
        }
        if ($found !== null) {
            $this->layouts[$likeness][] = [$found, $this->signatures[$run->id]];
            if (!in_array($found->picks, $hints, true)) {
                $this->hints[$places] = array_slice([$found->picks, ...$hints], 0, self::HINTS);
            }
        }

        return $found;
    }

    private function own(Run $run): FewestSearch
    {
        return $this->searches[$this->signatures[$run->id]] ??= new FewestSearch($run, $this->checks[$run->id]);
    }

    /**
     * Whether no run alike can do with so few feet: asked once for all of them.
     *
     * @param list<int> $barred Candidates
     */
    private function isRuledOut(Run $run, int $count, array $barred): bool
    {
        $likeness = $this->likeness[$run->id];
        if (count($this->alike[$likeness]) < 2) {
            return false;
        }
        $this->proofs[$likeness] ??= new FewestSearch($run, $this->checks[$run->id], array_values($this->alike[$likeness]));

        return $this->ruledOut[$likeness.'/'.$count.'/'.implode(',', $barred)] ??= $this->proofs[$likeness]->ruledOut($count, $barred, self::PROOF_STEPS);
    }
}

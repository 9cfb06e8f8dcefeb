<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Pattern;
use Garnetine\Core\Framing\MemberLoading;
use Garnetine\Core\Framing\MemberShares;
use Garnetine\Core\Load\Asce7\PanelPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Rail\Run;

/**
 * Chooses the feet of every run. A run takes the layout of an earlier one with clamps and members alike, if that holds under
 * its own loads and no layout with fewer feet can: the crew reads one tape for many lines. Else it has a search of its own.
 *
 * Staggered: a line keeps off the members of the line below where that costs no foot more. Afterwards, where a member would
 * carry too much, runs are moved off it, even for a foot more: the plan tells how many.
 */
final class Supports
{
    /** Moves tried to take load off overloaded members. */
    private const MOVES = 16;

    /** Of the runs on an overloaded member, those that load it most are tried: by moving a foot, then by a new search. */
    private const SHIFTED = 4;
    private const SEARCHED = 2;

    /** @var array<string, Fewest|null> */
    private array $solved = [];

    /** @var array<string, array{RunCheck, FewestSearch}> */
    private array $tools = [];

    /** @var array<string, RunShape> By key */
    private array $shapes = [];

    /** @var array<string, string> By run: the key of its shape, and the places that its feet may take */
    private array $likeness = [];

    /** @var array<string, list<list<int>>> Layouts of earlier runs, by likeness and what is barred */
    private array $alike = [];

    /** @var array<string, list<list<int>>> Good layouts by the places that a run's feet may take: likely good for its neighbours too */
    private array $hints = [];

    /** @var array<string, float> Worst ratio of layouts tried while relieving members; beyond 1 not exact */
    private array $weighed = [];

    /** @var array<string, string> By run */
    private array $signatures = [];

    private readonly CombinationFactors $factors;

    private function __construct(private readonly Capacities $capacities, private readonly PanelPressure $pressure, Coefficients $coefficients)
    {
        $this->factors = CombinationFactors::of($coefficients);
    }

    /**
     * @param list<Run> $runs Lines from the eave up
     *
     * @return list<RunPlan>
     */
    public static function of(Design $design, array $runs, Capacities $capacities, PanelPressure $pressure, Coefficients $coefficients, MemberLoading $loading): array
    {
        $supports = new self($capacities, $pressure, $coefficients);
        $plans = [];
        $below = $here = [];
        $letter = '';
        foreach ($runs as $run) {
            if ($run->line->letter !== $letter) {
                [$letter, $below, $here] = [$run->line->letter, $here, []];
            }
            $plan = $supports->plan($run, $design->rules->pattern === Pattern::Staggered ? $below : []);
            array_push($here, ...$plan->members());
            $plans[] = $plan;
        }

        return $supports->relieved($plans, $loading);
    }

    /** @param list<int> $below Members that the line below stands on */
    private function plan(Run $run, array $below): RunPlan
    {
        $fewest = $this->solve($run);
        if ($fewest === null) {
            return $this->failing($run, ...$this->tools($run));
        }
        $chosen = $fewest;
        $shared = array_intersect(array_map(static fn (int $pick): int => $run->members[$pick], $fewest->picks), $below);
        if ($shared !== []) {
            // At the ends there is often no choice; then the others are kept apart at least.
            $inner = array_slice($below, 1, -1);
            $count = count($fewest->picks);
            $chosen = $this->solve($run, $below, $count) ?? (array_intersect($shared, $inner) === [] ? null : $this->solve($run, $inner, $count)) ?? $fewest;
        }

        return $this->planned($run, $chosen, $fewest->bound);
    }

    private function planned(Run $run, Fewest $fewest, int $bound): RunPlan
    {
        return new RunPlan($run, $this->tools($run)[0], $fewest->picks, $bound, $fewest->isBest);
    }

    /** @return array{RunCheck, FewestSearch} */
    private function tools(Run $run): array
    {
        $signature = $this->signatures[$run->id] ??= $run->signature();
        if (!isset($this->tools[$signature])) {
            $shape = $this->shapes[RunShape::key($run)] ??= RunShape::of($run);
            $check = new RunCheck($run, $this->capacities, $this->pressure, $this->factors, $shape);
            $this->tools[$signature] = [$check, new FewestSearch($run, $check)];
        }

        return $this->tools[$signature];
    }

    /**
     * @param list<int> $barred Members that may not be used
     * @param int|null $most Layouts with more feet are of no interest
     */
    private function solve(Run $run, array $barred = [], ?int $most = null): ?Fewest
    {
        $candidates = array_keys(array_intersect($run->members, $barred));
        $limits = '/'.implode(',', $candidates).'/'.$most;
        $key = ($this->signatures[$run->id] ??= $run->signature()).$limits;
        if (!array_key_exists($key, $this->solved)) {
            $this->solved[$key] = $this->newlySolved($run, $candidates, $most, $limits);
        }

        return $this->solved[$key];
    }

    /** @param list<int> $candidates Those that may not be used */
    private function newlySolved(Run $run, array $candidates, ?int $most, string $limits): ?Fewest
    {
        $search = $this->tools($run)[1];
        $places = implode(' ', $run->candidates_m);
        $likeness = ($this->likeness[$run->id] ??= RunShape::key($run).$places).$limits;
        foreach ($this->alike[$likeness] ?? [] as $picks) {
            $adopted = $search->adopted($picks, $candidates);
            if ($adopted !== null) {
                return $adopted;
            }
        }
        $found = $search->fewest($candidates, $most, $this->hints[$places] ?? []);
        if ($found !== null) {
            $this->alike[$likeness][] = $found->picks;
            if (!in_array($found->picks, $this->hints[$places] ?? [], true)) {
                $this->hints[$places] = array_slice([$found->picks, ...$this->hints[$places] ?? []], 0, 6);
            }
        }

        return $found;
    }

    /**
     * Takes the worst loaded member from one run at a time, as long as the sum of what is too much falls.
     *
     * @param list<RunPlan> $plans
     *
     * @return list<RunPlan>
     */
    private function relieved(array $plans, MemberLoading $loading): array
    {
        $now = $loading->under($plans);
        $barred = $hopeless = [];
        for ($move = 0; $move < self::MOVES && $now->atOneShare <= $now->limit; ++$move) {
            $worst = $now->worstBut($hopeless);
            if ($worst === null) {
                break;
            }
            $best = $this->move($plans, $now, $worst->number, $barred, $loading, false) ?? $this->move($plans, $now, $worst->number, $barred, $loading, true);
            if ($best === null) {
                $hopeless[] = $worst->number;
                continue;
            }
            [$index, $plan, $now] = $best;
            $plans[$index] = $plan;
            $barred[$index][] = $worst->number;
        }

        return array_values($plans);
    }

    /**
     * The best single run to take off a member: by a foot moved to a neighbour, or by a new search for the runs that load it most.
     *
     * @param array<int, RunPlan> $plans
     * @param array<int, list<int>> $barred
     *
     * @return array{int, RunPlan, MemberShares}|null
     */
    private function move(array $plans, MemberShares $now, int $member, array $barred, MemberLoading $loading, bool $search): ?array
    {
        $on = [];
        foreach ($plans as $index => $plan) {
            $place = $plan->holds() ? array_search($member, $plan->members(), true) : false;
            if ($place !== false) {
                $on[$index] = $plan->reactions()[$place];
            }
        }
        arsort($on);
        $best = $bestRank = null;
        foreach (array_slice(array_keys($on), 0, $search ? self::SEARCHED : self::SHIFTED) as $index) {
            $plan = $plans[$index];
            $bar = [...$barred[$index] ?? [], $member];
            $picks = $search ? $this->solve($plan->run, $bar, count($plan->picks) + 1)?->picks : $this->neighbouring($plan, $bar);
            if ($picks === null) {
                continue;
            }
            $moved = new RunPlan($plan->run, $plan->check, $picks, $plan->bound, false);
            $after = $loading->under(array_values([$index => $moved] + $plans));
            $rank = [count($picks) - count($plan->picks), $after->excess()];
            if ($rank[1] < $now->excess() - 1e-9 && ($bestRank === null || $rank < $bestRank)) {
                [$best, $bestRank] = [[$index, $moved, $after], $rank];
            }
        }

        return $best;
    }

    /**
     * The feet with those on barred members moved to a neighbour that holds; null when none does.
     *
     * @param list<int> $bar Members
     *
     * @return list<int>|null
     */
    private function neighbouring(RunPlan $plan, array $bar): ?array
    {
        $run = $plan->run;
        $best = null;
        $bestWorst = 1.0 + 1e-9;
        foreach ($plan->picks as $place => $pick) {
            if (!in_array($run->members[$pick], $bar, true)) {
                continue;
            }
            foreach ([$pick - 1, $pick + 1] as $other) {
                if (isset($run->members[$other]) && !in_array($run->members[$other], $bar, true) && !in_array($other, $plan->picks, true)) {
                    $picks = $plan->picks;
                    $picks[$place] = $other;
                    $picks = array_values($picks);
                    $key = $run->id.'/'.implode(',', $picks);
                    $worst = $this->weighed[$key] ??= $plan->check->worst(array_map(static fn (int $index): float => $run->candidates_m[$index], $picks), 1.0 + 1e-9);
                    if ($worst < $bestWorst) {
                        [$best, $bestWorst] = [$picks, $worst];
                    }
                }
            }
        }

        return $best;
    }

    /** Nothing holds: the even layout that fails least, so that the findings can say by how much. */
    private function failing(Run $run, RunCheck $check, FewestSearch $search): RunPlan
    {
        $least = INF;
        $picks = [];
        for ($step = 1; $step <= 4; ++$step) {
            $some = [];
            for ($index = 0; $index < count($run->candidates_m); $index += $step) {
                $some[] = $index;
            }
            $worst = $check->worst(array_map(static fn (int $pick): float => $run->candidates_m[$pick], $some));
            if ($worst < $least) {
                [$least, $picks] = [$worst, $some];
            }
        }

        return new RunPlan($run, $check, $picks, null, false, $search->isComplete());
    }
}

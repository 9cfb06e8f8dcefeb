<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Pattern;
use Garnetine\Core\Framing\MemberShares;
use Garnetine\Core\Load\Asce7\PanelPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Rail\Run;

/**
 * Chooses the feet of every run. Runs with the same numbers are solved once.
 *
 * Staggered: a line keeps off the members of the line below where that costs no foot more. Afterwards, where a member would
 * carry too much, runs are moved off it, even for a foot more: the plan tells how many.
 */
final class Supports
{
    /** Moves tried to take load off overloaded members. */
    private const MOVES = 16;

    /** @var array<string, Fewest|null> */
    private array $solved = [];

    /** @var array<string, array{RunCheck, FewestSearch}> */
    private array $tools = [];

    /** @var array<string, string> By run */
    private array $signatures = [];

    private readonly CombinationFactors $factors;

    private function __construct(private readonly Capacities $capacities, private readonly PanelPressure $pressure, Coefficients $coefficients)
    {
        $this->factors = CombinationFactors::of($coefficients);
    }

    /**
     * @param list<Run>                             $runs   Lines from the eave up
     * @param callable(list<RunPlan>): MemberShares $shares What the members bear under given feet
     *
     * @return list<RunPlan>
     */
    public static function of(Design $design, array $runs, Capacities $capacities, PanelPressure $pressure, Coefficients $coefficients, callable $shares): array
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

        return $supports->relieved($plans, $shares);
    }

    /** @param list<int> $below Members that the line below stands on */
    private function plan(Run $run, array $below): RunPlan
    {
        $fewest = $this->solve($run);
        if ($fewest === null) {
            return $this->failing($run, $this->tools($run)[0]);
        }
        $chosen = $fewest;
        if (array_intersect(array_map(static fn (int $pick): int => $run->members[$pick], $fewest->picks), $below) !== []) {
            $chosen = $this->solve($run, $below, count($fewest->picks)) ?? $fewest;
        }

        return $this->planned($run, $chosen, $fewest->bound);
    }

    private function planned(Run $run, Fewest $fewest, int $bound): RunPlan
    {
        return new RunPlan($run, $this->tools($run)[0], $fewest->picks, $fewest->verdict, $bound, $fewest->isBest);
    }

    /** @return array{RunCheck, FewestSearch} */
    private function tools(Run $run): array
    {
        $signature = $this->signatures[$run->id] ??= $run->signature();
        if (!isset($this->tools[$signature])) {
            $check = new RunCheck($run, $this->capacities, $this->pressure, $this->factors);
            $this->tools[$signature] = [$check, new FewestSearch($run, $check)];
        }

        return $this->tools[$signature];
    }

    /**
     * @param list<int> $barred Members that may not be used
     * @param int|null  $most   Layouts with more feet are of no interest
     */
    private function solve(Run $run, array $barred = [], ?int $most = null): ?Fewest
    {
        $candidates = array_keys(array_intersect($run->members, $barred));
        $key = ($this->signatures[$run->id] ??= $run->signature()).'/'.implode(',', $candidates).'/'.$most;
        if (!array_key_exists($key, $this->solved)) {
            $this->solved[$key] = $this->tools($run)[1]->fewest($candidates, $most);
        }

        return $this->solved[$key];
    }

    /**
     * Takes the worst loaded member from one run at a time, as long as the sum of what is too much falls.
     *
     * @param list<RunPlan>                         $plans
     * @param callable(list<RunPlan>): MemberShares $shares
     *
     * @return list<RunPlan>
     */
    private function relieved(array $plans, callable $shares): array
    {
        $now = $shares($plans);
        $barred = $hopeless = [];
        for ($move = 0; $move < self::MOVES && $now->atOneShare <= $now->limit; ++$move) {
            $worst = $now->worstBut($hopeless);
            if ($worst === null) {
                break;
            }
            $best = null;
            foreach ($plans as $index => $plan) {
                if (!$plan->holds() || !in_array($worst->number, $plan->members(), true)) {
                    continue;
                }
                $bar = [...$barred[$index] ?? [], $worst->number];
                $fewest = $this->solve($plan->run, $bar, count($plan->picks) + 1);
                if ($fewest === null || $plan->bound === null) {
                    continue;
                }
                $moved = $plans;
                $moved[$index] = $this->planned($plan->run, $fewest, $plan->bound);
                $after = $shares($moved);
                $excess = $after->excess();
                if ($excess < $now->excess() - 1e-9 && ($best === null || [count($fewest->picks) - count($plan->picks), $excess] < $best[0])) {
                    $best = [[count($fewest->picks) - count($plan->picks), $excess], $moved, $after, $index, $bar];
                }
            }
            if ($best === null) {
                $hopeless[] = $worst->number;
                continue;
            }
            [, $plans, $now, $index, $bar] = $best;
            $barred[$index] = $bar;
        }

        return $plans;
    }

    /** Nothing holds: the even layout that fails least, so that the findings can say by how much. */
    private function failing(Run $run, RunCheck $check): RunPlan
    {
        $best = null;
        $picks = [];
        for ($step = 1; $step <= 4; ++$step) {
            $some = [];
            for ($index = 0; $index < count($run->candidates_m); $index += $step) {
                $some[] = $index;
            }
            $verdict = count($some) < 2 ? null : $check->of(array_map(static fn (int $pick): float => $run->candidates_m[$pick], $some));
            if ($verdict?->rail !== null && ($best === null || $verdict->worst < $best->worst)) {
                [$best, $picks] = [$verdict, $some];
            }
        }

        return new RunPlan($run, $check, $picks, $best, null, false);
    }
}

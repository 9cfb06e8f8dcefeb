<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Pattern;
use Garnetine\Core\Load\Asce7\PanelPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Rail\Run;

/**
 * Chooses the feet of every run. Runs with the same numbers are solved once.
 *
 * Staggered: a line keeps off the members of the line below where that costs no foot more.
 */
final class Supports
{
    /** @var array<string, array{Fewest|null, RunCheck}> */
    private array $solved = [];

    /** @var array<string, RunCheck> */
    private array $checks = [];

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
    public static function of(Design $design, array $runs, Capacities $capacities, PanelPressure $pressure, Coefficients $coefficients): array
    {
        $supports = new self($capacities, $pressure, $coefficients);
        $plans = [];
        /** @var array<string, list<int>> $byLine */
        $byLine = [];
        foreach ($runs as $run) {
            $below = [];
            foreach (array_reverse(array_keys($byLine)) as $letter) {
                if ($letter !== $run->line->letter) {
                    $below = $byLine[$letter];
                    break;
                }
            }
            $plan = $supports->plan($run, $design->rules->pattern === Pattern::Staggered ? $below : []);
            $byLine[$run->line->letter] = [...$byLine[$run->line->letter] ?? [], ...$plan->members()];
            $plans[] = $plan;
        }

        return $plans;
    }

    /** @param list<int> $below Members that the line below stands on */
    private function plan(Run $run, array $below): RunPlan
    {
        [$fewest, $check] = $this->solve($run, null);
        if ($fewest === null) {
            return $this->failing($run, $check);
        }
        $shared = self::shared($run, $fewest->picks, $below);
        if ($shared !== []) {
            $free = array_keys(array_diff($run->members, $below));
            [$other] = $this->solve($run, $free);
            if ($other !== null && count($other->picks) <= count($fewest->picks)) {
                return new RunPlan($run, $check, $other->picks, $other->verdict, $fewest->bound, $other->isBest, []);
            }
        }

        return new RunPlan($run, $check, $fewest->picks, $fewest->verdict, $fewest->bound, $fewest->isBest, $shared);
    }

    /**
     * @param list<int> $picks
     * @param list<int> $below
     *
     * @return list<int>
     */
    private static function shared(Run $run, array $picks, array $below): array
    {
        return array_values(array_intersect(array_map(static fn (int $pick): int => $run->members[$pick], $picks), $below));
    }

    /**
     * @param list<int>|null $picks
     *
     * @return array{Fewest|null, RunCheck}
     */
    private function solve(Run $run, ?array $picks): array
    {
        $signature = $run->signature();
        $check = $this->checks[$signature] ??= new RunCheck($run, $this->capacities, $this->pressure, $this->factors);
        $key = $signature.($picks === null ? '' : implode(',', $picks));

        return $this->solved[$key] ??= [FewestSearch::of($run, $check, $picks), $check];
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

        return new RunPlan($run, $check, $picks, $best, null, false, []);
    }
}

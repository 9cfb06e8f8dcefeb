<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Pattern;
use Garnetine\Core\Framing\MemberLoading;
use Garnetine\Core\Framing\MemberShares;
use Garnetine\Core\Load\Combinations;
use Garnetine\Core\Rail\Run;

/**
 * Chooses the feet of every run.
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

    /** @var array<string, bool> By run and layout, whether it holds with a foot moved */
    private array $moved = [];

    private function __construct(private readonly RunSearches $searches)
    {
    }

    /**
     * @param list<Run> $runs Lines from the eave up
     *
     * @return list<RunPlan>
     */
    public static function of(Design $design, array $runs, Capacities $capacities, Combinations $combinations, CombinationFactors $factors, MemberLoading $loading): array
    {
        $supports = new self(new RunSearches($runs, $capacities, $combinations->strength, $factors));
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
        $fewest = $this->searches->fewest($run);
        if ($fewest === null) {
            return $this->failing($run);
        }
        $chosen = $fewest;
        $shared = array_intersect(array_map(static fn (int $pick): int => $run->members[$pick], $fewest->picks), $below);
        if ($shared !== []) {
            // At the ends there is often no choice; then the others are kept apart at least.
            $inner = array_slice($below, 1, -1);
            $count = count($fewest->picks);
            $chosen = $this->searches->fewest($run, $below, $count) ?? (array_intersect($shared, $inner) === [] ? null : $this->searches->fewest($run, $inner, $count)) ?? $fewest;
        }

        return new RunPlan($run, $this->searches->check($run), $chosen->picks, $fewest->bound, $chosen->isBest);
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
     * Whether a moved foot still holds is asked last, since it costs the most, and of the best moves first.
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
        $moves = [];
        $now_N = $now->loads_N();
        foreach (array_slice(array_keys($on), 0, $search ? self::SEARCHED : self::SHIFTED) as $index) {
            $plan = $plans[$index];
            $before_N = $loading->of_N($plan);
            $bar = [...$barred[$index] ?? [], $member];
            $reliefOf = static fn (RunPlan $moved): float => $loading->relief($now_N, $before_N, $loading->of_N($moved));
            $layouts = $search ? [$this->searches->relieving($plan, $bar, count($plan->picks) + 1, $reliefOf)] : $this->neighbouring($plan, $member, $bar);
            foreach (array_filter($layouts) as $picks) {
                $moved = $plan->over($picks);
                $relief = $reliefOf($moved);
                if ($relief > 1e-9) {
                    $moves[] = [count($picks) - count($plan->picks), -round($relief, 9), $index, $moved];
                }
            }
        }
        usort($moves, static fn (array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);
        foreach ($moves as [, , $index, $moved]) {
            if ($search || $this->stillHolds($moved)) {
                return [$index, $moved, $loading->under(array_values([$index => $moved] + $plans))];
            }
        }

        return null;
    }

    private function stillHolds(RunPlan $moved): bool
    {
        return $this->moved[$moved->run->id.'/'.implode(',', $moved->picks)] ??= $moved->check->worst($moved->feet_m(), SearchSpace::LIMIT) <= SearchSpace::LIMIT;
    }

    /**
     * The feet with the one on a member moved to a neighbouring member, left and right, unless it plainly cannot stand there.
     *
     * @param list<int> $bar Members that may not be used
     *
     * @return list<list<int>>
     */
    private function neighbouring(RunPlan $plan, int $member, array $bar): array
    {
        $layouts = [];
        foreach ($plan->members() as $place => $number) {
            foreach ($number === $member ? [-1, 1] : [] as $side) {
                $other = $plan->picks[$place] + $side;
                if (isset($plan->run->members[$other]) && !in_array($plan->run->members[$other], $bar, true) && !in_array($other, $plan->picks, true)) {
                    $picks = $plan->picks;
                    $picks[$place] = $other;
                    $picks = array_values($picks);
                    if ($this->searches->mayStand($plan->run, $picks, $place)) {
                        $layouts[] = $picks;
                    }
                }
            }
        }

        return $layouts;
    }

    /** Nothing holds: the even layout that fails least, so that the findings can say by how much. */
    private function failing(Run $run): RunPlan
    {
        $check = $this->searches->check($run);
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

        return new RunPlan($run, $check, $picks, null, false, $this->searches->triedAll($run));
    }
}

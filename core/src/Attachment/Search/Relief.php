<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Check\Placing;
use Garnetine\Core\Attachment\MemberLoading;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Framing\MemberShares;
use Garnetine\Core\Rail\Run;

/**
 * Takes load off members that carry too much, across the runs of a roof: by a foot moved to a neighbouring member, by a new
 * search that keeps off the member, by a foot more beside it, or by a new search with more feet: the first that helps.
 *
 * Every layout that it leaves holds, with its feet off their marks too. First each run keeps half of its reserve; what is still
 * too much then may cost more of it.
 *
 * @internal
 */
final class Relief
{
    /** Moves tried at least, and further ones for each run. */
    private const MOVES = 16;
    private const MOVES_PER_RUN = 2;

    /** Of the runs on an overloaded member, those that load it most are tried: by moving or adding a foot, then by a new search. */
    private const SHIFTED = 4;
    private const SEARCHED = 2;

    /** Of its reserve that a run keeps, as long as another way is left. */
    private const KEPT = 0.5;

    /** Feet more, at once, in a new search. */
    private const MORE = 3;

    private const LEAST = 1e-9;

    /** @var array<string, bool> By run, layout and limit */
    private array $holding = [];

    /** @var array<int, list<int>> By run, members that it was taken off */
    private array $barred = [];

    /** @var array<int, RunPlan> Before anything was moved */
    private readonly array $before;

    /** @var array<string, int> On legs, the upper rail whose legs stand over those of a lower one, by the id of that: it goes where that goes */
    private readonly array $over;

    /** @var array<int, float> By run, its reserve then */
    private array $reserves = [];

    private MemberShares $now;

    /** Layouts that were weighed. */
    public int $tried = 0;

    /** Whether it ended because it had moved enough, and not because nothing helped. */
    public bool $isSpent = false;

    /** @param array<int, RunPlan> $plans */
    private function __construct(private readonly RunSearches $searches, private array $plans, private readonly MemberLoading $loading)
    {
        $this->before = $plans;
        $runs = array_map(static fn (RunPlan $plan): Run => $plan->run, array_values($plans));
        $over = [];
        foreach ($plans as $index => $plan) {
            $other = $plan->run->line->isUpper ? RunSearches::other($plan->run, $runs) : null;
            $over += $other === null ? [] : [$other->id => $index];
        }
        $this->over = $over;
        $this->now = $loading->under(array_values($plans));
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return array{list<RunPlan>, self} The runs as they then stand, and how it went
     */
    public static function of(array $plans, RunSearches $searches, MemberLoading $loading): array
    {
        $relief = new self($searches, $plans, $loading);
        // Where even shares are too much, or a rail lies on its member, no choice of feet cures it.
        if ($loading->goesByFeet && $relief->now->atOneShare <= $relief->now->limit + self::LEAST) {
            $moves = self::MOVES + self::MOVES_PER_RUN * count($plans);
            foreach ([self::KEPT, 0.0] as $kept) {
                $moves = $relief->round($kept, $moves);
            }
            $relief->spare();
        }

        return [array_values($relief->plans), $relief];
    }

    /** @return int Moves that are left */
    private function round(float $kept, int $moves): int
    {
        $hopeless = [];
        while (($worst = $this->now->worstBut($hopeless)) !== null) {
            if ($moves <= 0 || $this->searches->work->isSpent()) {
                $this->isSpent = true;

                return 0;
            }
            if ($this->move($worst->number, $kept)) {
                --$moves;
            } else {
                $hopeless[] = $worst->number;
            }
        }

        return $moves;
    }

    /** Takes feet back that were added to a run, where later moves made them idle. */
    private function spare(): void
    {
        foreach (array_keys($this->plans) as $index) {
            $plan = $this->plans[$index];
            if ($plan->forMembers <= 0 || in_array($index, $this->over, true) || $this->searches->work->isSpent()) {
                continue;
            }
            $loads_N = $this->now->loads_N();
            $before_N = $this->of_N($plan);
            $isNoWorse = fn (RunPlan $fewer): bool => $this->loading->relief($loads_N, $before_N, $this->of_N($fewer)) >= -self::LEAST;
            $limit = max($this->limit($index, self::KEPT), min($plan->check->worst($plan->feet_m()), $plan->check->capacities->placing->limit));
            $picks = $this->searches->relieving(
                $plan,
                [],
                0,
                count($plan->picks) - 1,
                static fn (RunPlan $fewer): float => $isNoWorse($fewer) ? 0.0 : -INF,
                $limit,
            );
            // What was found for a run with the same numbers is asked again for this one.
            $fewer = $picks === null ? null : $plan->over($picks);
            if ($fewer !== null && $isNoWorse($fewer) && $this->stillHolds($fewer, $limit)) {
                $this->put($index, $fewer);
            }
        }
    }

    /** Takes load off a member by changing one run; false when nothing helps. */
    private function move(int $member, float $kept): bool
    {
        $on = [];
        foreach ($this->plans as $index => $plan) {
            $place = $plan->holds() && !in_array($index, $this->over, true) ? array_search($member, $plan->members(), true) : false;
            if ($place !== false) {
                $on[$index] = $plan->reactions()[$place];
            }
        }
        arsort($on);
        $runs = array_keys($on);
        $ways = [
            fn (int $index): array => $this->shifted($this->plans[$index], $member, $this->barred[$index] ?? []),
            fn (int $index): array => array_filter([$this->searched($index, [$member], 0, 1, $kept)]),
            fn (int $index): array => $this->joined($this->plans[$index], $member),
            ...array_map(
                fn (int $more): \Closure => fn (int $index): array => array_filter([$this->searched($index, [], $more, $more, $kept)]),
                range(1, self::MORE),
            ),
        ];
        foreach ($ways as $way => $layoutsOf) {
            foreach ($this->ordered(array_slice($runs, 0, in_array($way, [0, 2], true) ? self::SHIFTED : self::SEARCHED), $layoutsOf) as [, , $index, $moved]) {
                ++$this->tried;
                if ($this->stillHolds($moved, $this->limit($index, $kept))) {
                    $this->put($index, $moved);
                    $this->barred[$index] = $way > 1 ? $this->barred[$index] ?? [] : [...$this->barred[$index] ?? [], $member];

                    return true;
                }
            }
        }

        return false;
    }

    private function put(int $index, RunPlan $moved): void
    {
        $this->plans[$index] = $moved;
        $over = $this->over[$moved->run->id] ?? null;
        if ($over !== null) {
            $this->plans[$over] = $this->plans[$over]->over($moved->picks);
        }
        $this->now = $this->loading->under(array_values($this->plans));
    }

    /** @return array<int, float> What a run puts on each member, with the one whose legs stand over its own */
    private function of_N(RunPlan $plan): array
    {
        $loads_N = $this->loading->of_N($plan);
        $over = $this->over[$plan->run->id] ?? null;
        foreach ($over === null ? [] : $this->loading->of_N($this->plans[$over]->over($plan->picks)) as $number => $load_N) {
            $loads_N[$number] = ($loads_N[$number] ?? 0.0) + $load_N;
        }

        return $loads_N;
    }

    /**
     * Layouts that relieve, those with the fewest feet and then the most relief first. Whether they hold is asked last, since it costs the most.
     *
     * @param list<int> $runs
     * @param \Closure(int): array<list<int>> $layoutsOf
     *
     * @return list<array{int, float, int, RunPlan}>
     */
    private function ordered(array $runs, \Closure $layoutsOf): array
    {
        $moves = [];
        foreach ($runs as $index) {
            $plan = $this->plans[$index];
            foreach ($layoutsOf($index) as $picks) {
                $moved = $plan->over($picks);
                $relief = $this->relief($plan, $moved);
                if ($relief > self::LEAST) {
                    $moves[] = [count($picks) - count($plan->picks), -round($relief, 9), $index, $moved];
                }
            }
        }
        usort($moves, static fn (array $one, array $other): int => [$one[0], $one[1], $one[2]] <=> [$other[0], $other[1], $other[2]]);

        return $moves;
    }

    private function relief(RunPlan $plan, RunPlan $moved): float
    {
        return $this->loading->relief($this->now->loads_N(), $this->of_N($plan), $this->of_N($moved));
    }

    /** The greatest ratio that a run may come to when so much of its own reserve is to be kept. */
    private function limit(int $index, float $kept): float
    {
        $before = $this->before[$index];
        $placing = $before->check->capacities->placing;
        $this->reserves[$index] ??= $placing->reserve($before->check->worst($before->feet_m()));

        return min($placing->limit, (Placing::MOVED - $kept * max(0.0, $this->reserves[$index])) / $placing->factor);
    }

    private function stillHolds(RunPlan $moved, float $limit): bool
    {
        return $this->holding[$moved->run->id.'/'.implode(',', $moved->picks).'/'.round($limit, 9)]
            ??= ($worst = $moved->check->worst($moved->feet_m(), $limit)) <= $limit && $moved->check->holdsMoved($moved->feet_m(), $worst);
    }

    /**
     * @param list<int> $off Members to be kept off, besides those that the run was taken off before
     * @param int $least Feet more than now
     * @param int $most The same
     *
     * @return list<int>|null
     */
    private function searched(int $index, array $off, int $least, int $most, float $kept): ?array
    {
        $plan = $this->plans[$index];
        $loads_N = $this->now->loads_N();
        $before_N = $this->of_N($plan);

        return $this->searches->relieving(
            $plan,
            [...$this->barred[$index] ?? [], ...$off],
            $least === 0 ? 0 : count($plan->picks) + $least,
            count($plan->picks) + $most,
            function (RunPlan $moved) use ($loads_N, $before_N): float {
                $relief = $this->loading->relief($loads_N, $before_N, $this->of_N($moved));

                return $relief > self::LEAST ? $relief : -INF;
            },
            $this->limit($index, $kept),
        );
    }

    /**
     * The feet with the one on a member moved to a neighbouring member, left and right, unless it plainly cannot stand there.
     *
     * @param list<int> $barred Members that may not be used
     *
     * @return list<list<int>>
     */
    private function shifted(RunPlan $plan, int $member, array $barred): array
    {
        $layouts = [];
        $place = (int) array_search($member, $plan->members(), true);
        foreach (in_array($plan->picks[$place], $plan->run->hand->pinned, true) ? [] : [-1, 1] as $side) {
            $other = $plan->picks[$place] + $side;
            if (isset($plan->run->members[$other]) && !in_array($plan->run->members[$other], $barred, true) && !in_array($other, $plan->picks, true)) {
                $picks = $plan->picks;
                $picks[$place] = $other;
                $picks = array_values($picks);
                if ($plan->run->hand->allows($plan->run->candidates_m, $picks) && $this->searches->mayStand($plan->run, $picks, $place)) {
                    $layouts[] = $picks;
                }
            }
        }

        return $layouts;
    }

    /**
     * The feet with one more, between the one on a member and the next, left and right.
     *
     * @return list<list<int>>
     */
    private function joined(RunPlan $plan, int $member): array
    {
        $layouts = [];
        $place = (int) array_search($member, $plan->members(), true);
        $from = ($plan->picks[$place - 1] ?? -1) + 1;
        $to = ($plan->picks[$place + 1] ?? count($plan->run->candidates_m)) - 1;
        foreach (range($from, $to) as $pick) {
            if ($pick !== $plan->picks[$place]) {
                $picks = [...$plan->picks, $pick];
                sort($picks);
                $layouts[] = $picks;
            }
        }

        return $layouts;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\LoadedBay;
use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Check\Placing;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Rail\Run;

/**
 * What a search for the fewest feet of a run knows beforehand: the bays between candidates, the overhangs, and how many feet
 * are needed at least after each bay. Everything here is a necessary condition: no layout that holds is ever lost.
 *
 * @internal
 */
final class SearchSpace
{
    /** A moment for one unit of load that none exceeds. */
    private const UNBOUNDED = 1e30;

    /** More feet than there are. */
    private const NEVER = 1_000_000;

    /** @var array<int, array<int, LoadedBay|null>> Between two candidates; null when they cannot be neighbours */
    public array $bays = [];

    /** @var array<int, array<int, int>> Least count of further feet after the second of a pair */
    public array $after = [];

    /** @var array<int, list<int>> Second feet that may follow a first one */
    public array $next = [];

    /** @var array<int, list<float>|null> Unit moments over a first (left) foot, null when the overhang fails */
    public array $leftEnds = [];

    /** @var array<int, list<float>|null> */
    public array $rightEnds = [];

    /** @var list<float> Bound on the moment of each unit over any foot of the rail without hinges */
    private array $largest = [];

    /** @var list<float> The same of the rail that chains are followed on: over hinges there is none */
    public array $largestFollowed = [];

    /** @var array<int, array<int, list<float>>> Winds of a foot, by its neighbours */
    public array $footWinds_N = [];

    /** Fewest feet that the bays allow at all; null when none do. */
    public readonly ?int $start;

    /** The uplift case that the search looks at; complete layouts go through all of them. */
    public readonly LoadCase $up;

    public readonly float $upCapacity_N;

    /** What a foot likely holds upward, with its lever: no bound. */
    public readonly float $pull_N;

    public readonly int $count;

    /** @var list<float> */
    public readonly array $splices_m;

    /** @var list<int> For each candidate, how many splices stand left of it */
    public readonly array $pieces;

    public readonly float $capUp_Nm;
    public readonly float $cap;

    /** What acts along the slope in the up case, as the load normal to it that would strain the rail as much. */
    public readonly float $upAlong_N;

    /** The greatest ratio of a layout that holds, see Placing. */
    private readonly float $limit;

    /** As of the run's check; for a search on behalf of several runs, the least of them. */
    public readonly float $downPerMoment;
    public readonly float $downPerReaction;

    /** @param list<RunCheck> $others When given, the search is for all of them at once: under the least of their down loads, and no uplift */
    public function __construct(private readonly Run $run, private readonly RunCheck $check, private readonly RunShape $shape, array $others = [])
    {
        $all = [$check, ...$others];
        $this->limit = $check->capacities->placing->limit;
        $this->downPerMoment = min(array_map(static fn (RunCheck $one): float => $one->downPerMoment, $all));
        $this->downPerReaction = min(array_map(static fn (RunCheck $one): float => min($one->downPerReaction, $one->edgePerReaction), $all));
        $this->up = $others === [] ? $check->up[0] : new LoadCase('none', 0.0, 0.0, 0.0, 0.0, 1.0);
        $this->capUp_Nm = $check->capacities->railNormal_Nm;
        $this->cap = 1 / max($this->downPerMoment, 1e-30);
        $this->upAlong_N = is_finite($check->capacities->railAlong_Nm)
            ? max(0.0, $this->up->along_N) * $this->capUp_Nm / $check->capacities->railAlong_Nm
            : 0.0;
        $this->splices_m = $run->splices_m;
        $this->pieces = array_map(
            static fn (float $x_m): int => count(array_filter($run->splices_m, static fn (float $splice_m): bool => $splice_m < $x_m)),
            $run->candidates_m,
        );
        // Bounds and guesses take every foot for the strongest.
        $feet = $check->edge === null ? [$check->capacities] : [$check->capacities, $check->edge->capacities];
        $this->upCapacity_N = max(array_map(fn (Capacities $c): float => self::pull_N($c, $c->withdrawal_N($this->up->cd) / $c->lever->leastPerUp()), $feet));
        $this->pull_N = max(array_map(fn (Capacities $c): float => self::pull_N($c, $c->withdrawal_N($this->up->cd) / $c->lever->mostPerUp()), $feet));
        $this->count = count($run->candidates_m);
        if ($this->count >= 2) {
            $this->prepare();
        }
        $this->start = $this->count >= 2 ? $this->leastCount() : null;
    }

    /** What may pull a rail at a foot; on legs what the upper one bears of it, and the lower one along the slope. */
    private static function pull_N(Capacities $c, float $screw_N): float
    {
        $at_N = min($c->boltUp_N, $c->footUp_N, $c->armEnd_N, $screw_N);
        if ($c->legs === null) {
            return $at_N;
        }
        $up_N = min($at_N, $c->legUp_N);
        $along_N = min($c->boltAlong_N, $c->footAlong_N, $c->legAlong_N);

        return $c->legs->otherPerUp > 0.0 ? min($up_N / $c->legs->otherPerUp, $along_N / $c->legs->alongPerUp) : $up_N / $c->legs->upPerUp;
    }

    /** Whether a bay is longer than the planner wants. */
    private function isLong(int $i, int $j): bool
    {
        return $this->run->hand->isLong($this->x_m($j) - $this->x_m($i));
    }

    /** Whether a bay after the first may follow in a layout, by the planner's own hand. */
    private function mayFollow(int $i, int $j, bool $isLast): bool
    {
        return !$this->isLong($i, $j) || $this->run->hand->longMay(false, $isLast);
    }

    /**
     * The feet that may come next with so many left to choose, by the least count that each needs after it.
     *
     * @return list<int>
     */
    public function following(int $from, int $left, bool $isFirst): array
    {
        $hand = $this->run->hand;

        return array_values(array_filter($this->next[$from], fn (int $foot): bool => $this->after[$from][$foot] < $left
            && (!$this->isLong($from, $foot) || $hand->longMay($isFirst, $left === 1))));
    }

    /** The bay between two candidates that may be neighbours. */
    public function between(int $i, int $j): LoadedBay
    {
        return $this->bays[$i][$j] ?? throw new \LogicException('A bay was chosen that cannot hold.');
    }

    /**
     * Winds of the foot between two others, whose tributary length is half their distance.
     *
     * @return list<float>
     */
    public function footWinds_N(int $before, int $after): array
    {
        return $this->footWinds_N[$before][$after] ??= $this->check->winds->foot_N(($this->x_m($after) - $this->x_m($before)) / 2);
    }

    /**
     * Whether a layout may hold without one of its feet, by the bays beside it and the feet at their ends alone.
     *
     * @param list<int> $feet
     */
    public function mayStandWithout(array $feet, int $place): bool
    {
        [$i, $j] = [$feet[$place - 1] ?? null, $feet[$place + 1] ?? null];

        return count($feet) > 2 && $this->bayMay($i, $j)
            && $this->footMay($feet[$place - 2] ?? null, $i, $j) && $this->footMay($i, $j, $feet[$place + 2] ?? null);
    }

    /**
     * Whether a layout may hold with one of its feet where it is, by the same.
     *
     * @param list<int> $feet
     */
    public function mayStand(array $feet, int $place): bool
    {
        [$i, $j, $l] = [$feet[$place - 1] ?? null, $feet[$place] ?? null, $feet[$place + 1] ?? null];

        return $this->bayMay($i, $j) && $this->bayMay($j, $l) && $this->footMay($i, $j, $l)
            && $this->footMay($feet[$place - 2] ?? null, $i, $j) && $this->footMay($j, $l, $feet[$place + 2] ?? null);
    }

    /** Whether a bay may hold, or an overhang, where there is one foot alone. */
    private function bayMay(?int $i, ?int $j): bool
    {
        return match (true) {
            $i === null => $j !== null && $this->leftEnds[$j] !== null,
            $j === null => $this->rightEnds[$i] !== null,
            default => ($this->bays[$i][$j] ?? null) !== null,
        };
    }

    /** As pairMay(); there is nothing to say of a foot with one bay, or none. */
    private function footMay(?int $i, ?int $j, ?int $l): bool
    {
        return $i === null || $j === null || $l === null || $this->pairMay($i, $j, $l);
    }

    public function x_m(int $index): float
    {
        return $this->run->candidates_m[$index];
    }

    private function prepare(): void
    {
        $run = $this->run;
        for ($i = 0; $i < $this->count; ++$i) {
            $this->leftEnds[$i] = $run->hand->jumpsNone(-1, $i) ? $this->overhang($this->x_m($i), true) : null;
            $this->rightEnds[$i] = $run->hand->jumpsNone($i, $this->count) ? $this->overhang($this->x_m($i), false) : null;
        }
        $ease = max([1.0, ...array_map(static fn (Suction $suction): float => $suction->ease(), $run->suctions)]);
        for ($i = 0; $i < $this->count; ++$i) {
            $this->next[$i] = [];
            for ($j = $i + 1; $j < $this->count && $run->hand->jumpsNone($i, $j); ++$j) {
                $bay = $this->bay($i, $j);
                // With ratios of 1 over both ends, at most 2 are left for a section itself.
                $down = $bay->bay->most * $this->downPerMoment;
                $up = $bay->mostUp_Nm / $this->capUp_Nm;
                $holds = $down <= 2 * $this->limit && $up <= 2 * $this->limit && ($this->check->spans?->mayBay($bay->bay->length_m) ?? true);
                $this->bays[$i][$j] = $holds ? $bay : null;
                if ($holds) {
                    $this->next[$i][] = $j;
                } elseif ($down > 2 * $this->limit || $up > 2.2 * $ease * $this->limit) {
                    // Longer bays only grow worse; in uplift a longer one has a larger area, whose suction is eased.
                    break;
                }
            }
        }
        // A loaded span puts at most Σ P·a·b/L on its own ends and half as much on each further support.
        foreach (array_keys($this->shape->units) as $unit) {
            $spans = $ends = 0.0;
            foreach ($this->bays as $row) {
                foreach ($row as $bay) {
                    $spans = $bay === null ? $spans : max($spans, $bay->bay->simple[$unit]);
                }
            }
            foreach ([...$this->leftEnds, ...$this->rightEnds] as $moments) {
                $ends = $moments === null ? $ends : max($ends, abs($moments[$unit]));
            }
            $this->largest[] = 4 * $spans + $ends;
            $this->largestFollowed[] = $run->spliceIsHinge && $run->splices_m !== [] ? self::UNBOUNDED : 4 * $spans + $ends;
        }
    }

    /**
     * Unit moments over an end foot, or null when the overhang alone breaks the rail.
     *
     * @return list<float>|null
     */
    private function overhang(float $foot_m, bool $isLeft): ?array
    {
        $clamps_m = $this->run->clamps_m;
        $length_m = $isLeft ? $foot_m - $clamps_m[0] : $clamps_m[count($clamps_m) - 1] - $foot_m;
        $moments = array_column($this->shape->beyond($foot_m, $isLeft), 0);
        if ($length_m <= 1e-9) {
            return $moments;
        }

        return $this->check->mayHang($foot_m, $isLeft) && $this->endRatio($moments, $length_m) <= $this->limit ? $moments : null;
    }

    /** @param list<float> $moments Of the units over an end foot */
    private function endRatio(array $moments, float $length_m): float
    {
        $up_Nm = $this->upward($moments, $this->check->winds->bay_N($length_m));

        return max(abs($moments[0]) * $this->downPerMoment, abs($up_Nm) / $this->check->capacities->railNormal_Nm);
    }

    /**
     * What an overhang takes of the rail, and what twice its load takes of the foot at its end.
     *
     * @return array{float, float}
     */
    public function endRatios(int $place, bool $isLeft): array
    {
        $clamps_m = $this->run->clamps_m;
        $length_m = $isLeft ? $this->x_m($place) - $clamps_m[0] : $clamps_m[count($clamps_m) - 1] - $this->x_m($place);
        $beyond = $this->shape->beyond($this->x_m($place), $isLeft);
        if ($length_m <= 1e-9) {
            return [0.0, 0.0];
        }
        $sums = array_column($beyond, 1);
        $pull_N = $this->upward($sums, $this->check->winds->bay_N($length_m));

        return [
            $this->endRatio(array_column($beyond, 0), $length_m),
            2 * max(0.0, $pull_N / $this->pull_N, $sums[0] * $this->downPerReaction),
        ];
    }

    /**
     * The up case's moment (or reaction) from the unit ones.
     *
     * @param array<int, float> $units
     * @param list<float> $winds_N
     */
    public function upward(array $units, array $winds_N): float
    {
        $wind_N = 0.0;
        foreach ($winds_N as $unit => $force_N) {
            $wind_N += $force_N * $units[$unit];
        }

        return $this->up->windUp * $wind_N - $this->up->normal_N * $units[0];
    }

    private function bay(int $i, int $j): LoadedBay
    {
        $bay = $this->shape->bay($this->x_m($i), $this->x_m($j));
        $winds_N = $this->check->winds->bay_N($bay->length_m);
        $windUp = $this->up->windUp;
        $normal_N = $this->up->normal_N;
        $sections_Nm = [];
        $most_Nm = 0.0;
        foreach ($bay->unitSections[0] as $section => $share) {
            $wind_Nm = 0.0;
            foreach ($winds_N as $unit => $wind_N) {
                $wind_Nm += $wind_N * $bay->unitSections[$unit][$section];
            }
            $sections_Nm[] = $moment_Nm = $windUp * $wind_Nm - $normal_N * $share;
            $size_Nm = $moment_Nm < 0.0 ? -$moment_Nm : $moment_Nm;
            $most_Nm = $size_Nm > $most_Nm ? $size_Nm : $most_Nm;
        }

        return new LoadedBay($bay, $winds_N, $sections_Nm, $most_Nm);
    }

    /** Fewest feet that the bays, taken in neighbouring pairs, allow; null when no chain of them reaches the other end. */
    private function leastCount(): ?int
    {
        for ($j = $this->count - 1; $j > 0; --$j) {
            for ($i = 0; $i < $j; ++$i) {
                if (($this->bays[$i][$j] ?? null) !== null) {
                    $this->after[$i][$j] = $this->leastAfter($i, $j);
                }
            }
        }
        $least = PHP_INT_MAX;
        foreach ($this->next as $i => $seconds) {
            if ($this->leftEnds[$i] !== null) {
                foreach ($seconds as $j) {
                    if ($this->pieces[$j] > 0) {
                        // The first piece of rail stands on two feet too.
                        continue;
                    }
                    $least = min($least, $this->after[$i][$j] >= self::NEVER ? PHP_INT_MAX : 2 + $this->after[$i][$j]);
                }
            }
        }
        $pieces = count($this->run->splices_m) + 1;

        return $least === PHP_INT_MAX ? null : max($least, 2 * $pieces);
    }

    private function leastAfter(int $i, int $j): int
    {
        if ($this->mayEnd($i, $j)) {
            return 0;
        }
        $least = self::NEVER;
        if ($this->isLong($i, $j) && !$this->run->hand->longMay(true, false)) {
            return $least;
        }
        // Far ones first: they need the fewest further feet, so that few pairs are looked at.
        foreach (array_reverse($this->next[$j]) as $l) {
            if (
                $this->after[$j][$l] + 1 < $least && $this->piecesMay($i, $j, $l)
                && $this->mayFollow($j, $l, $this->after[$j][$l] === 0) && $this->pairMay($i, $j, $l)
            ) {
                $least = $this->after[$j][$l] + 1;
            }
        }

        return $least;
    }

    /** Whether the pieces of rail up to a next foot have two feet each. */
    public function piecesMay(int $before, int $last, int $next): bool
    {
        $piece = $this->pieces[$last];

        return $this->pieces[$next] === $piece || ($this->pieces[$next] === $piece + 1 && $this->pieces[$before] === $piece);
    }

    /** Whether j may be the last foot after i, by the overhang beyond it. */
    private function mayEnd(int $i, int $j): bool
    {
        $moments = $this->rightEnds[$j];
        $bay = $this->bays[$i][$j] ?? null;
        if ($moments === null || $bay === null || $this->pieces[$i] !== $this->pieces[$j] || $this->pieces[$j] < count($this->splices_m)) {
            return false;
        }

        return abs($moments[0]) <= $this->limit * $this->cap && abs($this->upward($moments, $bay->winds_N)) <= $this->limit * $this->capUp_Nm;
    }

    /** Whether any moments over i and l within the capacity let the foot j between two bays hold. */
    private function pairMay(int $i, int $j, int $l): bool
    {
        $one = $this->bays[$i][$j] ?? null;
        $two = $this->bays[$j][$l] ?? null;
        if ($one === null || $two === null) {
            return false;
        }
        [$left, $right] = [$one->bay, $two->bay];
        $both_m = 2 * ($left->length_m + $right->length_m);
        $bend = 1 / $left->length_m + 1 / $right->length_m;
        // What moments over i and l can add to the one over j, and take from the reaction there.
        $reach = $this->limit / 2;
        $relief = $this->limit * $bend + $reach * $bend;
        $moment = -($left->leftTerms[0] + $right->rightTerms[0]) / $both_m;
        $reaction = $left->rightReactions[0] + $right->leftReactions[0] - $moment * $bend;

        return abs($moment) <= ($this->limit + $reach) * $this->cap
            && ($reaction - $relief * $this->cap) * $this->downPerReaction <= $this->limit
            && $this->pairMayUp($one, $two, $both_m, $bend, $reach, $relief);
    }

    private function pairMayUp(LoadedBay $one, LoadedBay $two, float $both_m, float $bend, float $reach, float $relief): bool
    {
        [$left, $right] = [$one->bay, $two->bay];
        $winds_N = $this->check->winds->foot_N(($left->length_m + $right->length_m) / 2);
        $units = $moments = [];
        foreach ($left->leftTerms as $unit => $term) {
            $moment = -($term + $right->rightTerms[$unit]) / $both_m;
            $moments[] = $moment;
            $units[] = $left->rightReactions[$unit] + $right->leftReactions[$unit] - $moment * $bend;
        }
        $slack_Nm = max($this->slack($winds_N, $one->winds_N, $this->largest), $this->slack($winds_N, $two->winds_N, $this->largest));
        if ($this->upward($units, $winds_N) - $relief * $this->capUp_Nm - ($bend + $bend / 2) * $slack_Nm > $this->limit * $this->upCapacity_N) {
            return false;
        }
        // Over j and i under the winds of the first bay; over l under those of the second.
        $slack_Nm = $right->length_m / $both_m * $this->slack($one->winds_N, $two->winds_N, $this->largest);

        return abs($this->upward($moments, $one->winds_N)) <= ($this->limit + $reach) * $this->capUp_Nm + $slack_Nm;
    }

    /**
     * How far a moment in the up case can move when the winds change from one effective area's to another's.
     *
     * @param list<float> $to_N
     * @param list<float> $from_N
     * @param list<float> $largest Bound on the unit moments
     */
    public function slack(array $to_N, array $from_N, array $largest): float
    {
        $slack = 0.0;
        foreach ($to_N as $unit => $force_N) {
            $slack += abs($force_N - $from_N[$unit]) * $largest[$unit];
        }

        return $this->up->windUp * $slack;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Beam\Bay;
use Garnetine\Core\Attachment\Beam\LoadedBay;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Rail\Run;

/**
 * The fewest feet under a run, and among those layouts the one with the greatest least reserve.
 *
 * By increasing count. Feet are chosen from one end; the three-moment equations are eliminated as they are chosen, so that
 * the moment over each chosen foot is known but for a multiple of the next one. A layout that holds keeps every moment within
 * the rail's capacity: that leaves each a range, which is carried on from bay to bay. An empty range prunes, and a foot that
 * cannot hold for any of it, and nothing else does: no layout that holds is ever lost. Complete layouts go through the full
 * check. Past its budget the search says so by a bound below the count.
 */
final class FewestSearch
{
    /** After so many steps a search settles for a bound. */
    public const STEPS = 3_000;

    /** Steps that a search goes on for a greater reserve with as many feet, after the last that it found. */
    private const FURTHER = 200;

    /** Steps after which a look that found nothing asks first what is within reach. */
    public const BLIND = 150;

    /** How often a chain leaves what looks best, look after look. */
    private const SLIPS = [0, 1, 2, 4];

    private const TIE = 1e-9;

    /** What one look may ask of layouts with feet off their marks, in squares of their feet: that costs as much. And how often at least. */
    private const MOVED = 6_000;
    private const MOVED_LEAST = 6;

    /** Up to so many places, feet are taken out from one on every member; beyond, from an even layout. */
    private const SOME = 60;

    /** Where the first foot of an even layout stands, in bays from the end of the rail. */
    private const ENDS = [0.4, 0.25, 0.0];

    /** Steps of a search for a layout that relieves, and what it goes on for once it has one: a good one comes early. */
    private const RELIEF_STEPS = 300;
    private const RELIEF_FURTHER = 5;

    /** So far beyond its limit a likely layout is worth mending, by so many moves at most, or checks of a foot. */
    private const NEARLY = 1.35;
    private const MENDING = 240;
    private const MENDED = 3_000;

    private float $limit = INF;

    /** @var list<int>|null */
    private ?array $best = null;

    private float $bestWorst = INF;

    /** Whether every layout that is taken was asked to hold with each foot off its mark, and not the best one only. */
    private bool $isStrict = false;

    /** @var (\Closure(list<int>): float)|null What a search for relief looks for, instead of the greatest reserve */
    private ?\Closure $relief = null;

    private float $bestRelief = 0.0;

    private float $reliefLimit = 0.0;

    /** The run that a search for relief is for: this one, or one alike */
    private RunCheck $relieved;

    private int $nodes = 0;

    private int $budget = 0;

    /** Layouts that may still be asked with their feet off their marks. */
    private int $asks = 0;

    /** @var array<string, array<int, array{int, bool}>> By what is barred and count: steps taken without finding a layout, and whether those were all */
    private array $vain = [];

    private bool $isComplete = true;

    private ?Reach $reach = null;

    /** Whether a look goes by it. */
    private bool $isReaching = false;

    /** @var array<int, list<array{float, float}>> For each chosen foot, what is within reach of the moment over the next one, see Reach */
    private array $within = [];

    /** How often the chain may yet leave what looks best, and whether that goes by the up case too. */
    private int $slips = PHP_INT_MAX;
    private bool $isByUp = false;

    /** @var array<string, LikelyLayouts> By the places that may be taken */
    private array $likely = [];

    /** @var array<int, array<int, list<int>>> By foot and feet left: the feet that may follow after a first bay, likely ones first */
    private array $order = [];

    /** @var array<int, list<float>> For each chosen foot but the last, unit moments over it, less the carry times those over the next */
    private array $knowns = [];

    /** @var array<int, float> */
    private array $carries = [];

    /** @var array<int, array{float, float}|null> For each chosen foot, the range that the bays before it leave to the unit moment over it in the down cases */
    private array $downs = [];

    /** @var array<int, array{float, float}|null> The same in the up case, under the winds of the bay before */
    private array $ups = [];

    /** @var array<int, int> Chosen so far, by place, up to the one that is looked at */
    private array $feet = [];

    /** @var array<int, bool> */
    private array $allowed;

    /** As seen from the end where the search begins. */
    private readonly SearchSpace $space;

    private readonly bool $isTurned;

    private readonly bool $hasHinges;

    /**
     * @param list<RunCheck> $others See ruledOut()
     * @param int $blind Steps after which a look that found nothing asks first what is within reach
     */
    public function __construct(
        private readonly Run $run,
        private readonly RunCheck $check,
        private readonly array $others = [],
        private readonly int $blind = self::BLIND,
    ) {
        $this->hasHinges = $run->spliceIsHinge && $run->splices_m !== [];
        $this->relieved = $check;
        // From the end with the longer overhang: what fails mostly fails there, and is then found out first.
        $last = count($run->candidates_m) - 1;
        $this->isTurned = $last > 0 && $run->clamps_m[count($run->clamps_m) - 1] - $run->candidates_m[$last] > $run->candidates_m[0] - $run->clamps_m[0] + 1e-6;
        $searched = $this->isTurned ? $run->turned() : $run;
        $this->space = new SearchSpace($searched, $check, $this->isTurned ? $check->shape->turned($searched) : $check->shape, $others);
        $this->allowed = array_fill(0, max(1, $this->space->count), true);
    }

    /**
     * @param list<int> $barred Candidates that may not be used
     * @param int|null $most Layouts with more feet are of no interest
     * @param list<list<int>> $hints Layouts that are likely good: weighed first, so that the search can prune by them
     * @param int $steps After which the search settles for a bound
     * @param int $least Layouts with fewer feet are of no interest
     *
     * @return Fewest|null Null when no layout holds, or none was found within the budget; isComplete() tells which
     */
    public function fewest(array $barred = [], ?int $most = null, array $hints = [], int $steps = self::STEPS, int $least = 0): ?Fewest
    {
        $this->isComplete = true;
        if ($this->space->start === null) {
            return null;
        }
        $this->allowed = array_fill(0, $this->space->count, true);
        foreach ($barred as $candidate) {
            $this->allowed[$this->isTurned ? $this->space->count - 1 - $candidate : $candidate] = false;
        }
        $bound = null;
        $nodes = 0;
        $this->isStrict = $this->relief !== null;
        $last = min($most ?? $this->space->count, $this->space->count);
        for ($count = max($this->space->start, $least); $count <= $last; ++$count) {
            $budget = min(max(min(400, $steps), intdiv($steps - $nodes, 2)), $this->check->work?->left() ?? PHP_INT_MAX);
            $this->look($count, $barred, $hints, $budget);
            $nodes += $this->nodes;
            if ($this->best !== null && !$this->isStrict && $this->others === [] && !$this->check->holdsMoved($this->feet_m($this->best), $this->bestWorst)) {
                // The best does not hold with a foot off its mark, which is rare: of others with as many feet each is asked.
                $this->isStrict = true;
                $this->look($count, $barred, $hints, $budget);
                $nodes += $this->nodes;
            }
            $complete = $this->nodes <= $this->budget;
            if ($this->best !== null) {
                return new Fewest($this->best, $this->bestWorst, $bound ?? $count, $complete, $nodes);
            }
            if (!$complete) {
                $bound ??= $count;
                $this->isComplete = false;
            }
            if ($nodes > $steps || $this->check->work?->isSpent() === true) {
                // What comes after this count was not looked at.
                $this->isComplete = $this->isComplete && $count === $last;

                return $most === null ? $this->thinned($bound ?? $count, $nodes) : null;
            }
        }

        return null;
    }

    /**
     * Goes through the layouts of so many feet, at most so many steps.
     *
     * @param list<int> $barred
     * @param list<list<int>> $hints
     */
    private function look(int $count, array $barred, array $hints, int $budget): void
    {
        [$this->limit, $this->best, $this->bestWorst] = [$this->check->capacities->placing->limit, null, INF];
        [$this->nodes, $this->budget] = [0, $budget];
        $this->asks = max(self::MOVED_LEAST, intdiv(self::MOVED, $count ** 2));
        $plain = $this->relief !== null ? [] : [...$this->likely($count), ...$this->space->count > self::SOME ? $this->evenly($this->clear(), $count) : []];
        foreach ([...$hints, ...array_map($this->turned(...), $plain)] as $hint) {
            if (count($hint) === $count && array_intersect($hint, $barred) === []) {
                $this->weigh($hint);
            }
        }
        $without = implode(',', $barred);
        // What was in vain under the loads of one run tells nothing of another's.
        [$vain, $through] = $this->relief === null ? $this->vain[$without][$count] ?? [0, false] : [0, false];
        if ($this->best === null && ($through || $vain > $budget)) {
            $this->nodes = $through ? min($vain, $budget) : $budget + 1;
        } else {
            $this->lookAround($count);
        }
        if ($this->relief === null && $this->best === null) {
            $this->vain[$without][$count] = [$this->nodes, $this->nodes <= $this->budget];
        }
    }

    /**
     * First blindly, which mostly finds something at once; then only where a chain of feet can reach the other end: along what looks best, leaving
     * that more and more often, by two opinions of it, and at last through all.
     */
    private function lookAround(int $count): void
    {
        $budget = $this->budget;
        $this->isReaching = false;
        $this->budget = $this->relief === null && !$this->hasHinges ? min($budget, $this->blind) : $budget;
        $this->begin($count);
        if ($this->best === null && $this->nodes > $this->budget && $this->budget < $budget) {
            $this->reach ??= new Reach($this->space, $this->check, $this->check->capacities->placing->limit);
            [$this->isReaching, $this->nodes, $this->budget] = [true, 0, $budget];
            if (!$this->reach->isEmpty($count)) {
                foreach (self::SLIPS as $slips) {
                    foreach ([false, true] as $isByUp) {
                        [$this->slips, $this->isByUp] = [$slips, $isByUp];
                        if ($this->best === null && $this->nodes <= $this->budget) {
                            $this->begin($count);
                        }
                    }
                }
                $this->slips = PHP_INT_MAX;
                $this->begin($count);
            }
        }
        $this->check->work?->take($this->nodes);
    }

    /**
     * The feet of a layout that holds, the fewest found, and of the first of those one that relieves the members most.
     *
     * @param list<int> $barred Candidates that may not be used
     * @param int $least Feet at least
     * @param \Closure(list<int>): float $relief Of a layout: the greater the better, -INF where it is none
     * @param RunCheck $check Of this run, or of one alike, whose own loads then decide what holds
     * @param float $limit The greatest ratio that it may come to
     *
     * @return list<int>|null Null when none was found
     */
    public function relieving(array $barred, int $least, int $most, \Closure $relief, RunCheck $check, float $limit): ?array
    {
        $this->relief = $relief;
        [$this->relieved, $this->reliefLimit] = [$check, $limit];
        $found = $this->fewest($barred, $most, [], self::RELIEF_STEPS, $least);
        $this->relief = null;

        return $found?->picks;
    }

    /**
     * Whether no layout of so many feet or fewer can hold: under this run, and under all others given, since what rules it
     * out for the least of their loads rules it out for each.
     *
     * @param list<int> $barred Candidates that may not be used
     */
    public function ruledOut(int $count, array $barred, int $steps = self::STEPS): bool
    {
        return $this->fewest($barred, $count, [], $steps) === null && $this->isComplete;
    }

    /**
     * Whether a layout of this run, and of all others given, may hold with one of its feet where it is: a cheap look at what is beside it.
     *
     * @param list<int> $feet Of the run itself
     */
    public function mayStand(array $feet, int $place): bool
    {
        return $this->space->mayStand($this->turned($feet), $this->isTurned ? count($feet) - 1 - $place : $place);
    }

    /** Whether the last search, when it found nothing, went through every layout. */
    public function isComplete(): bool
    {
        return $this->isComplete;
    }

    /**
     * An even layout with so few feet as hold, where there are too many places to begin with all of them.
     *
     * @return list<int>|null As seen from where the search begins
     */
    private function even(int $bound): ?array
    {
        $places = $this->clear();
        $limit = $this->check->capacities->placing->limit;
        for ($count = max(2, $bound); $count <= count($places); $count += max(1, intdiv($count, 12))) {
            foreach ([...$this->likely($count), ...$this->evenly($places, $count)] as $feet) {
                $own = $this->turned($feet);
                $feet_m = $this->feet_m($own);
                $worst = $this->run->hand->allows($this->run->candidates_m, $own) ? $this->check->worst($feet_m, $limit) : INF;
                if ($worst <= $limit && $this->check->holdsMoved($feet_m, $worst)) {
                    return $feet;
                }
            }
        }

        return null;
    }

    /**
     * Among many places a search may end before it comes upon a plain layout: one that strains no bay more than it must, mended where that
     * does not hold.
     *
     * @return list<list<int>> As seen from where the search begins; none among few places
     */
    private function likely(int $count): array
    {
        if ($this->space->count <= self::SOME) {
            return [];
        }
        $clear = $this->clear();
        $likely = ($this->likely[implode(',', $clear)] ??= new LikelyLayouts(
            $this->space,
            $this->isTurned ? $this->run->hand->turned($this->space->count) : $this->run->hand,
            array_replace(array_fill(0, $this->space->count, false), array_fill_keys($clear, true)),
        ))->of($count);

        return $likely === null ? [] : [$this->turned($this->mended($this->turned($likely)))];
    }

    /**
     * A likely layout that does not hold, its feet moved by a place or two as long as that helps.
     *
     * @param list<int> $feet Of the run itself
     *
     * @return list<int>
     */
    private function mended(array $feet): array
    {
        $allowed = $this->isTurned ? array_reverse($this->allowed) : $this->allowed;
        $limit = $this->check->capacities->placing->limit;
        $worst = $this->check->worst($this->feet_m($feet), self::NEARLY * $limit);
        $asks = min(self::MENDING, intdiv(self::MENDED, count($feet)));
        for ($still = 0; $worst > $limit && $worst <= self::NEARLY * $limit && $still < count($feet); ++$still) {
            foreach ([1, -1, 2, -2] as $by) {
                $foot = $still % count($feet);
                $to = $feet[$foot] + $by;
                if (!($allowed[$to] ?? false) || $to <= ($feet[$foot - 1] ?? -1) || $to >= ($feet[$foot + 1] ?? $this->space->count)) {
                    continue;
                }
                $moved = array_values(array_replace($feet, [$foot => $to]));
                $ratio = $this->run->hand->allows($this->run->candidates_m, $moved) ? $this->check->worst($this->feet_m($moved), $worst) : INF;
                if (--$asks < 0 || $this->check->work?->isSpent() === true) {
                    return $feet;
                }
                if ($ratio < $worst - self::TIE) {
                    [$feet, $worst, $still] = [$moved, $ratio, -1];
                    break;
                }
            }
        }

        return $feet;
    }

    /** @return list<int> Places that may be taken and are on one piece of rail for sure */
    private function clear(): array
    {
        // A foot that may slip over a splice stands on neither piece for sure.
        $clear_m = $this->check->capacities->placing->tolerance_m;
        $splices_m = $this->space->splices_m;

        return array_values(array_filter(
            array_keys(array_filter($this->allowed)),
            fn (int $place): bool => array_filter($splices_m, fn (float $splice_m): bool => abs($splice_m - $this->space->x_m($place)) <= $clear_m) === [],
        ));
    }

    /**
     * Layouts of about so many feet in even bays, with several overhangs at their ends, and two feet on every piece of rail at least.
     *
     * @param list<int> $places
     *
     * @return list<list<int>> As seen from where the search begins
     */
    private function evenly(array $places, int $count): array
    {
        if ($places === []) {
            return [];
        }
        $pieces = [];
        foreach ($places as $place) {
            $pieces[$this->space->pieces[$place]][] = $place;
        }
        [$from_m, $to_m] = [$this->space->x_m(0), $this->space->x_m($this->space->count - 1)];
        // Where no bay may be longer than the planner wants, the ends take what is left.
        $wanted_m = $this->run->hand->greatestBay_m;
        $ends = $wanted_m === null ? self::ENDS : [...self::ENDS, max(0.0, (($to_m - $from_m) / $wanted_m - $count + 1) / 2)];
        $layouts = [];
        foreach ($ends as $end) {
            $bay_m = ($to_m - $from_m) / max(1.0, $count - 1 + 2 * $end);
            $feet = [];
            $at = 0;
            for ($foot = 0; $foot < $count; ++$foot) {
                $ideal_m = $from_m + ($foot + $end) * $bay_m;
                while (isset($places[$at + 1]) && abs($this->space->x_m($places[$at + 1]) - $ideal_m) <= abs($this->space->x_m($places[$at]) - $ideal_m)) {
                    ++$at;
                }
                $feet[] = $places[$at];
            }
            foreach ($pieces as $piece) {
                $there = array_intersect($piece, $feet);
                $outer = array_diff([$piece[0], $piece[count($piece) - 1]], $there);
                array_push($feet, ...count($there) >= 2 ? [] : array_slice($outer, 0, 2 - count($there)));
            }
            $feet = array_values(array_unique($feet));
            sort($feet);
            $layouts[] = $feet;
        }

        return $layouts;
    }

    /** Past the budget: from a foot on every member, or an even layout, feet are taken out as long as that helps, or the rest still holds. */
    private function thinned(int $bound, int $nodes): ?Fewest
    {
        $all = array_keys(array_filter($this->allowed));
        $feet = count($all) > self::SOME || $this->check->work?->isSpent() === true ? null : $this->thinnedFrom($all);
        if ($feet === null) {
            // Beside more feet one may have more to hold: what every member is too much for, an even layout may do.
            $even = $this->even($bound);
            $feet = $even === null ? null : $this->thinnedFrom($even, max(self::MOVED_LEAST, intdiv(self::MOVED, count($even) ** 2)));
        }

        return $feet === null ? null : new Fewest($feet, $this->check->worst($this->feet_m($feet)), min($bound, count($feet)), false, $nodes);
    }

    /**
     * Around and around, until a whole round took nothing out.
     *
     * @param list<int> $feet As seen from where the search begins
     * @param float $asks How often layouts may be asked with a foot off its mark
     *
     * @return list<int>|null Of the run itself; null where what is left does not hold
     */
    private function thinnedFrom(array $feet, float $asks = INF): ?array
    {
        $limit = $this->check->capacities->placing->limit;
        $worst = $this->check->worst($this->feet_m($this->turned($feet)));
        for ($kept = $at = 0; $kept < count($feet); $at = $at < count($feet) - 1 ? $at + 1 : 0) {
            ++$kept;
            if ($worst <= $limit && !$this->space->mayStandWithout($feet, $at)) {
                continue;
            }
            $fewer = $feet;
            unset($fewer[$at]);
            $fewer = $this->turned(array_values($fewer));
            $least = $worst > $limit ? $worst - self::TIE : $limit;
            $ratio = $this->run->hand->allows($this->run->candidates_m, $fewer) ? $this->check->worst($this->feet_m($fewer), $least) : INF;
            if ($ratio <= $least && ($worst > $limit || (--$asks >= 0 && $this->check->holdsMoved($this->feet_m($fewer), $ratio)))) {
                [$feet, $worst, $kept] = [$this->turned($fewer), $ratio, 0];
            }
        }
        $feet = $this->turned($feet);

        return $worst <= $limit && $this->check->holdsMoved($this->feet_m($feet), $worst) && $this->run->hand->allows(
            $this->run->candidates_m,
            $feet,
        ) ? $feet : null;
    }

    private function begin(int $count): void
    {
        foreach (array_keys($this->space->next) as $i) {
            $end = $this->space->leftEnds[$i];
            if ($end === null || !$this->allowed[$i]) {
                continue;
            }
            foreach ($this->inOrder($i, $count - 1, true) as $j) {
                // The first piece of rail stands on two feet too.
                if ($this->allowed[$j] && $this->space->pieces[$j] === 0) {
                    $this->knowns = [$end];
                    $this->carries = [0.0];
                    $this->downs = $this->ups = [null];
                    $this->feet = [$i, $j];
                    $within = $this->isReaching ? $this->reach?->within($i, $j, $count - 2, $end, 0.0) : [];
                    if ($within !== null) {
                        $this->within[0] = $within;
                        $this->extend(0, $count - 2);
                    }
                }
            }
        }
    }

    /**
     * The feet that may come next, likely ones first, so that a good layout is found early and prunes the rest.
     *
     * @return list<int>
     */
    private function inOrder(int $from, int $left, bool $isFirst = false): array
    {
        if ($isFirst || !isset($this->order[$from][$left])) {
            $ideal_m = $this->space->x_m($from) + ($this->space->x_m($this->space->count - 1) - $this->space->x_m($from)) / ($left + 0.4);
            $feet = $this->space->following($from, $left, $isFirst);
            usort($feet, fn (int $one, int $other): int => abs($this->space->x_m($one) - $ideal_m) <=> abs($this->space->x_m($other) - $ideal_m));
            if ($isFirst) {
                return $feet;
            }
            $this->order[$from][$left] = $feet;
        }

        return $this->order[$from][$left];
    }

    /**
     * Goes on from the feet chosen so far; the last two bound the newest bay. Written out for speed: nearly all of a search is spent here.
     *
     * @param int $place Of the last foot but one
     * @param int $left Feet still to be chosen
     */
    private function extend(int $place, int $left): void
    {
        if (++$this->nodes > $this->budget) {
            return;
        }
        $space = $this->space;
        $known = $this->knowns[$place];
        $carry = $this->carries[$place];
        $i = $this->feet[$place];
        $j = $this->feet[$place + 1];
        $loaded = $space->between($i, $j);
        $bay = $loaded->bay;
        $limit = $this->limit;
        $down = self::range($bay, $known[0], $carry, $bay->unitSections[0], $limit * $space->cap, $this->downs[$place]);
        if ($down === null) {
            return;
        }
        $before = $this->ups[$place];
        if ($before !== null) {
            // That was under the winds of the bay before.
            $slack_Nm = $space->slack($loaded->winds_N, $space->between($this->feet[$place - 1], $i)->winds_N, $space->largestFollowed);
            $before = [$before[0] - $slack_Nm, $before[1] + $slack_Nm];
        }
        // Not worth its time where the first layout will do.
        $alongs_Nm = $this->relief !== null || $space->upAlong_N === 0.0 ? [] : self::leastAlong($bay, $known[0], $carry, $down, $space->upAlong_N);
        $up = self::range($bay, $space->upward($known, $loaded->winds_N), $carry, $loaded->upSections_Nm, $limit * $space->capUp_Nm, $before, $alongs_Nm);
        if ($up === null) {
            return;
        }
        if ($this->isReaching) {
            [$down, $up] = self::both([$down, $up], $this->within[$place]);
            if ($down[0] > $down[1] || $up[0] > $up[1]) {
                return;
            }
        }
        $this->downs[$place + 1] = $down;
        $this->ups[$place + 1] = $up;
        if ($left === 0) {
            $this->finish(array_slice($this->feet, 0, $place + 2));

            return;
        }
        $reached = [];
        $ahead = $space->bays[$j] ?? [];
        $length_m = $bay->length_m;
        $windUp = $space->up->windUp;
        $normal_N = $space->up->normal_N;
        $hasPieces = $this->run->splices_m !== [];
        foreach ($this->order[$j][$left] ?? $this->inOrder($j, $left) as $l) {
            if (!$this->allowed[$l] || ($hasPieces && !$space->piecesMay($i, $j, $l))) {
                continue;
            }
            $next = $ahead[$l] ?? $space->between($j, $l);
            $two = $next->bay;
            // The moment over this foot is $moment less $onward times the one over the next.
            $overHinge = $bay->hinge === null && $two->hinge === null ? null : $this->overHinge($place, $two);
            $pivot = 2 * ($length_m + $two->length_m) - $length_m * $carry;
            $onward = $overHinge === null ? $two->length_m / $pivot : $overHinge[0];
            $bend = (1 + $carry) / $length_m + 1 / $two->length_m;
            // How much a moment over the next foot adds to the reaction at most.
            $perNext = $bend * $onward + 1 / $two->length_m;
            // The down cases first: they need one unit load alone.
            $moment = $overHinge === null ? (-($bay->leftTerms[0] + $two->rightTerms[0]) - $length_m * $known[0]) / $pivot : $overHinge[1][0];
            $most = $limit * $space->cap;
            $low = ($moment - $down[1]) / $onward;
            if ($low > $most + 1e-9 || ($moment - $down[0]) / $onward < -$most - 1e-9) {
                continue;
            }
            if ($left === 1) {
                // The last foot: what the overhang puts there is known.
                $over = $moment - $onward * ($space->rightEnds[$l][0] ?? 0.0);
                if ($over > $down[1] + 1e-9 || $over < $down[0] - 1e-9) {
                    continue;
                }
            }
            $reaction = $bay->rightReactions[0] + $two->leftReactions[0] + $known[0] / $length_m - $bend * $moment;
            if (($reaction + $perNext * ($low > -$most ? $low : -$most)) * $space->downPerReaction > $limit) {
                continue;
            }
            $moments = [$moment];
            $wind_N = $slack_Nm = 0.0;
            foreach ($space->footWinds_N[$i][$l] ?? $space->footWinds_N($i, $l) as $unit => $force_N) {
                $slack_Nm += abs($force_N - $next->winds_N[$unit]) * $space->largestFollowed[$unit];
                if ($unit === 0) {
                    $wind_N += $force_N * $reaction;
                    continue;
                }
                $over = $overHinge === null ? (-($bay->leftTerms[$unit] + $two->rightTerms[$unit]) - $length_m * $known[$unit]) / $pivot : $overHinge[1][$unit];
                $moments[] = $over;
                $wind_N += $force_N * ($bay->rightReactions[$unit] + $two->leftReactions[$unit] + $known[$unit] / $length_m - $bend * $over);
            }
            if ($windUp * $wind_N - $normal_N * $reaction - $perNext * ($limit * $space->capUp_Nm + $windUp * $slack_Nm) <= $limit * $space->upCapacity_N) {
                if ($this->isReaching) {
                    $within = $this->reach?->within($j, $l, $left - 1, $moments, $onward);
                    if ($within !== null) {
                        $reached[] = [$l, $moments, $onward, $within];
                    }
                    continue;
                }
                $this->knowns[$place + 1] = $moments;
                $this->carries[$place + 1] = $onward;
                $this->feet[$place + 2] = $l;
                $this->extend($place + 1, $left - 1);
                if ($this->nodes > $this->budget) {
                    return;
                }
                $limit = $this->limit;
            }
        }
        if ($reached !== []) {
            $this->goOn($place, $left, $reached);
        }
    }

    /**
     * Goes on with those feet within reach that leave the widest choice first.
     *
     * Of what is reached: feet, the moment over the last one less so much times that over them, and what is within reach of it.
     *
     * @param non-empty-list<array{int, list<float>, float, list<array{float, float}>}> $reached
     */
    private function goOn(int $place, int $left, array $reached): void
    {
        $wide = [];
        foreach ($reached as $at => [, , , $within]) {
            $down = isset($within[0]) ? ($within[0][1] - $within[0][0]) / $this->space->cap : 0.0;
            $up = $this->isByUp && isset($within[1]) ? ($within[1][1] - $within[1][0]) / $this->space->capUp_Nm : INF;
            $wide[$at] = min($down, $up);
        }
        arsort($wide);
        $slips = $this->slips;
        foreach (array_keys($wide) as $rank => $at) {
            if ($rank > $slips || $this->nodes > $this->budget) {
                break;
            }
            $this->slips = $slips - $rank;
            [$this->feet[$place + 2], $this->knowns[$place + 1], $this->carries[$place + 1], $this->within[$place + 1]] = $reached[$at];
            $this->extend($place + 1, $left - 1);
        }
        $this->slips = $slips;
    }

    /**
     * @param array{array{float, float}, array{float, float}} $ranges Of the down and the up case
     * @param list<array{float, float}> $others The same, as far as they are known
     *
     * @return array{array{float, float}, array{float, float}} What is in both
     */
    private static function both(array $ranges, array $others): array
    {
        foreach ($others as $case => [$low, $high]) {
            $ranges[$case] = [max($ranges[$case][0], $low), min($ranges[$case][1], $high)];
        }

        return [$ranges[0], $ranges[1]];
    }

    /**
     * The elimination where the bay before or after a foot has a hinge. Over a hinge the moments at the ends of its bay follow
     * from each other alone; its kink is eliminated from the equations of the two feet beside it, which leaves one for the second.
     *
     * @param int $place Of the foot before
     * @param Bay $next The bay after
     *
     * @return array{float, list<float>} What the moment over the foot loses with the one over the next; without that, by unit
     */
    private function overHinge(int $place, Bay $next): array
    {
        if ($next->hinge !== null) {
            $rest = 1 - $next->hinge;

            return [$next->hinge / $rest, array_map(static fn (float $moment): float => -$moment / $rest, $next->unitHinge)];
        }
        $two = $this->space->between($this->feet[$place], $this->feet[$place + 1])->bay;
        $one = $this->space->between($this->feet[$place - 1], $this->feet[$place])->bay;
        [$t, $rest] = [$two->hinge ?? 0.0, 1 - ($two->hinge ?? 0.0)];
        [$before, $carryBefore] = [$this->knowns[$place - 1], $this->carries[$place - 1]];
        [$known, $carry] = [$this->knowns[$place], $this->carries[$place]];
        $both_m = 2 * ($one->length_m + $two->length_m);
        $divisor = $t * ($one->length_m * $carryBefore * $carry - $both_m * $carry + $two->length_m)
            - $rest * (2 * ($two->length_m + $next->length_m) - $two->length_m * $carry);
        $moments = [];
        foreach ($known as $unit => $moment) {
            $moments[] = ($rest * ($two->leftTerms[$unit] + $next->rightTerms[$unit] + $two->length_m * $moment)
                - $t * ($one->leftTerms[$unit] + $two->rightTerms[$unit] + $one->length_m * ($before[$unit] - $carryBefore * $moment)
                    + $both_m * $moment)) / $divisor;
        }

        return [-$rest * $next->length_m / $divisor, $moments];
    }

    /**
     * What bending along the slope takes at least of the rail's capacity in the up case: it goes with the moments of the shares.
     *
     * @param float $known Moment of the shares over the left end, less $carry times the one over the right end
     * @param array{float, float} $right Range of that
     *
     * @return list<float> At the left end, the right end and the sections
     */
    private static function leastAlong(Bay $bay, float $known, float $carry, array $right, float $perMoment): array
    {
        [$low, $high] = $right;
        $leftLow = $known - $carry * $low;
        $leftHigh = $known - $carry * $high;
        // Of a moment that may have either sign nothing is left for sure.
        $least = [
            $leftLow * $leftHigh > 0.0 ? $perMoment * min(abs($leftLow), abs($leftHigh)) : 0.0,
            $low * $high > 0.0 ? $perMoment * min(abs($low), abs($high)) : 0.0,
        ];
        $shares = $bay->sections;
        foreach ($bay->unitSections[0] as $index => $simple) {
            $share = $shares[$index];
            $one = $simple + (1 - $share) * $leftLow + $share * $low;
            $other = $simple + (1 - $share) * $leftHigh + $share * $high;
            $least[] = $one * $other > 0.0 ? $perMoment * min(abs($one), abs($other)) : 0.0;
        }

        return $least;
    }

    /**
     * The moments over the right end of a bay that keep every section of it within the capacity, and the moment over its left end
     * within what the bays before it allow; null when there are none.
     *
     * @param float $known Moment over the left end, less $carry times the one over the right end
     * @param list<float> $sections Moments of the bay on two supports
     * @param array{float, float}|null $before Range of the moment over the left end
     * @param list<float> $less What something else takes of the capacity, at the left end, the right end and the sections
     *
     * @return array{float, float}|null
     */
    private static function range(Bay $bay, float $known, float $carry, array $sections, float $capacity, ?array $before, array $less = []): ?array
    {
        $high = $capacity - ($less[1] ?? 0.0);
        $low = -$high;
        $left = $capacity - ($less[0] ?? 0.0);
        if ($carry > 0.0) {
            $bound = ($known - ($before === null || $before[1] > $left ? $left : $before[1])) / $carry;
            $low = $bound > $low ? $bound : $low;
            $bound = ($known + ($before === null || -$before[0] > $left ? $left : -$before[0])) / $carry;
            $high = $bound < $high ? $bound : $high;
        } elseif ($known > $left + 1e-9 || $known < -$left - 1e-9) {
            return null;
        }
        $shares = $bay->sections;
        foreach ($sections as $index => $simple) {
            $share = $shares[$index];
            $most = $capacity - ($less[$index + 2] ?? 0.0);
            $fixed = $simple + (1 - $share) * $known;
            $slope = $share - (1 - $share) * $carry;
            if ($slope > 1e-12 || $slope < -1e-12) {
                $one = (-$most - $fixed) / $slope;
                $other = ($most - $fixed) / $slope;
                if ($slope < 0.0) {
                    [$one, $other] = [$other, $one];
                }
                $low = $one > $low ? $one : $low;
                $high = $other < $high ? $other : $high;
            } elseif ($fixed > $most + 1e-9 || $fixed < -$most - 1e-9) {
                return null;
            }
        }

        return $low <= $high + 1e-9 ? [$low, $high] : null;
    }

    /**
     * Whether a complete layout passes the two cases that the search looks at: cheap, before the full check.
     *
     * @param list<int> $feet
     */
    private function chainMay(array $feet): bool
    {
        $last = count($feet) - 1;
        $right = $this->space->rightEnds[$feet[$last]];
        if ($right === null) {
            return false;
        }
        // From the right, where the moments are known: what does not hold mostly shows there.
        $next = $right;
        $afterNext = [];
        for ($place = $last - 1; $place >= 0; --$place) {
            $carry = $this->carries[$place];
            $over = [];
            foreach ($this->knowns[$place] as $unit => $known) {
                $over[] = $known - $carry * $next[$unit];
            }
            $loaded = $this->space->between($feet[$place], $feet[$place + 1]);
            $bay = $loaded->bay;
            if (!$this->bayHolds($loaded, $over, $next, $this->limit)
                || (
                    $place < $last - 1
                    && !$this->footHolds($bay, $this->space->between($feet[$place + 1], $feet[$place + 2])->bay, $over, $next, $afterNext)
                )) {
                return false;
            }
            [$next, $afterNext] = [$over, $next];
        }

        return true;
    }

    /**
     * @param array<int, float> $left Unit moments over the feet of the bay
     * @param array<int, float> $right
     */
    private function bayHolds(LoadedBay $loaded, array $left, array $right, float $limit): bool
    {
        $bay = $loaded->bay;
        $down = $limit * $this->space->cap + 1e-9;
        $up_Nm = $limit * $this->space->capUp_Nm + 1e-9;
        $along_N = $this->space->upAlong_N;
        [$from, $to] = [$left[0], $right[0]];
        $size = $from < 0.0 ? -$from : $from;
        $other = $to < 0.0 ? -$to : $to;
        if ($size > $down || $other > $down) {
            return false;
        }
        $from_Nm = $this->space->upward($left, $loaded->winds_N);
        $to_Nm = $this->space->upward($right, $loaded->winds_N);
        if (($from_Nm < 0.0 ? -$from_Nm : $from_Nm) + $along_N * $size > $up_Nm || ($to_Nm < 0.0 ? -$to_Nm : $to_Nm) + $along_N * $other > $up_Nm) {
            return false;
        }
        $rise = $to - $from;
        $rise_Nm = $to_Nm - $from_Nm;
        $simples = $bay->unitSections[0];
        $simples_Nm = $loaded->upSections_Nm;
        foreach ($bay->sections as $index => $share) {
            $moment = $simples[$index] + $from + $rise * $share;
            $moment_Nm = $simples_Nm[$index] + $from_Nm + $rise_Nm * $share;
            $size = $moment < 0.0 ? -$moment : $moment;
            if ($size > $down || ($moment_Nm < 0.0 ? -$moment_Nm : $moment_Nm) + $along_N * $size > $up_Nm) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<int, float> $left Unit moments over the foot before, over this one and over the next
     * @param array<int, float> $over
     * @param array<int, float> $right
     */
    private function footHolds(Bay $one, Bay $two, array $left, array $over, array $right): bool
    {
        $reactions = [];
        foreach ($one->rightReactions as $unit => $reaction) {
            $reactions[] = $reaction + $two->leftReactions[$unit]
                + ($left[$unit] - $over[$unit]) / $one->length_m + ($right[$unit] - $over[$unit]) / $two->length_m;
        }
        $winds_N = $this->check->winds->foot_N(($one->length_m + $two->length_m) / 2);

        return $reactions[0] * $this->space->downPerReaction <= $this->limit + 1e-9
            && $this->space->upward($reactions, $winds_N) <= $this->limit * $this->space->upCapacity_N + 1e-9;
    }

    /** @param list<int> $feet */
    private function finish(array $feet): void
    {
        if (!$this->chainMay($feet)) {
            return;
        }
        if ($this->others === []) {
            $this->weigh($this->turned($feet));
        } else {
            $this->best = $this->turned($feet);
        }
    }

    /**
     * Feet of the run itself from those of the search, or the other way round.
     *
     * @param list<int> $feet
     *
     * @return list<int>
     */
    private function turned(array $feet): array
    {
        return $this->isTurned ? array_map(fn (int $foot): int => $this->space->count - 1 - $foot, array_reverse($feet)) : $feet;
    }

    /**
     * @param list<int> $feet Of the run itself
     *
     * @return list<float>
     */
    private function feet_m(array $feet): array
    {
        return array_map(fn (int $foot): float => $this->run->candidates_m[$foot], $feet);
    }

    /** @param list<int> $feet Of the run itself */
    private function weigh(array $feet): void
    {
        if (!$this->run->hand->allows($this->run->candidates_m, $feet)) {
            return;
        }
        if ($this->relief !== null) {
            $this->weighRelief($feet, ($this->relief)($feet));

            return;
        }
        $worst = $this->check->worst($this->feet_m($feet), $this->limit);
        if ($worst <= $this->limit && ($this->best === null || $worst < $this->bestWorst - self::TIE || $this->isFairer($feet, $this->best))
            && (!$this->isStrict || $this->holdsMoved($this->check, $feet, $worst))) {
            $this->best = $feet;
            $this->bestWorst = $worst;
            $this->budget = min($this->budget, $this->nodes + self::FURTHER);
            $this->limit = min($this->limit, $worst + self::TIE);
        }
    }

    /**
     * Whether a layout holds with each foot off its mark; so many are asked, and then the look ends.
     *
     * @param list<int> $feet Of the run itself
     */
    private function holdsMoved(RunCheck $check, array $feet, float $worst): bool
    {
        if (--$this->asks < 0) {
            $this->nodes = max($this->nodes, $this->budget + 1);

            return false;
        }

        return $check->holdsMoved($this->feet_m($feet), $worst);
    }

    /** @param list<int> $feet Of the run itself */
    private function weighRelief(array $feet, float $relief): void
    {
        if ($relief === -INF || ($this->best !== null && $relief < $this->bestRelief - self::TIE)) {
            return;
        }
        // Of two that relieve alike, the one with the greater reserve.
        $most = $this->best !== null && $relief <= $this->bestRelief + self::TIE ? $this->bestWorst - self::TIE : $this->reliefLimit;
        $worst = $this->relieved->worst($this->feet_m($feet), $most);
        if ($worst <= $most && $this->holdsMoved($this->relieved, $feet, $worst)) {
            $this->budget = $this->best === null ? min($this->budget, $this->nodes + self::RELIEF_FURTHER) : $this->budget;
            [$this->best, $this->bestWorst, $this->bestRelief] = [$feet, $worst, $relief];
        }
    }

    /**
     * Among layouts of one reserve: equal bays first, then the one with its feet further out, then the one nearer the datum side.
     * The first two are the same for a mirrored roof.
     *
     * @param list<int> $one
     * @param list<int> $other
     */
    private function isFairer(array $one, array $other): bool
    {
        [$a, $b] = [$this->fairness($one), $this->fairness($other)];
        foreach ($a as $index => $value) {
            if (abs($value - $b[$index]) > self::TIE) {
                return $value < $b[$index];
            }
        }

        return false;
    }

    /**
     * @param list<int> $feet
     *
     * @return array{float, float, float}
     */
    private function fairness(array $feet): array
    {
        $longest = 0.0;
        $shortest = INF;
        $middle_m = ($this->run->x0_m + $this->run->x1_m) / 2;
        $spread = $lean = 0.0;
        foreach ($feet as $place => $foot) {
            $x_m = $this->run->candidates_m[$foot];
            $spread -= ($x_m - $middle_m) ** 2;
            $lean += $x_m;
            if ($place > 0) {
                $longest = max($longest, $x_m - $this->run->candidates_m[$feet[$place - 1]]);
                $shortest = min($shortest, $x_m - $this->run->candidates_m[$feet[$place - 1]]);
            }
        }

        return [round($longest - $shortest, 6), round($spread, 6), $lean];
    }
}

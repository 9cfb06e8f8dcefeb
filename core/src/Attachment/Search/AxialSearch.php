<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Check\AxialCheck;
use Garnetine\Core\Rail\Run;

/**
 * The fewest feet under a rail up the slope, and of those layouts the one with the greatest least reserve: every layout by increasing
 * count, but for those with a bay or an end that no choice of the other feet could let hold. A rail crosses few purlins.
 *
 * Past its budget it settles for an even layout that holds, and says so by the bound.
 */
final class AxialSearch
{
    /** Layouts that are checked at most. */
    private const CHECKS = 800;

    /** Steps on the way to each. */
    private const STEPS = 30;

    private const TIE = 1e-9;

    private int $left = self::CHECKS;

    /** Feet that may still be tried on the way to a layout. */
    private int $steps = 0;

    /** @var list<int> Places that may be used */
    private array $free;

    /** @var array<int, list<int>> By place, those that may follow it, over one bay */
    private array $next = [];

    /** @var list<int> That may be the last */
    private array $ends = [];

    /** @var list<int> */
    private array $starts = [];

    /** @var list<int>|null */
    private ?array $best = null;

    private float $bestWorst = INF;

    private bool $isComplete = true;

    /** @param list<int> $barred Candidates that may not be used */
    private function __construct(private readonly Run $run, private readonly AxialCheck $check, array $barred, private readonly bool $isFirstEnough)
    {
        $this->free = array_values(array_diff(array_keys($run->candidates_m), $barred));
        foreach ($this->free as $from) {
            $at_m = $run->candidates_m[$from];
            $isFirst = array_filter($run->hand->pinned, static fn (int $pin): bool => $pin < $from) === [];
            $isLast = array_filter($run->hand->pinned, static fn (int $pin): bool => $pin > $from) === [];
            array_push($this->starts, ...$isFirst && $check->mayEnd($at_m, true) ? [$from] : []);
            array_push($this->ends, ...$isLast && $check->mayEnd($at_m, false) ? [$from] : []);
        }
    }

    /**
     * @param list<int> $barred Candidates that may not be used
     * @param int|null $most Layouts with more feet are of no interest
     * @param bool $isFirstEnough Whether of layouts with as many feet the first that holds will do
     * @param int $checks Layouts that are checked at most, of each count where the first that holds will do
     *
     * @return array{Fewest|null, bool} None where no layout holds or none was found; and whether every one was tried
     */
    public static function of(
        Run $run,
        AxialCheck $check,
        array $barred = [],
        ?int $most = null,
        bool $isFirstEnough = false,
        int $checks = self::CHECKS,
    ): array {
        $search = new self($run, $check, $barred, $isFirstEnough);
        [$search->left, $search->steps] = [$checks, self::STEPS * $checks];
        $bound = null;
        for ($count = $check->leastFeet(); $count <= min($most ?? PHP_INT_MAX, count($run->candidates_m) - count($barred)); ++$count) {
            [$search->left, $search->steps] = $isFirstEnough ? [$checks, self::STEPS * $checks] : [$search->left, $search->steps];
            foreach ($search->starts as $start) {
                $search->go([$start], $count);
            }
            $bound ??= $search->isComplete ? null : $count;
            if ($search->best !== null) {
                return [
                    new Fewest($search->best, $search->bestWorst, $bound ?? $count, $search->isComplete && !$isFirstEnough, $checks - $search->left),
                    $search->isComplete,
                ];
            }
            if (!$search->isComplete && !$isFirstEnough) {
                return [$search->even($barred, $count, $most), false];
            }
        }

        return [null, $search->isComplete];
    }

    /** @param non-empty-list<int> $picks */
    private function go(array $picks, int $count): void
    {
        $here = $picks[count($picks) - 1];
        if (count($picks) === $count) {
            $this->weigh($picks);

            return;
        }
        foreach ($this->likelyFirst($here, $count - count($picks)) as $next) {
            if ($this->isFirstEnough && $this->best !== null) {
                return;
            }
            if ($this->left <= 0 || --$this->steps <= 0) {
                $this->isComplete = false;

                return;
            }
            $this->go([...$picks, $next], $count);
        }
    }

    /**
     * The feet that may follow one, those first that leave even bays to the rest.
     *
     * @param int $left Feet still to be chosen
     *
     * @return list<int>
     */
    private function likelyFirst(int $here, int $left): array
    {
        $places_m = $this->run->candidates_m;
        $even_m = ($places_m[$this->ends[count($this->ends) - 1] ?? $here] - $places_m[$here]) / $left;
        $next = $this->next[$here] ??= array_values(array_filter(
            $this->free,
            fn (int $to): bool => $to > $here && $this->run->hand->jumpsNone($here, $to)
                // Where the first that holds will do, a layout is refused by its check as fast.
                && ($this->isFirstEnough || $this->check->maySpan($places_m[$here], $places_m[$to])),
        ));
        // The last one ends the rail; before it so many are left for the others.
        $until = $this->free[count($this->free) - $left] ?? -1;
        $next = $left === 1
            ? array_values(array_intersect($next, $this->ends))
            : array_values(array_filter($next, static fn (int $to): bool => $to <= $until));
        usort(
            $next,
            static fn (int $one, int $other): int => abs($places_m[$one] - $places_m[$here] - $even_m) <=> abs($places_m[$other] - $places_m[$here] - $even_m),
        );

        return $next;
    }

    /** @param non-empty-list<int> $picks */
    private function weigh(array $picks): void
    {
        if (!$this->run->hand->allows($this->run->candidates_m, $picks)) {
            return;
        }
        --$this->left;
        $feet_m = array_map(fn (int $pick): float => $this->run->candidates_m[$pick], $picks);
        $worst = $this->check->worst($feet_m, min($this->check->capacities->placing->limit, $this->bestWorst + 2 * self::TIE));
        $isBetter = $worst < $this->bestWorst - self::TIE || ($worst < $this->bestWorst + self::TIE && $this->best !== null && $this->isEvener(
            $picks,
            $this->best,
        ));
        if ($worst <= $this->check->capacities->placing->limit && $isBetter && $this->check->holdsMoved($feet_m, $worst)) {
            [$this->best, $this->bestWorst] = [$picks, $worst];
        }
    }

    /**
     * @param list<int> $one
     * @param list<int> $other
     */
    private function isEvener(array $one, array $other): bool
    {
        return $this->unevenness($one) < $this->unevenness($other) - self::TIE;
    }

    /** @param list<int> $picks */
    private function unevenness(array $picks): float
    {
        $bays_m = [];
        for ($place = 1; $place < count($picks); ++$place) {
            $bays_m[] = $this->run->candidates_m[$picks[$place]] - $this->run->candidates_m[$picks[$place - 1]];
        }

        return $bays_m === [] ? 0.0 : max($bays_m) - min($bays_m);
    }

    /**
     * The fewest of those with a foot on every so-manieth place.
     *
     * @param list<int> $barred
     */
    private function even(array $barred, int $bound, ?int $most): ?Fewest
    {
        $free = array_values(array_diff(array_keys($this->run->candidates_m), $barred));
        for ($step = count($free); $step >= 1; --$step) {
            $picks = array_values(array_unique([
                ...array_filter($free, static fn (int $place): bool => $place % $step === 0), ...$this->run->hand->pinned, $free[count($free) - 1],
            ]));
            sort($picks);
            if (count($picks) >= 2 && count($picks) <= ($most ?? PHP_INT_MAX)) {
                $this->weigh($picks);
                if ($this->best !== null) {
                    return new Fewest($this->best, $this->bestWorst, $bound, false, self::CHECKS);
                }
            }
        }

        return null;
    }
}

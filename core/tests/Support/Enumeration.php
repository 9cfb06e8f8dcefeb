<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Rail\OwnHand;
use Garnetine\Core\Rail\Run;

/** The fewest feet of a run by trying every subset of its candidates with the second opinion, smallest first. */
final class Enumeration
{
    /**
     * @param int $most Give up above this count
     * @param (\Closure(list<int>): bool)|null $wanted Layouts that count at all
     *
     * @return array{int|null, float} Fewest count and the least worst ratio among layouts of that count; null when none up to $most holds
     */
    public static function fewest(SecondOpinion $opinion, Run $run, int $most, ?\Closure $wanted = null, float $tolerance_in = 0.25): array
    {
        for ($count = 2; $count <= min($most, count($run->candidates_m)); ++$count) {
            $best = INF;
            foreach (self::subsets(count($run->candidates_m), $count) as $subset) {
                if ($wanted !== null && !$wanted($subset)) {
                    continue;
                }
                $feet = array_map(static fn (int $index): float => $run->candidates_m[$index], $subset);
                $worst = $opinion->worst($feet, min($best, 1.0));
                if ($worst < $best && $opinion->holds($feet, tolerance_in: $tolerance_in)) {
                    $best = $worst;
                }
            }
            if (is_finite($best)) {
                return [$count, $best];
            }
        }

        return [null, INF];
    }

    /** A random hand: pins, a greatest bay, which end's bay may be longer. */
    public static function hand(int $seed, int $count, float $spacing_m): OwnHand
    {
        mt_srand($seed);
        $pinned = array_values(array_unique([mt_rand(0, $count - 1), mt_rand(0, $count - 1)]));
        sort($pinned);

        return new OwnHand($seed % 3 === 0 ? [] : $pinned, $seed % 2 === 0 ? null : (1 + mt_rand(0, 1)) * $spacing_m + 0.01, [null, true, false][$seed % 3]);
    }

    /**
     * Whether a layout follows a hand; written apart from the hand itself.
     *
     * @param list<float> $candidates_m
     * @param list<int> $picks
     */
    public static function obeys(OwnHand $hand, array $candidates_m, array $picks): bool
    {
        $bays_m = [];
        for ($foot = 1; $foot < count($picks); ++$foot) {
            $bays_m[] = $candidates_m[$picks[$foot]] - $candidates_m[$picks[$foot - 1]];
        }
        if ($hand->lastIsRight === true) {
            array_pop($bays_m);
        } elseif ($hand->lastIsRight === false) {
            array_shift($bays_m);
        }

        return array_diff($hand->pinned, $picks) === [] && ($hand->greatestBay_m === null || max([0.0, ...$bays_m]) <= $hand->greatestBay_m + 1e-6);
    }

    /** @return iterable<list<int>> */
    private static function subsets(int $n, int $k): iterable
    {
        $pick = range(0, $k - 1);
        while (true) {
            yield array_values($pick);
            for ($i = $k - 1; $i >= 0 && $pick[$i] === $n - $k + $i; --$i);
            if ($i < 0) {
                return;
            }
            ++$pick[$i];
            for ($j = $i + 1; $j < $k; ++$j) {
                $pick[$j] = $pick[$j - 1] + 1;
            }
        }
    }
}

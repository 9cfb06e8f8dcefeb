<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

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
    public static function fewest(SecondOpinion $opinion, Run $run, int $most, ?\Closure $wanted = null): array
    {
        for ($count = 2; $count <= min($most, count($run->candidates_m)); ++$count) {
            $best = INF;
            foreach (self::subsets(count($run->candidates_m), $count) as $subset) {
                if ($wanted !== null && !$wanted($subset)) {
                    continue;
                }
                $feet = array_map(static fn (int $index): float => $run->candidates_m[$index], $subset);
                $worst = $opinion->worst($feet, min($best, 1.0));
                if ($worst < $best && $opinion->holds($feet)) {
                    $best = $worst;
                }
            }
            if (is_finite($best)) {
                return [$count, $best];
            }
        }

        return [null, INF];
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

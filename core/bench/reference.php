<?php

// What the figures of a bench are measured against.

declare(strict_types=1);

/** @param callable(): mixed $do */
function best_ms(int $times, callable $do): float
{
    $best = INF;
    for ($i = 0; $i < $times; ++$i) {
        $start = hrtime(true);
        $do();
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }

    return $best;
}

/** A fixed piece of arithmetic, so that figures of different machines can be compared. */
function roots(int $count): float
{
    $sum = 0.0;
    for ($i = 1; $i < $count; ++$i) {
        $sum += sqrt($i) / $i;
    }

    return $sum;
}

/** A million of them in the same run. */
function reference_ms(): float
{
    return best_ms(5, static fn (): float => roots(1_000_000));
}

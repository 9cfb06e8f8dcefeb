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

/** A fixed piece of arithmetic in the same run, so that figures of different machines can be compared. */
function reference_ms(): float
{
    return best_ms(5, static function (): float {
        $sum = 0.0;
        for ($i = 1; $i < 1_000_000; ++$i) {
            $sum += sqrt($i) / $i;
        }

        return $sum;
    });
}

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

/**
 * What a virtual machine was ready to use and did not get, in hundredths of a second of one processor, since it started; 0
 * where the system does not tell.
 */
function stolen_ticks(): int
{
    return (int) (preg_split('/\s+/', (string) strtok((string) @file_get_contents('/proc/stat'), "\n"))[8] ?? 0);
}

/** @param list<float> $values */
function quantile(array $values, float $share): float
{
    sort($values);

    return $values === [] ? NAN : $values[min(count($values) - 1, (int) ($share * count($values)))];
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** Between the rows of published tables. */
final class Interpolation
{
    /**
     * Linear between points, constant beyond them; asks for no more values than it needs.
     *
     * @param list<float> $xs Ascending
     * @param callable(int): float $y
     */
    public static function linear(array $xs, callable $y, float $x): float
    {
        $last = count($xs) - 1;
        for ($index = $last; $index >= 0; --$index) {
            if ($x >= $xs[$index] || $index === 0) {
                return $index === $last || $x <= $xs[$index] ? $y($index)
                    : $y($index) + ($y($index + 1) - $y($index)) * ($x - $xs[$index]) / ($xs[$index + 1] - $xs[$index]);
            }
        }

        throw new \LogicException('Nothing to be between.');
    }
}

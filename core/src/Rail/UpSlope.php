<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/**
 * What differs from clamp to clamp on a rail up the slope, in N: the snow square to the roof, by case, and all that pushes along the rail.
 * Its feet have to hold that together, and it bends nothing.
 */
final readonly class UpSlope
{
    /**
     * @param array<string, list<float>> $normal_N By case and clamp
     * @param array<string, float> $along_N By case, of the whole rail
     */
    public function __construct(
        public array $normal_N,
        public array $along_N,
        /** From where up the slope modules lie over it. */
        public float $from_m,
        /** And to where. */
        public float $to_m,
    ) {
    }

    /** Equal for equal loads. */
    public function key(): string
    {
        return implode(' ', array_keys($this->normal_N)).Run::key([...array_values($this->normal_N), array_values($this->along_N)], 5);
    }
}

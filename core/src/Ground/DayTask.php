<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** A step of the work as it is put on days. */
final readonly class DayTask
{
    public function __construct(
        /** Of its step, or of the first of those that are done at one hole together. */
        public string $code,
        /** How many times it is done; none where it is only waited for. */
        public int $units,
        /** Of one person, each time. */
        public float $minutes,
        /** Days from when what stands before is done. */
        public int $waitDays = 0,
        /** The weather that forbids it: rain, gusts or neither. */
        public string $forbids = '',
    ) {
    }

    /** The same with more to do each time. */
    public function with(float $minutes, string $forbids): self
    {
        return new self($this->code, $this->units, $this->minutes + $minutes, $this->waitDays, $forbids === '' ? $this->forbids : $forbids);
    }
}

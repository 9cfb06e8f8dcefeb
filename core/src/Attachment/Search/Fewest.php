<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

/** The layout of feet found for a run, and how sure it is that no layout with fewer passes. */
final readonly class Fewest
{
    /** @param list<int> $picks Indices into the run's candidates, ascending */
    public function __construct(
        public array $picks,
        public float $worst,
        /** No layout with fewer feet can pass. */
        public int $bound,
        /** Every layout with as many feet was weighed, so that this one has the greatest least reserve. */
        public bool $isBest,
        public int $nodes,
    ) {
    }

    public function isLeast(): bool
    {
        return count($this->picks) === $this->bound;
    }
}

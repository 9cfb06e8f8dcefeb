<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Rail\Run;

/** A run with the feet chosen for it. */
final readonly class RunPlan
{
    /** @param list<int> $picks Indices into the run's candidates; empty when it has fewer than two */
    public function __construct(
        public Run $run,
        public RunCheck $check,
        public array $picks,
        public ?RunVerdict $verdict,
        /** No layout with fewer feet passes; null when none passes at all. */
        public ?int $bound,
        /** Every layout with as many feet was weighed. */
        public bool $isBest,
    ) {
    }

    public function holds(): bool
    {
        return $this->bound !== null;
    }

    /** @return list<float> */
    public function feet_m(): array
    {
        return array_map(fn (int $pick): float => $this->run->candidates_m[$pick], $this->picks);
    }

    /** @return list<int> */
    public function members(): array
    {
        return array_map(fn (int $pick): int => $this->run->members[$pick], $this->picks);
    }
}

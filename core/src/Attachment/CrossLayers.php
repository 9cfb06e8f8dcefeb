<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Rail\Run;

/** A block with rails in two layers. */
final readonly class CrossLayers
{
    /**
     * @param list<RunPlan> $uppers The rails across, held where they cross the lower ones
     * @param list<Run> $lowers From the left
     */
    public function __construct(
        public array $uppers,
        public array $lowers,
        /** No fewer feet are enough; null where nothing holds. */
        public ?int $bound,
        /** Whether every set of lower rails was weighed that could be better. */
        public bool $isComplete,
    ) {
    }
}

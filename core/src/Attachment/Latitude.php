<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/** How far one foot may miss, and where else it could go. */
final readonly class Latitude
{
    public function __construct(
        /** What the member's width leaves; zero or less when a lag cannot keep its edge distance. */
        public float $wood_m,
        /** What the wood leaves and keeps every reserve of the run at zero or more. */
        public float $miss_m,
        /** The nearest other member that would hold, or null: this one must land. */
        public ?int $otherMember,
        public ?float $other_m,
    ) {
    }
}

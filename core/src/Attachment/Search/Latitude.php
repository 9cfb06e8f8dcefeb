<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

/** Where else one foot could go. */
final readonly class Latitude
{
    public function __construct(
        /** The nearest other member that would hold, or null when there is none. */
        public ?int $otherMember,
        public ?float $other_m,
        /** Whether all were tried that could: on very large planes not every foot is asked. */
        public bool $isSought = true,
    ) {
    }
}

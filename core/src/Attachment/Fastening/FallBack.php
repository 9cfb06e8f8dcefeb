<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

/** What still holds one foot where its middle column of screws misses the member. */
final readonly class FallBack
{
    public function __construct(
        /** An outer column in the member. */
        public bool $aside,
        /** All screws in the deck alone. */
        public bool $deck,
    ) {
    }
}

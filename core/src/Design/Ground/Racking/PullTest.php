<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Force;

/** One test of a pile, a screw or a spike: what it bore for five minutes without moving half an inch. */
final readonly class PullTest
{
    public function __construct(
        #[Range(1, 1e6)]
        public Force $up,
        /** Null where it was pulled upward alone. */
        #[Range(1, 1e6)]
        public ?Force $sideways = null,
    ) {
    }
}

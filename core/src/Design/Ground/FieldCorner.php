<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** A corner in the field, true and on the level, from the mark of the job. */
final readonly class FieldCorner
{
    public function __construct(
        #[Range(-3000, 3000)]
        public Length $east,
        #[Range(-3000, 3000)]
        public Length $north,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Where the first front stake of a table stands in its field, on the level from a mark that is the same for the whole job. */
final readonly class FieldPlace
{
    public function __construct(
        #[Range(-3000, 3000)]
        public Length $east,
        #[Range(-3000, 3000)]
        public Length $north,
    ) {
    }
}

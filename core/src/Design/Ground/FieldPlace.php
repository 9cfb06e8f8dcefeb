<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** A place in the field, true and on the level from a mark that is the same for the whole job: the first front stake of a table, or a corner of an area. */
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

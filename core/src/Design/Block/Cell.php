<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Document\Range;

/** A place in a block: row 1 is nearest the eave, column 1 at the left. */
final readonly class Cell
{
    public function __construct(
        #[Range(1, 200)]
        public int $row,
        #[Range(1, 200)]
        public int $column,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Ground at one place along the row, over a level of one's own. */
final readonly class PostLevel
{
    public function __construct(
        #[Range(-20, 20)]
        public Length $front,
        #[Range(-20, 20)]
        public Length $rear,
    ) {
    }
}

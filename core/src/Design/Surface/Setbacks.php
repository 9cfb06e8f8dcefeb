<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Strips along the edges kept free, for fire access or by wish. */
final readonly class Setbacks
{
    public function __construct(
        #[Range(0, 10)]
        public Length $eave,
        #[Range(0, 10)]
        public Length $ridge,
        #[Range(0, 10)]
        public Length $left,
        #[Range(0, 10)]
        public Length $right,
    ) {
    }
}

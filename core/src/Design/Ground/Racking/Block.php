<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** A block of concrete under a pole. */
final readonly class Block
{
    public function __construct(
        /** Its two sides; the shorter one is looked at in every direction. */
        #[Range(0.3, 4)]
        public Length $side,
        #[Range(0.3, 4)]
        public Length $otherSide,
        #[Range(0.15, 3)]
        public Length $thick,
        /** Of it, over the ground. */
        #[Range(0, 1)]
        public Length $above,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Buildings upwind, in a sector of 45° and twenty times the roof height deep, at least as tall as this one. */
final readonly class Shielding
{
    public function __construct(
        #[Range(1, 200)]
        public int $buildings,
        /** Their mean roof height. */
        #[Range(1, 100)]
        public Length $height,
        /** Their mean breadth across the wind. */
        #[Range(1, 300)]
        public Length $breadth,
    ) {
    }
}

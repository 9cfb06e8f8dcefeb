<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** The hill, ridge or escarpment that a building stands on or near. */
final readonly class Hill
{
    public function __construct(
        public HillShape $shape,
        /** Of the crest over the ground upwind. */
        #[Range(1, 2000)]
        public Length $height,
        /** On the level, upwind of the crest, to where the ground is at half the height. */
        #[Range(1, 10_000)]
        public Length $halfLength,
        /** On the level, from the crest to the building. */
        #[Range(0, 50_000)]
        public Length $fromCrest,
        public HillSide $side,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** A band up the slope in which upper and lower members stand side by side; below it the lower run is shifted. */
final readonly class Lap
{
    public function __construct(
        #[Range(0, 60)]
        public Length $from,
        #[Range(0, 60)]
        public Length $to,
        /** To the right seen from outside is positive. */
        #[Range(-0.3, 0.3)]
        public Length $shift,
    ) {
    }
}

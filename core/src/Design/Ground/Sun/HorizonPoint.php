<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Sun;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Angle;

/** How high what stands there reaches, seen from the table in one direction. */
final readonly class HorizonPoint
{
    public function __construct(
        /** True, clockwise from north. */
        #[Range(0, 6.2832)]
        public Angle $bearing,
        /** Over the level. */
        #[Range(0, 1.4)]
        public Angle $elevation,
    ) {
    }
}

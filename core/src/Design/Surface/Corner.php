<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** A corner of a roof plane, in true shape, and the edge that runs from it to the next, counter-clockwise seen from outside. */
final readonly class Corner
{
    public function __construct(
        #[Range(0, 200)]
        public Length $x,
        #[Range(0, 60)]
        public Length $y,
        public EdgeKind $edge,
        /** Kept free along the edge, for fire access or by wish. */
        #[Range(0, 10)]
        public Length $setback,
        /** Of an eave or a rake, beyond the wall. */
        #[Range(0, 3)]
        public Length $overhang,
    ) {
    }
}

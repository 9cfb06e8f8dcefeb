<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

/** A purlin along the eave, by its number: from the lowest measured line of screws where it stands in the even spacing. */
final readonly class Purlin
{
    public function __construct(
        public int $number,
        /** Its middle, up the slope from the eave edge. */
        public float $y_m,
        /** Its ends, from the left edge of the roof. */
        public float $from_m = 0.0,
        public float $to_m = INF,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** Wind on the halves of an open table, in one of the ways that its standard has. */
final readonly class OpenWind
{
    public function __construct(
        /** Names it: "open_wind.0_b_clear" is wind on the high edge, case B, free flow. */
        public string $code,
        /** On the halves, pushing on the top face, at the level of the standard. */
        public float $lower_Pa,
        public float $upper_Pa,
    ) {
    }
}

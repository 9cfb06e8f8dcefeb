<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** What the wind does in one zone of a surface. */
final readonly class ZoneWind
{
    public function __construct(
        public string $zone,
        public Suction $inside,
        /** Where a module shows a side to the wind; the same as inside where the standard knows no such thing. */
        public Suction $exposed,
        /** The wind that governs, by the edge that it meets: "any", "eave", "ridge" or "rake". */
        public string $direction,
    ) {
    }
}

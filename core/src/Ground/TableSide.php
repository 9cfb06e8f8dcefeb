<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** What is drawn of a table from the side, but for its modules and its posts. */
final readonly class TableSide
{
    /** @param list<array{float, float, float, float}> $struts y on the level from the low edge and z up from there, of one end and of the other */
    public function __construct(
        /** Of the low edge, over the ground that levels are told over. */
        public float $lowEdge_m,
        /** The modules' plane over what carries them, across it. */
        public float $offset_m,
        /** Width of the hole or the block at each post; none where nothing is dug. */
        public float $hole_m,
        public float $frost_m,
        public array $struts = [],
        /** Whether a round pipe lies on the posts. */
        public bool $isRound = true,
    ) {
    }
}

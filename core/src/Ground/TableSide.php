<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** What is drawn of a table from the side, but for its modules and its posts. */
final readonly class TableSide
{
    /**
     * @param array<int|string, array{float, float, float, float}> $struts y on the level from the low edge and z up from there, of one end and of the other;
     *                                                                     those that one column of posts alone has by its letter
     */
    public function __construct(
        /** Of the low edge, over the ground that levels are told over. */
        public float $lowEdge_m,
        /** The modules' plane over what carries them, across it. */
        public float $offset_m,
        /** Width of the hole or the block at each post; none where nothing is dug. */
        public float $hole_m,
        public float $frost_m,
        public array $struts = [],
        /** What lies on the posts or at their sides, seen from its end: how wide and how high; nought where there is none. */
        public float $beamWide_m = 0.0,
        public float $beamHigh_m = 0.0,
        public bool $isRound = false,
        /** Over the ground, of the block on which a post stands; null where it goes into the ground. */
        public ?float $standsOn_m = null,
    ) {
    }
}

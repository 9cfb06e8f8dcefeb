<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** What is drawn of a table from the side, but for its modules: y on the level from the low edge, z up from there. */
final readonly class TableSide
{
    /**
     * @param list<array{float, float, float, float}> $struts y, z of one end and of the other
     */
    public function __construct(
        /** The modules' plane over what carries them, across it. */
        public float $offset_m,
        /** Width of the hole or the block at each post; none where nothing is dug. */
        public float $hole_m,
        public float $frost_m,
        public array $struts = [],
        /** Of the modules' plane over a post that stands under its middle, straight up; null where the tilt and the rows say it. */
        public bool $isRound = true,
    ) {
    }
}

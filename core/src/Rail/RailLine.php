<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/** One line of rail across a row: lower or upper, with the chalk line of its holes. */
final readonly class RailLine
{
    public function __construct(
        /** Letter, counted from the eave up. */
        public string $letter,
        public int $row,
        public bool $isUpper,
        /** From the lower end of the module. */
        public float $offset_m,
        public float $y_m,
        public float $holeY_m,
        /** The hole above the butt line under it; null when the courses are not known. */
        public ?float $aboveButt_m,
    ) {
    }
}

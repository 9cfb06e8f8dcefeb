<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/** One line of rail across a row: lower or upper, with the chalk line of its holes. */
final readonly class RailLine
{
    public function __construct(
        /** Within its block, counted from the eave up: taking out modules renames none. */
        public string $letter,
        public int $row,
        public bool $isUpper,
        /** From the lower end of the module. */
        public float $offset_m,
        public float $y_m,
        public float $holeY_m,
        /** The hole above the butt line under it; null when the courses are not known. */
        public ?float $aboveButt_m,
        /** Of the block on its surface, from 1. */
        public int $block = 1,
        /** The number of the purlin that it lies on; null where members run up the slope, or none is there. */
        public ?int $purlin = null,
    ) {
    }

    /** As people call it, on the whole surface: the lines of a second block are 2A, 2B. */
    public function name(): string
    {
        return ($this->block === 1 ? '' : (string) $this->block).$this->letter;
    }
}

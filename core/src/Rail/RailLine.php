<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/** One line of rail under a row, lower or upper, or up the slope under a column, left or right; with the line of its holes. */
final readonly class RailLine
{
    public function __construct(
        /** Within its block, counted from the eave up, of rails up the slope from the left: taking out modules renames none. */
        public string $letter,
        /** Row that it lies under; column of rails up the slope. */
        public int $row,
        /** The upper of its two, or the right one. */
        public bool $isUpper,
        /** From the lower end of the module, or from its left side. */
        public float $offset_m,
        /** Up the slope from the eave edge, or from the left edge. */
        public float $at_m,
        /** The same of its holes. */
        public float $holeAt_m,
        /** The hole above the butt line under it; null when the courses are not known, and of rails up the slope, which cross them. */
        public ?float $aboveButt_m,
        /** Of the block on its surface, from 1. */
        public int $block = 1,
        /** The number of the purlin that it lies on; null where members run up the slope, or none is there. */
        public ?int $purlin = null,
        /** Whether it runs up the slope. */
        public bool $isUpSlope = false,
        /** Of rails up the slope: the number of the rib, or of the member, that it lies over; null where none is there. */
        public ?int $over = null,
        /** Of rails up the slope: the hole of a foot above the place where it bears the rail. */
        public float $holeUp_m = 0.0,
        /** Whether it lies on other rails, and has no feet of its own. */
        public bool $isOnRails = false,
        /** Whether others lie on it: up the slope under those of several rows, and named by what it lies over. */
        public bool $isLower = false,
    ) {
    }

    /** As people call it, on the whole surface: the lines of a second block are 2A, 2B. */
    public function name(): string
    {
        return ($this->block === 1 ? '' : (string) $this->block).$this->letter;
    }

    /** @return array{float, float} x along the eave and y up the slope of a place along its rail */
    public function point_m(float $along_m): array
    {
        return $this->isUpSlope ? [$this->at_m, $along_m] : [$along_m, $this->at_m];
    }

    /**
     * @param float $further_m Up the slope, of a foot's further holes
     *
     * @return array{float, float} The same of a hole of the foot there
     */
    public function hole_m(float $along_m, float $further_m = 0.0): array
    {
        return $this->isUpSlope ? [$this->holeAt_m, $along_m + $this->holeUp_m + $further_m] : [$along_m, $this->holeAt_m + $further_m];
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** One post as it is set: where it stands, how deep, how long it is cut. */
final readonly class TablePost
{
    public function __construct(
        /** "A1": columns from the left by letters, 1 at the front and 2 at the rear. */
        public string $id,
        public bool $isRear,
        /** Along the row from the table's left edge, and over the first front post's ground. */
        public float $x_m,
        public float $ground_m,
        /** Of the centre of its pipe over the ground. */
        public float $height_m,
        public float $depth_m,
        /** Whole, from the bottom of its hole to where the pipe's tee sits on it. */
        public float $cut_m,
        public float $bags,
    ) {
    }

    /** @param int $row 1 at the front, 2 at the rear */
    public static function name(int $column, int $row): string
    {
        return chr(ord('A') + $column).$row;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** Where a post of a table stands. */
final readonly class PostPlace
{
    public function __construct(
        /** "A1": columns from the left by letters, 1 at the front and 2 at the rear. */
        public string $id,
        public bool $isRear,
        /** Along the row from the table's left edge, and on the level from its low edge. */
        public float $x_m,
        public float $y_m,
        /** Over the first front post's ground. */
        public float $ground_m,
        /** Of the centre of what it carries, over the ground. */
        public float $height_m,
        /** Null where its strength is not known. */
        public ?Member $member,
        /** Where that was entered: "/table/racking/post". */
        public string $at,
        /** As its hole was measured; null where it is still to be dug. */
        public ?float $built_m = null,
    ) {
    }

    /** @param int $row 1 at the front, 2 at the rear */
    public static function name(int $column, int $row): string
    {
        return ($column < 26 ? '' : chr(ord('A') + intdiv($column, 26) - 1)).chr(ord('A') + $column % 26).$row;
    }
}

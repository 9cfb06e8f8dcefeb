<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Sun;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;

/** Where on earth a table stands, and on which day it is set out by compass or sun. */
final readonly class Position
{
    public function __construct(
        /** North positive. */
        #[Range(-1.4835, 1.4835)]
        public Angle $latitude,
        /** East positive. */
        #[Range(-3.1416, 3.1416)]
        public Angle $longitude,
        /** Null where nobody knows yet. */
        #[Text(10, Text::DATE)]
        public ?string $on,
        /** Hours that the clock of the place is ahead of UTC on that day; null where nobody said. */
        #[Range(-12, 14)]
        public ?float $clockAhead,
    ) {
    }

    /** @return array{int, int, int}|null Year, month and day; null for none, and for one that there is not */
    public function day(): ?array
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->on ?? '0-0-0')) + [0, 0, 0];

        return checkdate($month, $day, $year) ? [$year, $month, $day] : null;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Sun;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;

/** How a table is tilted from one day of each year on, until the next. */
final readonly class SeasonTilt
{
    public function __construct(
        /** Month and day: "04-15". */
        #[Text(5, Text::DAY_OF_YEAR)]
        public string $from,
        /** Counted from where that of the table is. */
        #[Range(0, 1.571)]
        public Angle $tilt,
    ) {
    }

    /** Whether there is such a day every year. */
    public function isDay(): bool
    {
        return checkdate((int) substr($this->from, 0, 2), (int) substr($this->from, 3), 2001);
    }

    /** From 0. */
    public function month(): int
    {
        return (int) substr($this->from, 0, 2) - 1;
    }

    public function day(): int
    {
        return (int) substr($this->from, 3);
    }

    /** From 0 on the first of January, in a year without a 29th of February. */
    public function dayOfYear(): int
    {
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', "2001-$this->from");

        return $day === false ? 0 : (int) $day->format('z');
    }
}

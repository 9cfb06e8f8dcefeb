<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Sun;

/** When the light is wanted that tilts are compared by. */
enum Aim: string
{
    case Year = 'year';
    /** As of pumps in the dry season. */
    case Summer = 'summer';
    /** As of heating. */
    case Winter = 'winter';

    /** @return list<int>|null Months from 0 that count; all where null */
    public function months(bool $isNorth): ?array
    {
        return match (true) {
            $this === self::Year => null,
            ($this === self::Summer) === $isNorth => [3, 4, 5, 6, 7, 8],
            default => [9, 10, 11, 0, 1, 2],
        };
    }
}

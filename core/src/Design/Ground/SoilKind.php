<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

/** The soil as the building code puts it into classes, and what it has no values for. */
enum SoilKind: string
{
    case SedimentaryRock = 'sedimentary_rock';
    case Gravel = 'gravel';
    case Sand = 'sand';
    case Clay = 'clay';
    case Organic = 'organic';
    case Fill = 'fill';
    case Unknown = 'unknown';

    /** Whether there are presumptive values for it. */
    public function hasValues(): bool
    {
        return !in_array($this, [self::Organic, self::Fill, self::Unknown], true);
    }
}

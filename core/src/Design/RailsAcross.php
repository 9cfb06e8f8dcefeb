<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Quantity\Length;

/** A rail along the eave under all modules of a stretch, two for each row. */
final readonly class RailsAcross implements Arrangement
{
    public function past(Rail $rail): Length
    {
        return $rail->endPastModule;
    }

    public function isUpSlope(): bool
    {
        return false;
    }

    public function standsUpSlope(): bool
    {
        return false;
    }
}

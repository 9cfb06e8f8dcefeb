<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Kit\Rail;
use Garnetine\Core\Quantity\Length;

/** Rails up the slope under all modules of a column, two for each, over the purlins that they cross. */
final readonly class RailsUp implements Arrangement
{
    use OnRails;

    public function past(Rail $rail): Length
    {
        return $rail->endPastModule;
    }

    public function isUpSlope(): bool
    {
        return true;
    }

    public function standsUpSlope(): bool
    {
        return true;
    }
}

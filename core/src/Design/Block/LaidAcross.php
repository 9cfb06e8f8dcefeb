<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Kit\Rail;
use Garnetine\Core\Quantity\Length;

/** What arrangements have in common whose rails run along the eave and stand on feet themselves. */
trait LaidAcross
{
    use OnRails;

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

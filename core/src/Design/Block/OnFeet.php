<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Kit\Rail;
use Garnetine\Core\Quantity\Length;

/** No rails: each module lies on two feet at its upper and its lower edge, which hold the module of the next row too, clamped right over them. */
final readonly class OnFeet implements Arrangement
{
    use LaidAcross;

    /** As far along its edges as the module is long. */
    public function past(Rail $rail): Length
    {
        return Length::ofMetres(0.0);
    }

    public function liesBetweenRows(): bool
    {
        return true;
    }

    public function hasRails(): bool
    {
        return false;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A second moment of area in metres to the fourth power. */
final class SecondMoment implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::SecondMoment;
    }
}

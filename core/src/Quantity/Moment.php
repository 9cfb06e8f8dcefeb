<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A moment or torque in newton metres. */
final class Moment implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Moment;
    }
}

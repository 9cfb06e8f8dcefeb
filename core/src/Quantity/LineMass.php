<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A mass per length in kilograms a metre. */
final class LineMass implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::LineMass;
    }
}

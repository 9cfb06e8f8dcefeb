<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A temperature in degrees Celsius. */
final class Temperature implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Temperature;
    }

    public function toCelsius(): float
    {
        return $this->si;
    }
}

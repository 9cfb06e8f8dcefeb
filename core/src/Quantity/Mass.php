<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A mass in kilograms. */
final class Mass implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Mass;
    }

    /** Its weight under standard gravity. */
    public function weight(): Force
    {
        return Force::ofSi($this->si * 9.80665);
    }
}

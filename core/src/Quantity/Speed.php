<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A speed in metres a second. */
final class Speed implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Speed;
    }

    public static function ofMilesPerHour(float $value_mph): self
    {
        return self::from($value_mph, 'mph');
    }

    public function toMilesPerHour(): float
    {
        return $this->to('mph');
    }
}

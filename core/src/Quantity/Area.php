<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** An area in square metres. */
final class Area implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Area;
    }

    public static function ofSquareFeet(float $value_ft2): self
    {
        return self::from($value_ft2, 'ft2');
    }

    public function toSquareFeet(): float
    {
        return $this->to('ft2');
    }
}

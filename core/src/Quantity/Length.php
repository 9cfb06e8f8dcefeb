<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A length in metres. */
final class Length implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Length;
    }

    public static function ofMetres(float $value_m): self
    {
        return new self($value_m);
    }

    public static function ofMillimetres(float $value_mm): self
    {
        return self::from($value_mm, 'mm');
    }

    public static function ofInches(float $value_in): self
    {
        return self::from($value_in, 'in');
    }

    public static function ofFeet(float $value_ft): self
    {
        return self::from($value_ft, 'ft');
    }

    public function toMetres(): float
    {
        return $this->si;
    }

    public function toInches(): float
    {
        return $this->to('in');
    }

    public function toFeet(): float
    {
        return $this->to('ft');
    }
}

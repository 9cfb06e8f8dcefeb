<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A force in newtons. */
final class Force implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Force;
    }

    public static function ofPounds(float $value_lbf): self
    {
        return self::from($value_lbf, 'lbf');
    }

    public function toPounds(): float
    {
        return $this->to('lbf');
    }

    public function toNewtons(): float
    {
        return $this->si;
    }
}

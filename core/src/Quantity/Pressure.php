<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A pressure or stress in pascals. */
final class Pressure implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Pressure;
    }

    public static function ofPsf(float $value_psf): self
    {
        return self::from($value_psf, 'psf');
    }

    public function toPsf(): float
    {
        return $this->to('psf');
    }

    public function toPascals(): float
    {
        return $this->si;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A number with a dimension, held in the SI base unit of that dimension. */
interface Quantity
{
    public static function dimension(): Dimension;

    public static function ofSi(float $value_si): self;

    public function toSi(): float;
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** A section modulus in cubic metres. */
final class SectionModulus implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::SectionModulus;
    }
}

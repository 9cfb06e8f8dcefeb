<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** Limits of a number, in the SI base unit of its quantity; both ends are allowed. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Range
{
    public function __construct(public float $min, public float $max)
    {
    }
}

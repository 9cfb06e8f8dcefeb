<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** A list of objects of one class. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Items
{
    /** @param class-string $of */
    public function __construct(public string $of, public int $most)
    {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** Marks what stands in no document: it follows from the rest. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Derived
{
}

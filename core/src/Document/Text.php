<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** Limits of a text: its length in characters, and a pattern it must match whole. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Text
{
    public const SLUG = '[a-z0-9][a-z0-9_-]{0,39}';
    public const DAY_OF_YEAR = '(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])';
    public const DATE = '\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])';

    public function __construct(public int $longest = 120, public ?string $pattern = null, public int $shortest = 0)
    {
    }
}

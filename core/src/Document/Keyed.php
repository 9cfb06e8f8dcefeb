<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** A map from text keys to objects of one class, or to texts when no class is named. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Keyed
{
    /**
     * @param class-string|null $of
     * @param list<string>|null $keys The only keys allowed, or null for any that match $pattern
     * @param string|null $only The only text allowed, where texts are kept
     */
    public function __construct(
        public ?string $of,
        public ?array $keys,
        public int $most,
        public string $pattern = '.{1,160}',
        public int $longest = 120,
        public ?string $only = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** One thing wrong with a document: where, what was expected there, and what was found. */
final readonly class Fault
{
    /** @param string $path JSON pointer */
    public function __construct(public string $path, public string $expected, public string $found)
    {
    }

    /** @return array{path: string, expected: string, found: string} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'expected' => $this->expected, 'found' => $this->found];
    }
}

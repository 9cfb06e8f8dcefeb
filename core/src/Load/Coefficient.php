<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** A published value that the plan uses, with where it is printed and how surely it is remembered. */
final readonly class Coefficient
{
    public function __construct(
        public string $id,
        public float $value,
        public string $source,
        public Confidence $confidence,
        public ?string $note,
        /** Who read it in the own copy. */
        public ?string $readBy = null,
    ) {
    }

    /** The value as a named person confirms it: a change of the number makes the confirmation lapse. */
    public function text(): string
    {
        return rtrim(rtrim(sprintf('%.6F', $this->value), '0'), '.');
    }
}

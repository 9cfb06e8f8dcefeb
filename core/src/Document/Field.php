<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** One key of a document object. */
final readonly class Field
{
    /** @param string $type Native type name of the constructor's parameter */
    public function __construct(
        public string $key,
        public string $property,
        public string $type,
        public bool $optional,
        public ?Range $range,
        public ?Text $text,
        public ?Items $items,
        public ?Keyed $keyed,
    ) {
    }
}

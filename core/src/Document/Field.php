<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/**
 * One key of a document object.
 *
 * A key with a usual value came after its version of the document: it may be missing, and is not written when it has that
 * value, so that older documents keep their bytes.
 */
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
        public bool $hasUsual,
        public mixed $usual,
    ) {
    }
}

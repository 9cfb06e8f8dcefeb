<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Signing;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;

/** A published value as a named person read it in the company's own copy of the document; it stands in place of the recalled one. */
final readonly class OwnCopy
{
    public function __construct(
        /** Id of the value: its table and key. */
        #[Text(120, '[a-zA-Z0-9_/.:-]{1,120}')]
        public string $coefficient,
        /** In the unit of the recalled value. */
        #[Range(-1e6, 1e6)]
        public float $value,
        #[Text(160, shortest: 1)]
        public string $document,
        #[Text(80, shortest: 1)]
        public string $clause,
        #[Text(80, shortest: 2)]
        public string $name,
        #[Text(10, Text::DATE)]
        public string $on,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Speed;

/** A head that lies flat before the wind comes: proven only where it is told what senses it and what happens without power. */
final readonly class Stow
{
    public function __construct(
        /** The wind up to which it may stand tilted, as the site's is counted. */
        #[Range(5, 100)]
        public Speed $upTo,
        #[Text(160)]
        public string $sensor,
        #[Text(160)]
        public string $withoutPower,
        #[Text(80)]
        public string $by,
    ) {
    }

    public function isProven(): bool
    {
        return trim($this->sensor) !== '' && trim($this->withoutPower) !== '' && mb_strlen(trim($this->by)) >= 2;
    }
}

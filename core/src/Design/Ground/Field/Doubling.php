<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Text;

/** A named person stands for it that half an inch of sway at the ground harms nothing. */
final readonly class Doubling
{
    public function __construct(
        #[Text(80)]
        public string $by,
        #[Text(160)]
        public string $why,
    ) {
    }

    public function isNamed(): bool
    {
        return mb_strlen(trim($this->by)) >= 2;
    }
}

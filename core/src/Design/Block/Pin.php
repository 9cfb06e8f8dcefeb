<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;

/** A foot that must stand where a line crosses a member. */
final readonly class Pin
{
    public function __construct(
        #[Text(4, shortest: 1, pattern: '[A-Z]{1,2}|r[0-9]{1,3}')]
        public string $line,
        #[Range(1, 1000)]
        public int $member,
    ) {
    }
}

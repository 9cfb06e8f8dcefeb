<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;

/** A member that takes no foot: on one line, or on none when no line is named. */
final readonly class Bar
{
    public function __construct(
        #[Range(1, 1000)]
        public int $member,
        #[Text(4, shortest: 1, pattern: '[A-Z]{1,2}|r[0-9]{1,3}')]
        public ?string $line,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Text;

/** Buried lines were asked for and marked. */
final readonly class Services
{
    public function __construct(
        #[Text(80)]
        public string $ticket,
        #[Text(10, Text::DATE)]
        public ?string $expires,
        #[Text(80)]
        public string $by,
    ) {
    }

    /** Whether it is told which ticket, until when, and by whom. */
    public function areMarked(): bool
    {
        return trim($this->ticket) !== '' && $this->expires !== null && trim($this->by) !== '';
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Built;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Speed;

/** What somebody read of the weather of a day. */
final readonly class Forecast
{
    public function __construct(
        #[Text(10, Text::DATE)]
        public ?string $on,
        public bool $rain,
        #[Range(0, 90)]
        public Speed $gust,
    ) {
    }
}

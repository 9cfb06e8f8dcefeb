<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Temperature;

/** What spikes are set in, as its paper says, and how fast the crew is. */
final readonly class Resin
{
    public function __construct(
        #[Text(160)]
        public string $document,
        /** Minutes that it can be worked with at 75 °F (24 °C). */
        #[Range(1, 240)]
        public float $potMinutes,
        /** Of them, minutes of mixing. */
        #[Range(0, 60)]
        public float $mixMinutes,
        /** Minutes to fill and set one spike. */
        #[Range(0.1, 60)]
        public float $eachMinutes,
        /** Litres of one mix, and of one spike. */
        #[Range(0.05, 100)]
        public float $batchLitres,
        #[Range(0.01, 50)]
        public float $spikeLitres,
        /** Hours at 75 °F (24 °C) until modules may be loaded on it. */
        #[Range(0.1, 240)]
        public float $waitHours,
        /** Coldest that it may be used at, and what the day brings. */
        #[Range(-20, 30)]
        public Temperature $coldest,
        #[Range(-20, 60)]
        public Temperature $day,
    ) {
    }
}

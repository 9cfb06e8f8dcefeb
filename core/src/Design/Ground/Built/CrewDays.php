<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Built;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Speed;
use Garnetine\Core\Quantity\Temperature;

/** Who builds a table from when on, and how long they take, as the company knows it of its own jobs: minutes of one person. */
final readonly class CrewDays
{
    /** @param list<Forecast> $forecast */
    public function __construct(
        /** First day on the site. */
        #[Text(10, Text::DATE)]
        public ?string $from,
        #[Range(1, 30)]
        public int $people,
        #[Range(1, 16)]
        public float $dailyHours,
        /** Whether Saturdays and Sundays are worked. */
        public bool $weekends,
        /** For each stake, or each frame that serves as template. */
        #[Range(0, 600)]
        public float $stakeMinutes,
        /** To square the stakes as a whole. */
        #[Range(0, 600)]
        public float $squareMinutes,
        /** For each hole, dug and inspected. */
        #[Range(0, 1200)]
        public float $holeMinutes,
        /** For each post, pile or spike, set and braced. */
        #[Range(0, 1200)]
        public float $setMinutes,
        /** For each bag, mixed and poured. */
        #[Range(0, 120)]
        public float $bagMinutes,
        /** For each pipe, beam, purlin, rail or frame, cut and fixed. */
        #[Range(0, 600)]
        public float $memberMinutes,
        /** For each module, set and torqued. */
        #[Range(0, 600)]
        public float $moduleMinutes,
        /** Of the air while concrete hardens, in the mean. */
        #[Range(-30, 50)]
        public Temperature $air,
        /** Gusts over which nobody carries modules. */
        #[Range(1, 40)]
        public Speed $gustLimit,
        #[Items(Forecast::class, 60)]
        public array $forecast = [],
    ) {
    }
}

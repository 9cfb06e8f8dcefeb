<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** The lag screw, one in a foot. */
final readonly class Lag
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        public LagDiameter $diameter,
        #[Range(0.025, 0.31)]
        public Length $length,
        /** What it holds against pulling out of the member, from its document; in place of a computed value. */
        #[Range(1, 1e5)]
        public ?Force $pullOut,
        /** A hole of the shank's size is drilled as deep as the smooth shank reaches. */
        public bool $shankHole,
        /** A guide holds the drill square to the roof. */
        public bool $drillGuide,
    ) {
    }
}

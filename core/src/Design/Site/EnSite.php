<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Speed;

/** What EN 1991 asks of a place beyond what all standards ask. */
final readonly class EnSite
{
    public function __construct(
        /** Fundamental basic wind velocity, a ten-minute mean at 10 m in category II. */
        #[Range(10, 60)]
        public ?Speed $basicVelocity,
        public EnTerrain $terrain,
        /** Orography factor co, when topography is entered. */
        #[Range(1, 2)]
        public ?float $orography,
        public EnSnowSet $snowSet,
        /** Number Z of the zone, where the set has zones. */
        #[Range(0.5, 10)]
        public ?float $snowZone,
        public ?TimberClass $timber,
    ) {
    }
}

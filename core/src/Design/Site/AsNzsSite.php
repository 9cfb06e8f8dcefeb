<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

use Garnetine\Core\Document\Range;

/** What AS/NZS 1170 asks of a place beyond what all standards ask; the importance level is the risk category. */
final readonly class AsNzsSite
{
    public function __construct(
        public ?AsNzsRegion $region,
        public AsNzsTerrain $terrain,
        public ?Shielding $shielding,
        /** Topographic multiplier Mt, when topography is entered. */
        #[Range(1, 3)]
        public ?float $topographicMultiplier,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Quantity\Length;

/** How a foot holds a rail that runs up the slope. */
final readonly class UnderRailUp
{
    public function __construct(
        /** How all of it turns into a pull then. */
        public Lever $lever,
        /** Whether its base is turned with the rail: its hole is aside of the rail then, and not below or above. */
        public bool $turns,
        /** What of a turned base lies along the eave then, over the flat of a rib or pan. */
        public ?Length $besideRail = null,
    ) {
    }
}

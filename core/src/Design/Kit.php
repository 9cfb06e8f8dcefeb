<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Foot\Foot;
use Garnetine\Core\Quantity\Mass;

/** The parts used, embedded by value. */
final readonly class Kit
{
    public function __construct(
        public CapacityFormat $capacities,
        public Rail $rail,
        public Clamp $clamp,
        public Bolt $bolt,
        public Foot $foot,
        public Fastener $fastener,
        public Sealant $sealant,
        /** Clips, wire and the like, for each module. */
        #[Range(0, 50)]
        public Mass $extraMassPerModule,
    ) {
    }
}

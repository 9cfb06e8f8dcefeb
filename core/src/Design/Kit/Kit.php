<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Design\Block\HangsOn;
use Garnetine\Core\Design\Block\UnderModules;
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
        public ?UnderModules $under = null,
        public ?Bonding $bonding = null,
        public ?EdgeFoot $edgeFoot = null,
    ) {
    }

    /** Mass fixed to each module besides its own (kg): clips and wire, and its part of a box. */
    public function extra_kg(): float
    {
        return $this->extraMassPerModule->toSi() + $this->under_kg();
    }

    /** What of that hangs on the rails, and not on the module (kg). */
    public function onRails_kg(): float
    {
        return $this->under?->hangsOn === HangsOn::Rail ? $this->under_kg() : 0.0;
    }

    /** Its part of a box that hangs under it (kg). */
    private function under_kg(): float
    {
        return $this->under === null ? 0.0 : $this->under->mass->toSi() / $this->under->modulesEach;
    }
}

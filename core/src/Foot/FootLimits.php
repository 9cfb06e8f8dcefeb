<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/** What one foot bears by itself, in numbers for the checks; infinite where no allowable was entered, which is a stop. */
final readonly class FootLimits
{
    public function __construct(
        public float $up_N,
        public float $down_N,
        public float $along_N,
        /** Height of the rail's axis over what the base stands on, h. */
        public float $railHeight_m,
        /** From the fastener to the downslope heel, e. */
        public float $heel_m,
        /** How all of it turns into a pull; of one fastener unless told. */
        private ?Lever $lever = null,
        /** An arm that leads from the base to the rail; null where the rail is over its base. */
        public ?HookArm $arm = null,
    ) {
    }

    public function lever(): Lever
    {
        return $this->lever ?? new OneFastenerLever($this->railHeight_m, $this->heel_m);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * The arm of a hook, a flat bar from the downslope edge of its plate to the rail, over the tile: bent by what presses or lifts its end and
 * by the push along the slope, N·La + V·ha ≤ S·Fb and U·La ≤ S·Fb; its end sinks by N·La³/(3·E·I).
 *
 * Source: statics, a cantilever.
 */
final readonly class HookArm
{
    public function __construct(
        /** From the downslope edge of the plate to the line of the load, La. */
        #[Range(0.005, 0.3)]
        public Length $reach,
        /** Height of the rail's axis over the arm, ha. */
        #[Range(0.005, 0.3)]
        public Length $height,
        #[Range(0.01, 0.15)]
        public Length $width,
        #[Range(0.002, 0.03)]
        public Length $thickness,
        /** Allowable bending stress, Fb; by the kit's capacities. */
        #[Range(1e7, 1e9)]
        public Pressure $allowableStress,
        #[Range(1e10, 3e11)]
        public Pressure $elasticModulus,
        /** Its underside over what the plate stands on. */
        #[Range(0.005, 0.3)]
        public Length $under,
        /** How far it may stand to either side of the middle of its plate; null where the maker says nothing. */
        #[Range(0, 0.15)]
        public ?Length $aside = null,
    ) {
    }

    /** The load at its end that bends it to its allowable stress. */
    public function end_N(): float
    {
        return $this->width->toMetres() * $this->thickness->toMetres() ** 2 / 6 * $this->allowableStress->toSi() / $this->reach->toMetres();
    }

    /** A newton along the slope bends it like so many at its end. */
    public function perAlong(): float
    {
        return $this->height->toMetres() / $this->reach->toMetres();
    }

    /** How far its end sinks under a load there. */
    public function sinks_m(float $down_N): float
    {
        $second_m4 = $this->width->toMetres() * $this->thickness->toMetres() ** 3 / 12;

        return $down_N * $this->reach->toMetres() ** 3 / (3 * $this->elasticModulus->toSi() * $second_m4);
    }
}

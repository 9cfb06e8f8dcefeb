<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Surface\SnowFeature;

/**
 * One snow load, on the horizontal projection: uniform; plus a surcharge that reaches down from the ridge along the slope, or
 * one that lies around something tall, tapering to nothing or, when it slid there, as a flat belt.
 */
final readonly class SnowCase
{
    private function __construct(
        public string $code,
        public float $uniform_Pa,
        public float $surcharge_Pa,
        public float $reach_m,
        public ?SnowFeature $around,
        private bool $tapers,
        /** Cosine of the pitch: heights on the slope as seen in plan. */
        private float $slant,
    ) {
    }

    public static function uniform(string $code, float $uniform_Pa): self
    {
        return new self($code, $uniform_Pa, 0.0, 0.0, null, false, 1.0);
    }

    public static function belowRidge(string $code, float $uniform_Pa, float $surcharge_Pa, float $reach_m): self
    {
        return new self($code, $uniform_Pa, $surcharge_Pa, $reach_m, null, false, 1.0);
    }

    /** @param float $reach_m On the level */
    public static function around(string $code, float $uniform_Pa, float $surcharge_Pa, float $reach_m, SnowFeature $feature, bool $tapers, float $slant): self
    {
        return new self($code, $uniform_Pa, $surcharge_Pa, $reach_m, $feature, $tapers, $slant);
    }

    /** The parts of a strip of slope from y0 to y1 under the surcharge below the ridge, in m from its top. */
    public function coveredBelowRidge_m(float $y0_m, float $y1_m, float $ridge_m): float
    {
        return $this->around !== null || $this->surcharge_Pa <= 0.0 ? 0.0 : max(0.0, $y1_m - max($y0_m, $ridge_m - $this->reach_m));
    }

    /** The largest surcharge around the tall thing on any place of a rectangle, taken for all of it: on the safe side. */
    public function patch_Pa(float $x0_m, float $y0_m, float $x1_m, float $y1_m): float
    {
        if ($this->around === null) {
            return 0.0;
        }
        $left_m = $this->around->x->toMetres();
        $low_m = $this->around->y->toMetres();
        $across_m = max(0.0, $left_m - $x1_m, $x0_m - $left_m - $this->around->width->toMetres());
        $up_m = max(0.0, $low_m - $y1_m, $y0_m - $low_m - $this->around->length->toMetres()) * $this->slant;
        $distance_m = hypot($across_m, $up_m);
        if ($distance_m >= $this->reach_m) {
            return 0.0;
        }

        return $this->tapers ? $this->surcharge_Pa * (1 - $distance_m / $this->reach_m) : $this->surcharge_Pa;
    }

    /** Mean load over a module, on a plane that ends at the ridge, on the horizontal projection. */
    public function mean_Pa(float $x0_m, float $y0_m, float $x1_m, float $y1_m, float $ridge_m): float
    {
        return $this->uniform_Pa + $this->patch_Pa($x0_m, $y0_m, $x1_m, $y1_m)
            + $this->surcharge_Pa * $this->coveredBelowRidge_m($y0_m, $y1_m, $ridge_m) / ($y1_m - $y0_m);
    }
}

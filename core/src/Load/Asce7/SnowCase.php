<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

/** One snow load, on the horizontal projection: uniform, plus a surcharge that reaches down from the ridge along the slope. */
final readonly class SnowCase
{
    public function __construct(public string $code, public float $uniform_Pa, public float $surcharge_Pa, public float $reach_m)
    {
    }

    /** Mean load over a strip of slope from y0 to y1, on a plane that ends at the ridge, on the horizontal projection. */
    public function mean_Pa(float $y0_m, float $y1_m, float $ridge_m): float
    {
        $covered_m = max(0.0, $y1_m - max($y0_m, $ridge_m - $this->reach_m));

        return $this->uniform_Pa + $this->surcharge_Pa * $covered_m / ($y1_m - $y0_m);
    }
}

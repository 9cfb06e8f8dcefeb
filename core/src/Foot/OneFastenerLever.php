<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/**
 * One fastener under the load's line: T = max(U, 0) + max(0, (V·h − N·e)/e) about the downslope heel. Source: statics.
 *
 * @internal
 */
final readonly class OneFastenerLever implements Lever
{
    public function __construct(private float $height_m, private float $heel_m)
    {
    }

    public function tension_N(float $up_N, float $along_N, float $heel_N): float
    {
        $lever_N = ($along_N * $this->height_m - $heel_N * $this->heel_m) / $this->heel_m;

        return max($up_N, 0.0) + max(0.0, $lever_N);
    }

    public function bound_N(float $up_N, float $along_N, float $heel_N): float
    {
        return $this->tension_N($up_N, $along_N, $heel_N);
    }

    public function mostPerUp(): float
    {
        return 1.0;
    }

    public function mostPerDown(): float
    {
        return 0.0;
    }

    public function leastPerUp(): float
    {
        return 1.0;
    }

    public function perAlong(): float
    {
        return $this->height_m / $this->heel_m;
    }

    public function lateralShare(): float
    {
        return 1.0;
    }
}

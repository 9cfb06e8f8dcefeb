<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/**
 * One fastener at e from the downslope edge, the load's line at r beside it, the upslope edge at w.
 *
 * Pulled: T = max(U, (U·r + V·h)/e, (U·(w − r) − V·h)/(w − e)). Pressed: T = max(0, V·h − N·r)/e, with r on the base.
 *
 * Source: statics of a stiff base on a stiff roof.
 */
final readonly class AsideLever implements Lever
{
    public function __construct(private float $height_m, private float $fastener_m, private float $load_m, private float $length_m)
    {
    }

    public function tension_N(float $up_N, float $along_N, float $heel_N): float
    {
        $push_Nm = $along_N * $this->height_m;

        return $up_N <= 0.0 ? max(0.0, $push_Nm - $heel_N * $this->load_m) / $this->fastener_m : max(
            $up_N,
            ($up_N * $this->load_m + $push_Nm) / $this->fastener_m,
            ($up_N * ($this->length_m - $this->load_m) - $push_Nm) / ($this->length_m - $this->fastener_m),
        );
    }

    public function bound_N(float $up_N, float $along_N, float $heel_N): float
    {
        $heel_N = $up_N > 0.0 ? 0.0 : $heel_N;

        return max(0.0, $up_N) * $this->mostPerUp() + max(0.0, $along_N * $this->perAlong() - $heel_N * $this->load_m / $this->fastener_m);
    }

    public function mostPerUp(): float
    {
        return max(1.0, $this->load_m / $this->fastener_m, ($this->length_m - $this->load_m) / ($this->length_m - $this->fastener_m));
    }

    public function mostPerDown(): float
    {
        return 0.0;
    }

    public function leastPerUp(): float
    {
        return max(1.0, $this->load_m / $this->fastener_m);
    }

    public function perAlong(): float
    {
        return $this->height_m / $this->fastener_m;
    }

    public function lateralShare(): float
    {
        return 1.0;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/**
 * Two fasteners in line up the slope, at e1 and e2 from the downslope edge, s = e2 − e1; the load's line at r, negative where it comes
 * down below that edge; the upslope edge at w.
 *
 * Pulled: T2 = (U·(r − e1) + V·h)/s while that is at most U, else (U·r + V·h)/e2; T1 = max(0, U − T2). Where r < e1 the base tips the
 * other way: T1 = max(U, (U·(w − r) − V·h)/(w − e1)). Pressed: T2 = max(0, V·h − N·r)/e2, with
 * all that presses where r < 0. Each takes half of V.
 *
 * Source: statics of a stiff base on a stiff roof.
 */
final readonly class TwoInLineLever implements Lever
{
    public function __construct(private float $height_m, private float $lower_m, private float $upper_m, private float $load_m, private float $length_m)
    {
    }

    public function tension_N(float $up_N, float $along_N, float $heel_N): float
    {
        $push_Nm = $along_N * $this->height_m;
        if ($up_N <= 0.0) {
            return max(0.0, $push_Nm - ($this->load_m < 0.0 ? -$up_N : $heel_N) * $this->load_m) / $this->upper_m;
        }
        $upper_N = ($up_N * ($this->load_m - $this->lower_m) + $push_Nm) / ($this->upper_m - $this->lower_m);
        $upper_N = $upper_N <= $up_N ? max(0.0, $upper_N) : ($up_N * $this->load_m + $push_Nm) / $this->upper_m;
        $lower_N = max(0.0, $up_N - $upper_N);
        if ($this->load_m < $this->lower_m) {
            $lower_N = max($lower_N, $up_N, ($up_N * ($this->length_m - $this->load_m) - $push_Nm) / ($this->length_m - $this->lower_m));
        }

        return max($upper_N, $lower_N);
    }

    public function bound_N(float $up_N, float $along_N, float $heel_N): float
    {
        $helping_N = $up_N > 0.0 || $this->load_m < 0.0 ? 0.0 : $heel_N * $this->load_m / $this->upper_m;

        return max(0.0, $up_N) * $this->mostPerUp() + max(0.0, -$up_N) * $this->mostPerDown() + max(0.0, $along_N * $this->perAlong() - $helping_N);
    }

    public function mostPerUp(): float
    {
        return max(
            1.0,
            $this->load_m / $this->upper_m,
            ($this->load_m - $this->lower_m) / ($this->upper_m - $this->lower_m),
            $this->load_m < $this->lower_m ? ($this->length_m - $this->load_m) / ($this->length_m - $this->lower_m) : 0.0,
        );
    }

    public function mostPerDown(): float
    {
        return max(0.0, -$this->load_m / $this->upper_m);
    }

    public function leastPerUp(): float
    {
        return $this->load_m < $this->lower_m ? 1.0 : 0.5;
    }

    public function perAlong(): float
    {
        return max($this->height_m / ($this->upper_m - $this->lower_m), $this->height_m / $this->upper_m);
    }

    public function lateralShare(): float
    {
        return 0.5;
    }
}

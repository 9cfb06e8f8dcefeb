<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/**
 * A base turned with its rail up the slope: what was its way up the slope lies along the eave, and of a push V along the rail at its height
 * h over the base half of the base's width b is the lever: T = U·k + V·h/(b/2), with k of the base by its own length; pressed,
 * T = max(0, V·h − N·b/2)/(b/2).
 *
 * Source: statics of a stiff base on a stiff roof; that both ways add up in one fastener is on the safe side.
 */
final readonly class TurnedLever implements Lever
{
    public function __construct(private Lever $asideOfRail, private float $height_m, private float $half_m)
    {
    }

    public function tension_N(float $up_N, float $along_N, float $heel_N): float
    {
        $pressed_N = $up_N > 0.0 ? 0.0 : $heel_N;

        return max(0.0, $up_N) * $this->mostPerUp() + max(0.0, $along_N * $this->perAlong() - $pressed_N);
    }

    public function bound_N(float $up_N, float $along_N, float $heel_N): float
    {
        return $this->tension_N($up_N, $along_N, $heel_N);
    }

    public function mostPerUp(): float
    {
        return $this->asideOfRail->mostPerUp();
    }

    public function mostPerDown(): float
    {
        return $this->asideOfRail->mostPerDown();
    }

    public function leastPerUp(): float
    {
        return $this->mostPerUp();
    }

    public function perAlong(): float
    {
        return $this->height_m / $this->half_m;
    }

    public function lateralShare(): float
    {
        return $this->asideOfRail->lateralShare();
    }
}

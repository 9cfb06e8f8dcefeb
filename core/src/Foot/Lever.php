<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/** How the base of a foot turns forces on its rail into a pull on its fasteners: told of the one that is pulled most. */
interface Lever
{
    /**
     * Pull on the fastener that is pulled most, in N.
     *
     * @param float $up_N Normal to the roof, upward positive
     * @param float $along_N Along the slope, by size
     * @param float $heel_N Of what presses it down, so much counts against the lever; all of it counts where it adds to the pull
     */
    public function tension_N(float $up_N, float $along_N, float $heel_N): float;

    /** The same or more, and never less for a larger pull, a larger push or less on the heel. */
    public function bound_N(float $up_N, float $along_N, float $heel_N): float;

    /** How much a newton upward adds at most. */
    public function mostPerUp(): float;

    /** How much a newton downward adds at most: nothing unless the load comes down beside the base. */
    public function mostPerDown(): float;

    /** What of a pull straight upward it bears at least. */
    public function leastPerUp(): float;

    /** How much a newton along the slope adds at most. */
    public function perAlong(): float;

    /** Its part of the push along the slope. */
    public function lateralShare(): float;
}

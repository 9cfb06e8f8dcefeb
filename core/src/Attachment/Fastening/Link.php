<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

/** The links from rail to member, in the order in which a load passes them. */
enum Link: string
{
    case Rail = 'rail';
    case Splice = 'splice';
    case Bolt = 'bolt';
    case FootUp = 'foot_up';
    case FootDown = 'foot_down';
    case FootAlong = 'foot_along';
    case Arm = 'arm';
    case LegUp = 'leg_up';
    case LegDown = 'leg_down';
    case LegAlong = 'leg_along';
    case CrossingUp = 'crossing_up';
    case CrossingDown = 'crossing_down';
    case CrossingAlong = 'crossing_along';
    case LagWithdrawal = 'lag_withdrawal';
    case LagLateral = 'lag_lateral';
    case LagCombined = 'lag_combined';

    /** What stands in the place of a foot where a rail lies on another. */
    public function onRail(): self
    {
        return match ($this) {
            self::FootUp => self::CrossingUp,
            self::FootDown => self::CrossingDown,
            self::FootAlong => self::CrossingAlong,
            default => $this,
        };
    }
}

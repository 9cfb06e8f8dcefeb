<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

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
    case LagWithdrawal = 'lag_withdrawal';
    case LagLateral = 'lag_lateral';
    case LagCombined = 'lag_combined';
}

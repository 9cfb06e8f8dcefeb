<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/** What becomes of the screws by which a roof is held down where a foot comes to one. */
enum RoofScrew: string
{
    /** Feet stand clear of them. */
    case Clear = 'clear';
    /** It is taken out, and the foot's own goes into a new hole beside it. */
    case Beside = 'beside';
    /** It is taken out, and the foot's own goes into its hole, larger and longer. */
    case Same = 'same';
}

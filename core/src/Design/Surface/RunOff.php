<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** What stands above, wet, so that its water runs over the array. */
enum RunOff: string
{
    case Unknown = 'unknown';
    case None = 'none';
    case Copper = 'copper';
    case Lead = 'lead';
    case TreatedWood = 'treated_wood';
}

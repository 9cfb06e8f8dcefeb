<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** On which side of the crest the building stands, seen from where the wind comes. */
enum HillSide: string
{
    case Upwind = 'upwind';
    case Downwind = 'downwind';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

enum Status: string
{
    /** Not for construction. */
    case Preliminary = 'preliminary';
    case Confirmed = 'confirmed';
}

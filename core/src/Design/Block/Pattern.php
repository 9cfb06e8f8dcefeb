<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

/** Whether neighbouring rails stand on different members or on the same ones. */
enum Pattern: string
{
    case Staggered = 'staggered';
    case Stacked = 'stacked';
}

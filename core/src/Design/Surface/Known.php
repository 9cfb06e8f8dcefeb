<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** How it is known where a member stands. */
enum Known: string
{
    case Seen = 'seen';
    case Probed = 'probed';
    case Measured = 'measured';
    case Assumed = 'assumed';
}

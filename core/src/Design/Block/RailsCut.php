<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

/** Where the company cuts its rails. */
enum RailsCut: string
{
    case OnGround = 'on_ground';
    case OnRoof = 'on_roof';
    /** They are set longer than they are to be, and both ends cut once the modules lie. */
    case Trimmed = 'trimmed';
}

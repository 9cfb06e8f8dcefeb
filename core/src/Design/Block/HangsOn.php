<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Kit\Rail;

/** What a box under the modules is fixed to. */
enum HangsOn: string
{
    case Rail = 'rail';
    /** By its maker's bracket to the frame of the module: it goes up with that, and wants no room on a rail. */
    case Frame = 'frame';
}

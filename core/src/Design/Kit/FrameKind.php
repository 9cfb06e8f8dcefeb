<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

/** What holds a module together at its edges, and is gripped there. */
enum FrameKind: string
{
    case Framed = 'framed';
    /** Glass alone: held by clamps with a soft lining. */
    case Frameless = 'frameless';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

/** Where on a sheet with ribs a base stands. */
enum RibPart: string
{
    case Crest = 'crest';
    case Pan = 'pan';
}

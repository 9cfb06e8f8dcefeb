<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

enum Topography: string
{
    case NoHill = 'no_hill';
    case Factor = 'factor';
    /** Computed from the hill that is entered. */
    case Hill = 'hill';
    case Unknown = 'unknown';
}

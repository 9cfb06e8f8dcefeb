<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum Topography: string
{
    case NoHill = 'no_hill';
    case Factor = 'factor';
    case Unknown = 'unknown';
}

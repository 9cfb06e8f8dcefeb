<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** Strength classes of timber by EN 338 and EN 14080. */
enum TimberClass: string
{
    case C16 = 'C16';
    case C24 = 'C24';
    case Gl24h = 'GL24h';
}

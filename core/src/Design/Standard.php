<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum Standard: string
{
    case Asce716 = 'asce7-16';
}

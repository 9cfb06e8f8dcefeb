<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

enum FireRule: string
{
    case Irc = 'irc_2018';
    case Other = 'other';
}

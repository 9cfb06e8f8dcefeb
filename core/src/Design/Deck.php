<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum Deck: string
{
    case Osb = 'osb';
    case Plywood = 'plywood';
    case Boards = 'boards';
    case Unknown = 'unknown';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum MemberKind: string
{
    case Rafter = 'rafter';
    case Truss = 'truss';
    case Unknown = 'unknown';
}

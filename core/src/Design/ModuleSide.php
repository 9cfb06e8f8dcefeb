<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum ModuleSide: string
{
    case Long = 'long';
    case Short = 'short';
}

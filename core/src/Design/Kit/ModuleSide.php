<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

enum ModuleSide: string
{
    case Long = 'long';
    case Short = 'short';
}

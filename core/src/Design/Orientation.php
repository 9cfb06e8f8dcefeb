<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum Orientation: string
{
    case Portrait = 'portrait';
    case Landscape = 'landscape';
}

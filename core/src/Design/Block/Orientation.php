<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

enum Orientation: string
{
    case Portrait = 'portrait';
    case Landscape = 'landscape';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

enum HillShape: string
{
    case Ridge = 'ridge';
    case Escarpment = 'escarpment';
    case Hill = 'hill';
}

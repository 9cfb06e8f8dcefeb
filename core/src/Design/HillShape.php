<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum HillShape: string
{
    case Ridge = 'ridge';
    case Escarpment = 'escarpment';
    case Hill = 'hill';
}

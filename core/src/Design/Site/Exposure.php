<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

enum Exposure: string
{
    case B = 'B';
    case C = 'C';
    case D = 'D';
}

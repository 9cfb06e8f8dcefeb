<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum Exposure: string
{
    case B = 'B';
    case C = 'C';
    case D = 'D';
}

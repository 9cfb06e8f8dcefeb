<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

enum SlopeDatum: string
{
    case Eave = 'eave';
    case Ridge = 'ridge';
    case ControlLine = 'control_line';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

/** Where along the slope a panel with standing seams is fixed. */
enum FixedPoint: string
{
    case Ridge = 'ridge';
    case Middle = 'middle';
    case Eave = 'eave';
}

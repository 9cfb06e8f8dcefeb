<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

/** How a rail lies to the side of a module that is clamped to it. */
enum RailRelation: string
{
    case Crossing = 'crossing';
    /** Under the side itself. */
    case Along = 'along';
}

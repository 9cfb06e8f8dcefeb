<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

/** How a rail lies to the side of a module that is clamped to it. */
enum RailRelation: string
{
    case Crossing = 'crossing';
    /** Under the side itself. */
    case Along = 'along';
    /** There is none: the module lies on feet, clamped right over them. */
    case AtFeet = 'at_feet';
}

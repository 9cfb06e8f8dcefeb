<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

enum RoofKind: string
{
    case TwoSidedGable = 'two_sided_gable';
    case Shed = 'shed';
    case Hip = 'hip';
    case Gambrel = 'gambrel';
    case Flat = 'flat';
    case Other = 'other';
}

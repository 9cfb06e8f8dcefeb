<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** Where the building edge lies upward of the array: over the ridge at the far eave (severe), or at the ridge. */
enum RidgeReading: string
{
    case FarEave = 'far_eave';
    case Ridge = 'ridge';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

enum RoofExposure: string
{
    case Fully = 'fully';
    case Partially = 'partially';
    case Sheltered = 'sheltered';
}

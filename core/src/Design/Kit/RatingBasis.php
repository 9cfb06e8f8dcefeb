<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Design\Design;

/** Whether a module's rating is a test load or already a design load. */
enum RatingBasis: string
{
    case Test = 'test';
    case Design = 'design';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Design\Design;

/** What the entered capacities of a kit mean: allowable values for service loads, or design strengths for factored ones. */
enum CapacityFormat: string
{
    case Allowable = 'allowable';
    case Design = 'design';
}

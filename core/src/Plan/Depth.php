<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

/** How far the pipeline runs: to the checks, as the live sheet needs it, or to the hand-over. */
enum Depth
{
    case Checks;
    case Full;
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** What stands on the ground without a hole: nothing is dug, driven or drilled for it. */
interface LaidOnGround extends Racking
{
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** What stands on posts in holes filled with concrete. */
interface InHoles extends Racking
{
}

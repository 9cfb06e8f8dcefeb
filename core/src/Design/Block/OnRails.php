<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

/** What arrangements have in common whose rails lie under the modules. */
trait OnRails
{
    public function liesBetweenRows(): bool
    {
        return false;
    }

    public function hasRails(): bool
    {
        return true;
    }
}

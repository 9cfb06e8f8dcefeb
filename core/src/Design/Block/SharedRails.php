<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

/** Rails across in the gaps between rows, each under the edges of the modules above it and below it, and one at either end; clamped along them. */
final readonly class SharedRails implements Arrangement
{
    use LaidAcross;

    public function liesBetweenRows(): bool
    {
        return true;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

/** A rail along the eave under all modules of a stretch, two for each row. */
final readonly class RailsAcross implements Arrangement
{
    use LaidAcross;
}

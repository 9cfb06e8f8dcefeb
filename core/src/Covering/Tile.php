<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

/** Tiles on battens. */
final readonly class Tile implements Covering
{
    use Unplanned;
}

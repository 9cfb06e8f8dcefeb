<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

/** What touches the rail under a lug. */
enum LugMetal: string
{
    case TinnedCopper = 'tinned_copper';
    case Stainless = 'stainless';
    case Aluminium = 'aluminium';
    case Copper = 'copper';

    /** Bare copper eats aluminium and zinc where it is wet. Source: common practice, no source. */
    public function eatsAluminium(): bool
    {
        return $this === self::Copper;
    }
}

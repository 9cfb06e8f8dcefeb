<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Quantity\Length;

enum Deck: string
{
    case Osb = 'osb';
    case Plywood = 'plywood';
    case Boards = 'boards';
    case Unknown = 'unknown';
    case None = 'none';

    /** How thick it is, of what was entered: nothing where there is none. */
    public function thickness(Length $entered): Length
    {
        return $this === self::None ? Length::ofMetres(0.0) : $entered;
    }
}

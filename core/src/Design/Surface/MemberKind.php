<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

enum MemberKind: string
{
    case Rafter = 'rafter';
    case Truss = 'truss';
    case Unknown = 'unknown';
    case Purlin = 'purlin';
    case SteelPurlin = 'steel_purlin';
    /** None that feet could find: they hold in the deck, by tests on such a deck. */
    case DeckOnly = 'deck_only';

    /** Whether they run along the eave: a line of rail lies on one of them, and its feet stand by the ribs of the sheet over it. */
    public function runAcross(): bool
    {
        return $this === self::Purlin || $this === self::SteelPurlin;
    }

    public function isSteel(): bool
    {
        return $this === self::SteelPurlin;
    }
}

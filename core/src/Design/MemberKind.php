<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum MemberKind: string
{
    case Rafter = 'rafter';
    case Truss = 'truss';
    case Unknown = 'unknown';
    case Purlin = 'purlin';

    /** Whether they run along the eave: a line of rail lies on one of them, and its feet stand by the ribs of the sheet over it. */
    public function runAcross(): bool
    {
        return $this === self::Purlin;
    }

    /** What feet along a line are counted by, as texts call it. */
    public function stand(): string
    {
        return $this->runAcross() ? 'rib' : 'member';
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** What lies beyond an edge of a roof plane: air, another plane, or something that rises. */
enum EdgeKind: string
{
    case Eave = 'eave';
    case Ridge = 'ridge';
    case Rake = 'rake';
    case Hip = 'hip';
    case Valley = 'valley';
    /** Something rises there. */
    case Wall = 'wall';
    /** A lower roof lies beyond. */
    case Step = 'step';
    /** The plane goes on. */
    case Joint = 'joint';

    /** Whether the building ends there. */
    public function isOuter(): bool
    {
        return in_array($this, [self::Eave, self::Rake, self::Step], true);
    }

    /** Whether modules parallel to the roof keep their distance from it, by the clause for them. */
    public function keepsOff(): bool
    {
        return in_array($this, [self::Eave, self::Rake, self::Ridge, self::Hip, self::Step], true);
    }
}

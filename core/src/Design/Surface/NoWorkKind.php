<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

enum NoWorkKind: string
{
    case Vent = 'vent';
    case PipeVent = 'pipe_vent';
    case Skylight = 'skylight';
    case Chimney = 'chimney';
    case Hatch = 'hatch';
    case Other = 'other';
    /** From the lowest edge up to the ridge. */
    case FirePath = 'fire_path';
    /** From an escape window down to the edge. */
    case BelowEscape = 'below_escape';

    /** Whether fire crews or people on their way out go there. */
    public function isPath(): bool
    {
        return $this === self::FirePath || $this === self::BelowEscape;
    }
}

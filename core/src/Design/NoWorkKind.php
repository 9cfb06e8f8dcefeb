<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

enum NoWorkKind: string
{
    case Vent = 'vent';
    case PipeVent = 'pipe_vent';
    case Skylight = 'skylight';
    case Chimney = 'chimney';
    case Hatch = 'hatch';
    case Other = 'other';
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Finding;

enum FindingKind: string
{
    /** Blocks until mended, or signed for by a named person. */
    case Stop = 'stop';
    /** Outside the methods. */
    case Refusal = 'refusal';
    case Warning = 'warning';
    /** Taken on the safe side, to confirm. */
    case Assumption = 'assumption';
}

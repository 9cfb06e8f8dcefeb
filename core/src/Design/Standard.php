<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

/** The standard that a job is planned to, with its edition. */
enum Standard: string
{
    case Asce716 = 'asce7-16';
    case Asce722 = 'asce7-22';
    case En = 'en-1991';
    case AsNzs2011 = 'as-nzs-1170-2011';
    case AsNzs2021 = 'as-nzs-1170-2021';

    public function isAsce7(): bool
    {
        return $this === self::Asce716 || $this === self::Asce722;
    }

    public function isAsNzs(): bool
    {
        return $this === self::AsNzs2011 || $this === self::AsNzs2021;
    }
}

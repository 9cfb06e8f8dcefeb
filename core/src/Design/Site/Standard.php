<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

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

    /** At which level its wind pressures stand: a word for the names of values. */
    public function windLevel(): string
    {
        return match ($this) {
            self::Asce716, self::Asce722 => 'strength',
            self::En => 'characteristic',
            self::AsNzs2011, self::AsNzs2021 => 'ultimate',
        };
    }

    /** The same of its snow. */
    public function snowLevel(): string
    {
        return $this === self::Asce716 ? 'nominal' : $this->windLevel();
    }

    /** The same of the net pressures that ratings of modules are compared with. */
    public function ratingLevel(): string
    {
        return $this->isAsce7() ? 'asd' : $this->windLevel();
    }

    public function isAsNzs(): bool
    {
        return $this === self::AsNzs2011 || $this === self::AsNzs2021;
    }
}

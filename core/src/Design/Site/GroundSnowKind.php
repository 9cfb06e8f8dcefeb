<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

/** What an entered ground snow load means: of which standard's maps it is. No conversion between them is published. */
enum GroundSnowKind: string
{
    case Nominal = 'nominal';
    case Strength = 'strength';
    case Characteristic = 'characteristic';

    /** What a standard computes with; null where it takes none from here. */
    public static function of(Standard $standard): ?self
    {
        return match ($standard) {
            Standard::Asce716 => self::Nominal,
            Standard::Asce722 => self::Strength,
            Standard::En => self::Characteristic,
            Standard::AsNzs2011, Standard::AsNzs2021 => null,
        };
    }
}

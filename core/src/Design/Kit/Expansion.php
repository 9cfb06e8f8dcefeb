<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * The gap between two rails of aluminium end to end: what both grow from 60 °F at which they are laid to 180 °F in the sun, each to both of
 * its ends, and an eighth of an inch; up to a quarter of an inch, or five millimetres.
 *
 * Source: α = 12.8e-6 per °F, statics; 180 °F for a dark array, 60 °F and the eighth are common practice, no source.
 */
final class Expansion
{
    /** Clear between rails that are not joined. Source: common practice, no source (1 in). */
    public const APART_IN = 1.0;

    private const PER_F = 12.8e-6;
    private const HOTTER_F = 120.0;

    public static function gap(Length $one, Length $other, UnitSystem $units): Length
    {
        $grow_m = self::PER_F * self::HOTTER_F * $one->plus($other)->toMetres() / 2 + Length::ofInches(1 / 8)->toMetres();
        $step_m = $units === UnitSystem::Us ? Length::ofInches(1 / 4)->toMetres() : 0.005;

        return Length::ofMetres(ceil($grow_m / $step_m - 1e-9) * $step_m);
    }

    /** What is kept clear between their ends: the gap for heat, and no less than hands and swarf want. */
    public static function apart(Length $one, Length $other, UnitSystem $units): Length
    {
        $gap = self::gap($one, $other, $units);
        $least = Length::ofInches(self::APART_IN);

        return $gap->toMetres() > $least->toMetres() ? $gap : $least;
    }
}

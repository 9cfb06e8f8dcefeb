<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/**
 * How long concrete stands before it may be loaded: f/f28 = t/(4 + 0.85·t) at 23 °C, days at other temperatures by their maturity; none below freezing.
 *
 * Source: ACI 209 (Type I, moist); ASTM C1074 with an activation temperature of 5000 K; recalled. Loading from three quarters on: common practice, no source.
 */
final class Curing
{
    private const LOADED = 0.75;

    /** Days until modules may stand on it; null where it does not harden. */
    public static function days(float $celsius): ?float
    {
        $at23 = 4 * self::LOADED / (1 - 0.85 * self::LOADED);

        return $celsius <= 0.0 ? null : $at23 / exp(-5000 * (1 / (273 + $celsius) - 1 / 296));
    }
}

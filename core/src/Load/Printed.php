<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/**
 * Comparisons with limits as a document prints them: "at most", "less than", "over". The one place that decides what a value is
 * that came to its limit through units and angles: it is at the limit, neither under nor over it.
 *
 * Values within a millionth of the limit count as at it. A slope that is entered as an angle is known to a hundredth of a
 * degree; where a load goes up to a slope, one so near over it still gets the load, on the safe side.
 */
final class Printed
{
    private const NOISE = 1e-6;

    /** A hundredth of a degree near 30°, in rise over 12. */
    private const SLOPE_IN_12 = 0.0028;

    public static function atMost(float $value, float $limit): bool
    {
        return $value <= $limit + self::noise($limit);
    }

    public static function atLeast(float $value, float $limit): bool
    {
        return $value >= $limit - self::noise($limit);
    }

    public static function under(float $value, float $limit): bool
    {
        return $value < $limit - self::noise($limit);
    }

    public static function over(float $value, float $limit): bool
    {
        return $value > $limit + self::noise($limit);
    }

    /** Whether a load that goes from one slope to another, both in rise over 12, acts on a roof of this one. */
    public static function slopeWithin(float $rise_in_12, float $from_in_12, float $to_in_12): bool
    {
        return self::atLeast($rise_in_12 + self::SLOPE_IN_12, $from_in_12) && self::atMost($rise_in_12 - self::SLOPE_IN_12, $to_in_12);
    }

    private static function noise(float $limit): float
    {
        return self::NOISE * max(abs($limit), 1e-3);
    }
}

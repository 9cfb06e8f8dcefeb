<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Angle;

/**
 * External pressure coefficients of a gable roof. At a limit between two bands the worse is taken, zone by zone.
 *
 * Source: ASCE/SEI 7-16, Figs. 30.3-2B to -2D, at 10 ft²; recalled, MEDIUM.
 */
final class GableRoof
{
    private const TABLE = 'asce7_16/gable_roof';

    /** Upward coefficient as a positive size. */
    public static function up(Angle $pitch, Zone $zone, Coefficients $coefficients): Coefficient
    {
        return self::worst($pitch, $zone->value, $coefficients);
    }

    /** Downward coefficient. */
    public static function down(Angle $pitch, Coefficients $coefficients): Coefficient
    {
        return self::worst($pitch, 'down', $coefficients);
    }

    public static function covers(Angle $pitch): bool
    {
        return self::bands($pitch) !== [];
    }

    private static function worst(Angle $pitch, string $key, Coefficients $coefficients): Coefficient
    {
        $worst = null;
        foreach (self::bands($pitch) as $band) {
            $found = $coefficients->look(self::TABLE, "$band/$key");
            $worst = $worst === null || $found->value > $worst->value ? $found : $worst;
        }
        if ($worst === null) {
            throw new \OutOfBoundsException('No gable band at '.$pitch->toDegrees().' degrees.');
        }

        return $coefficients->take(self::TABLE, substr($worst->id, strlen(self::TABLE) + 1));
    }

    /** @return list<string> */
    private static function bands(Angle $pitch): array
    {
        $degrees = round($pitch->toDegrees(), 6);
        $bands = [];
        foreach (['7-20' => [7, 20], '20-27' => [20, 27], '27-45' => [27, 45]] as $band => [$from, $to]) {
            if ($degrees >= $from && $degrees <= $to) {
                $bands[] = $band;
            }
        }

        return $bands;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Design\Site\EnSnowSet;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Pressure;

/**
 * Characteristic snow load on the ground by set, zone and altitude.
 *
 * Source: EN 1991-1-3:2003, Annex C, and national annexes as named in the table; recalled.
 */
final class GroundSnow
{
    private const TABLE = 'en_1991_1_3/ground_snow';
    /** The formulas are published for places up to here. */
    public const HIGHEST_M = 1500.0;
    private const QUADRATIC = ['annex_c_alpine', 'annex_c_central_east', 'annex_c_mediterranean', 'annex_c_iberian', 'annex_c_greece', 'at'];
    private const LINEAR = ['annex_c_central_west', 'annex_c_uk_ireland', 'annex_c_sweden_finland'];

    /** Whether the set is a formula over zones with numbers. */
    public static function hasZones(EnSnowSet $set): bool
    {
        return in_array($set->value, [...self::QUADRATIC, ...self::LINEAR, 'uk_national_annex'], true);
    }

    public static function at(Site $site, EnSnowSet $set, ?float $zone, Coefficients $coefficients): Pressure
    {
        if ($set === EnSnowSet::Given) {
            return $site->groundSnow;
        }
        $value = static fn (string $key): float => $coefficients->value(self::TABLE, $set->value.'/'.$key);
        $a_m = max(0.0, $site->groundElevation->toMetres());
        $z = $zone ?? 0.0;
        $kPa = match (true) {
            in_array($set->value, self::QUADRATIC, true) => ($value('a') * $z + $value('b')) * (1 + ($a_m / $value('c')) ** 2),
            in_array($set->value, self::LINEAR, true) => $value('a') * $z + $value('b') + $a_m / $value('c'),
            $set === EnSnowSet::UkAnnex => $value('a') + $value('b') * $z + $value('c') + max(0.0, $a_m - 100) / $value('d'),
            str_starts_with($set->value, 'de_') => $value('times') * max($value('least'), $value('a') + $value('b') * (($a_m + 140) / 760) ** 2),
            default => $a_m <= 200 ? $value('low') : $value('a') * (1 + ($a_m / $value('c')) ** 2),
        };

        return Pressure::ofSi(1000 * max(0.0, $kPa));
    }
}

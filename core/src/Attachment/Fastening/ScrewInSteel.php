<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Fastener\SteelScrew;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * Allowable strengths of a screw in cold-formed steel, of its thickness alone: pull-out 0.85·t·d·Fu/Ω, shear the lesser of
 * 4.2·√(t³·d)·Fu/Ω, tilting, and 2.7·t·d·Fu/Ω, bearing.
 *
 * Source: AISI S100-16, §J4.3 and §J4.4.1, with the foot thicker than the purlin; recalled.
 */
final class ScrewInSteel
{
    private const TABLE = 'aisi_s100/screws';
    private const PSI = 6894.757293168361;

    public static function pullOut(Length $thickness, Length $diameter, Pressure $strength, Coefficients $coefficients): Force
    {
        return self::force($coefficients->value(self::TABLE, 'pull_out') * $thickness->toInches() * $diameter->toInches(), $strength, $coefficients);
    }

    public static function shear(Length $thickness, Length $diameter, Pressure $strength, Coefficients $coefficients): Force
    {
        [$t_in, $d_in] = [$thickness->toInches(), $diameter->toInches()];

        return self::force(min(
            $coefficients->value(self::TABLE, 'tilting') * sqrt($t_in ** 3 * $d_in),
            $coefficients->value(self::TABLE, 'bearing') * $t_in * $d_in,
        ), $strength, $coefficients);
    }

    private static function force(float $area_in2, Pressure $strength, Coefficients $coefficients): Force
    {
        return Force::ofPounds($area_in2 * $strength->toPascals() / self::PSI / $coefficients->value(self::TABLE, 'omega'));
    }

    /** Least distance to the edge of the flange. */
    public static function edge(SteelScrew $screw, Coefficients $coefficients): Length
    {
        return $screw->diameter->times($coefficients->value(self::TABLE, 'edge'));
    }

    /** Least distance from one to the next. */
    public static function spacing(SteelScrew $screw, Coefficients $coefficients): Length
    {
        return $screw->diameter->times($coefficients->value(self::TABLE, 'spacing'));
    }

    /** What the plain sum of the ratios of pull and shear may come to. */
    public static function together(Coefficients $coefficients): float
    {
        return $coefficients->value(self::TABLE, 'together');
    }
}

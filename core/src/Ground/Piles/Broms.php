<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Piles;

use Garnetine\Core\Design\Ground\Field\SoilReport;
use Garnetine\Core\Load\Coefficients;

/**
 * The most that the ground bears of a short pile with a free head that is pushed sideways. In clay nothing counts over the first one and a half widths, below
 * that nine times the undrained shear strength; in sand three times the passive pressure.
 *
 * Source: Broms 1964, short piles, free head; recalled. The pile itself is asked elsewhere.
 */
final readonly class Broms
{
    /** What is allowed of the most (2 to 3 in use; common practice, no source). */
    public const SAFETY = 3.0;
    private const POUND_PER_FT3 = 157.087464;

    /** @param float $height_m Of the push over the ground */
    public static function inClay_N(float $shear_Pa, float $wide_m, float $depth_m, float $height_m): float
    {
        $counts_m = max(0.0, $depth_m - 1.5 * $wide_m);
        // With f down to where the push is used up: f·(height + 1.5 wide + f/2) = (counts − f)²/4.
        $half_m = 2 * ($height_m + 1.5 * $wide_m) + $counts_m;

        return 9 * $shear_Pa * $wide_m * (sqrt($half_m ** 2 + $counts_m ** 2) - $half_m);
    }

    /** @param float $weight_N_per_m3 Of the ground */
    public static function inSand_N(float $friction_rad, float $weight_N_per_m3, float $wide_m, float $depth_m, float $height_m): float
    {
        return 0.5 * $weight_N_per_m3 * $wide_m * $depth_m ** 3 * tan(M_PI / 4 + $friction_rad / 2) ** 2 / ($height_m + $depth_m);
    }

    /**
     * What is allowed by it in the ground of a report: the less where that has both, as of silt.
     *
     * @return float|null Null where the report has neither
     */
    public static function allows_N(SoilReport $report, Coefficients $coefficients, float $wide_m, float $depth_m, float $height_m): ?float
    {
        $bears_N = [];
        if ($report->shearStrength !== null) {
            $bears_N[] = self::inClay_N($report->shearStrength->toPascals(), $wide_m, $depth_m, $height_m);
        }
        if ($report->frictionAngle !== null) {
            $weight = $coefficients->value('practice/concrete', 'soil_pcf') * self::POUND_PER_FT3;
            $bears_N[] = self::inSand_N($report->frictionAngle->toRadians(), $weight, $wide_m, $depth_m, $height_m);
        }

        return $bears_N === [] ? null : min($bears_N) / self::SAFETY;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Exposure;
use Garnetine\Core\Design\Site;
use Garnetine\Core\Design\Topography;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Pressure;

/**
 * Velocity pressure at mean roof height, qh = 0.00256·Kh·Kzt·Kd·Ke·V² (psf, V in mph).
 *
 * Kh comes from the formula, in exposure B never under 0.70 (an assumption on the safe side).
 *
 * Source: ASCE/SEI 7-16, §26.10.2, Eq. 26.10-1; recalled.
 */
final readonly class VelocityPressure
{
    private function __construct(
        public float $khFormula,
        public float $kh,
        public float $kzt,
        public float $kd,
        public float $ke,
        public Pressure $qh,
    ) {
    }

    public static function at(Site $site, Coefficients $coefficients): self
    {
        $formula = self::kz($site->exposure, $site->meanRoofHeight->toFeet(), $coefficients);
        $kh = $site->exposure === Exposure::B ? max($formula, $coefficients->value('asce7_16/velocity_pressure', 'kh_floor/B')) : $formula;
        $kzt = $site->topography === Topography::Factor ? $site->kzt ?? 1.0 : 1.0;
        $kd = $coefficients->value('asce7_16/velocity_pressure', 'kd');
        $ke = exp(-$coefficients->value('asce7_16/velocity_pressure', 'ke_per_ft') * $site->groundElevation->toFeet());
        $v_mph = $site->windSpeed->toMilesPerHour();
        $qh_psf = $coefficients->value('asce7_16/velocity_pressure', 'constant') * $kh * $kzt * $kd * $ke * $v_mph ** 2;

        return new self($formula, $kh, $kzt, $kd, $ke, Pressure::ofPsf($qh_psf));
    }

    /** Kz = 2.01·(z/zg)^(2/α), z not under 15 ft. */
    public static function kz(Exposure $exposure, float $z_ft, Coefficients $coefficients): float
    {
        $alpha = $coefficients->value('asce7_16/velocity_pressure', 'alpha/'.$exposure->value);
        $zg_ft = $coefficients->value('asce7_16/velocity_pressure', 'zg_ft/'.$exposure->value);

        return 2.01 * (max($z_ft, 15.0) / $zg_ft) ** (2 / $alpha);
    }
}

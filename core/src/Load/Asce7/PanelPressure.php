<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Pressure;

/**
 * Strength-level wind pressure on modules parallel to the roof, p = qh·(GCp)·γE·γa, in 2022 times Kd, never under 16 psf.
 *
 * Downward γE and γa are 1.
 *
 * Source: ASCE/SEI 7-16, §29.4.4, Eq. 29.4-7, Fig. 29.4-8; §30.2.2 for the 16 psf; recalled.
 */
final readonly class PanelPressure
{
    private float $small;
    private float $large;
    private float $small_m2;
    private float $large_m2;
    private float $base_Pa;
    public float $least_Pa;

    /** @param Pressure $base qh, in 2022 times Kd */
    public function __construct(Pressure $base, Coefficients $coefficients, Edition $edition = Edition::Of2016)
    {
        $value = static fn (string $key): float => $coefficients->value($edition->table('panels'), $key);
        $this->base_Pa = $base->toPascals();
        $this->small = $value('gamma_a/small');
        $this->large = $value('gamma_a/large');
        $this->small_m2 = Area::ofSquareFeet($value('gamma_a/small_ft2'))->toSi();
        $this->large_m2 = Area::ofSquareFeet($value('gamma_a/large_ft2'))->toSi();
        $this->least_Pa = Pressure::ofPsf($value('least_psf'))->toPascals();
    }

    /** Pressure equalisation: 0.8 up to 10 ft², 0.4 from 100 ft², log-linear between. */
    public function gammaA(float $area_m2): float
    {
        return (new Suction('', 1.0, $this->small, $this->small_m2, $this->large, $this->large_m2))->at_Pa($area_m2);
    }

    /** @param float $gust The size of (GCp)·γE */
    public function suction(string $figure, float $gust): Suction
    {
        $full_Pa = $this->base_Pa * $gust;

        return new Suction($figure, $gust, $full_Pa * $this->small, $this->small_m2, $full_Pa * $this->large, $this->large_m2, $this->least_Pa);
    }

    public function down_Pa(float $gcp): float
    {
        return max($this->least_Pa, $this->base_Pa * $gcp);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Pressure;

/**
 * Strength-level wind pressure on modules parallel to the roof, p = qh·(GCp)·γE·γa, never under 16 psf.
 *
 * Downward γE and γa are 1.
 *
 * Source: ASCE/SEI 7-16, §29.4.4, Eq. 29.4-7, Fig. 29.4-8; §30.2.2 for the 16 psf; recalled.
 */
final readonly class PanelPressure
{
    private float $small;
    private float $large;
    private float $small_ft2;
    private float $large_ft2;
    private float $qh_Pa;
    public float $least_Pa;
    private float $m2PerFt2;

    /** Of γa, between the small and the large area. */
    private float $perDecade;

    public function __construct(Pressure $qh, Coefficients $coefficients)
    {
        $this->qh_Pa = $qh->toPascals();
        $this->small = $coefficients->value('asce7_16/panels', 'gamma_a/small');
        $this->large = $coefficients->value('asce7_16/panels', 'gamma_a/large');
        $this->small_ft2 = $coefficients->value('asce7_16/panels', 'gamma_a/small_ft2');
        $this->large_ft2 = $coefficients->value('asce7_16/panels', 'gamma_a/large_ft2');
        $this->least_Pa = Pressure::ofPsf($coefficients->value('asce7_16/panels', 'least_psf'))->toPascals();
        $this->perDecade = ($this->large - $this->small) / log10($this->large_ft2 / $this->small_ft2);
        $this->m2PerFt2 = Area::ofSquareFeet(1.0)->toSi();
    }

    /** Pressure equalisation: 0.8 up to 10 ft², 0.4 from 100 ft², log-linear between. */
    public function gammaA(float $area_m2): float
    {
        $area_ft2 = $area_m2 / $this->m2PerFt2;
        if ($area_ft2 <= $this->small_ft2) {
            return $this->small;
        }
        if ($area_ft2 >= $this->large_ft2) {
            return $this->large;
        }

        return $this->small + $this->perDecade * log10($area_ft2 / $this->small_ft2);
    }

    /** @param float $gust The size of (GCp)·γE of the piece */
    public function up_Pa(float $gust, float $area_m2): float
    {
        return max($this->least_Pa, $this->qh_Pa * $gust * $this->gammaA($area_m2));
    }

    public function down_Pa(float $gcp): float
    {
        return max($this->least_Pa, $this->qh_Pa * $gcp);
    }
}

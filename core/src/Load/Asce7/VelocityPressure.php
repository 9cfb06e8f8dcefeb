<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Site\Exposure;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Topography;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Pressure;

/**
 * Velocity pressure at mean roof height, qh = 0.00256·Kh·Kzt·Ke·V² (psf, V in mph), in 2016 times Kd as well.
 *
 * Kh comes from the formula, in exposure B never under 0.70 (an assumption on the safe side).
 *
 * Source: ASCE/SEI 7-16 and 7-22, §26.10.2; recalled.
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
        /** What pressures are made from: qh, in 2022 times Kd. */
        public Pressure $base,
        private ?Topographic $hill,
    ) {
    }

    public static function at(Site $site, Coefficients $coefficients, Edition $edition = Edition::Of2016): self
    {
        $table = $edition->table('velocity_pressure');
        $formula = self::kz($site->exposure, $site->meanRoofHeight->toFeet(), $coefficients, $edition);
        $kh = $site->exposure === Exposure::B ? max($formula, $coefficients->value($table, 'kh_floor/B')) : $formula;
        $hill = $site->topography === Topography::Hill && $site->hill !== null
            ? Topographic::of($site->hill, $site->exposure, $site->meanRoofHeight, $coefficients, $edition)
            : null;
        $kzt = $hill?->factor() ?? ($site->topography === Topography::Factor ? $site->kzt ?? 1.0 : 1.0);
        $kd = $coefficients->value($table, 'kd');
        $ke = exp(-$coefficients->value($table, 'ke_per_ft') * $site->groundElevation->toFeet());
        $qh_psf = $coefficients->value(
            $table,
            'constant',
        ) * $kh * $kzt * $ke * $site->windSpeed->toMilesPerHour() ** 2 * ($edition->kdInVelocityPressure() ? $kd : 1.0);

        return new self(
            $formula,
            $kh,
            $kzt,
            $kd,
            $ke,
            Pressure::ofPsf($qh_psf),
            Pressure::ofPsf($qh_psf * ($edition->kdInVelocityPressure() ? 1.0 : $kd)),
            $hill,
        );
    }

    /** Kz = k·(z/zg)^(2/α), k 2.01 in 2016 and 2.41 in 2022, z not under 15 ft. */
    public static function kz(Exposure $exposure, float $z_ft, Coefficients $coefficients, Edition $edition = Edition::Of2016): float
    {
        $table = $edition->table('velocity_pressure');
        $alpha = $coefficients->value($table, 'alpha/'.$exposure->value);
        $zg_ft = $coefficients->value($table, 'zg_ft/'.$exposure->value);

        return $coefficients->value($table, 'kz') * (max($z_ft, 15.0) / $zg_ft) ** (2 / $alpha);
    }

    public function write(Figures $figures, Site $site, Edition $edition): void
    {
        $table = $edition->table('velocity_pressure');
        $figures->add('loads/kh', new Figure($this->kh > $this->khFormula ? 'kh_floor' : 'kh', [
            'value' => $this->kh, 'formula' => $this->khFormula, 'height_m' => $site->meanRoofHeight->toMetres(),
        ], $edition->cite('Tables 26.10-1 and 26.11-1'), 'high', [
            '/site/mean_roof_height_m', '/site/exposure', "coefficient:$table/kz", "coefficient:$table/alpha/{$site->exposure->value}",
            "coefficient:$table/zg_ft/{$site->exposure->value}",
        ]));
        $figures->add('loads/kzt', $this->hill !== null && $site->hill !== null
            ? $this->hill->figure($site->hill, $site->exposure, $edition)
            : new Figure('kzt', ['value' => $this->kzt], $edition->cite('§26.8'), 'high', ['/site/topography', '/site/kzt']));
        $figures->add('loads/kd', new Figure('kd', ['value' => $this->kd], $edition->cite('Table 26.6-1'), 'high', ["coefficient:$table/kd"], listed: false));
        $figures->add('loads/ke', new Figure('ke', ['value' => $this->ke], $edition->cite('Table 26.9-1'), 'high', ['/site/ground_elevation_m']));
        $figures->add('loads/qh', new Figure($edition->kdInVelocityPressure() ? 'qh' : 'qh_without_kd', [
            'value_Pa' => $this->qh->toPascals(), 'kh' => $this->kh, 'kzt' => $this->kzt, 'kd' => $this->kd, 'ke' => $this->ke,
            'speed_m_per_s' => $site->windSpeed->toSi(),
        ], $edition->cite('§26.10.2, Eq. 26.10-1'), 'high', [
            'loads/kh', 'loads/kzt', ...$edition->kdInVelocityPressure() ? ['loads/kd'] : [], 'loads/ke', '/site/wind_speed_m_per_s', '/site/risk_category',
        ]));
    }
}

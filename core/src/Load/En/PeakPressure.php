<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Design\Site\EnSite;
use Garnetine\Core\Design\Site\EnTerrain;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Topography;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Speed;

/**
 * Peak velocity pressure, qp(z) = [1 + 7·Iv(z)]·½·ρ·vm²(z), with vm = cr·co·vb.
 *
 * Source: EN 1991-1-4:2005+A1:2010, §§4.3 to 4.5, Table 4.1, recommended values; recalled.
 */
final readonly class PeakPressure
{
    private const TABLE = 'en_1991_1_4/wind';

    private function __construct(
        public float $kr,
        public float $cr,
        public float $iv,
        public Speed $mean,
        public Pressure $qb,
        public Pressure $qp,
        private Length $height,
        private Speed $basic,
        private float $orography,
    ) {
    }

    /** At a place that was admitted, at a height over its ground. */
    public static function on(Site $site, EnSite $en, Length $height, Coefficients $coefficients): self
    {
        $orography = $site->topography === Topography::Factor ? $en->orography ?? 1.0 : 1.0;
        $basic = $en->basicVelocity ?? throw new \LogicException('A job without a velocity was to be refused.');

        return self::at($height, $en->terrain, $basic, $orography, $coefficients);
    }

    public static function at(Length $height, EnTerrain $terrain, Speed $basic, float $orography, Coefficients $coefficients): self
    {
        $z0_m = $coefficients->value(self::TABLE, 'z0/'.$terrain->value);
        $z_m = Coefficients::has(self::TABLE, 'z_min/'.$terrain->value)
            ? max($height->toMetres(), $coefficients->value(self::TABLE, 'z_min/'.$terrain->value))
            : $height->toMetres();
        $kr = $coefficients->value(self::TABLE, 'kr') * ($z0_m / $coefficients->value(self::TABLE, 'z0/II')) ** 0.07;
        $cr = $kr * log($z_m / $z0_m);
        $iv = $coefficients->value(self::TABLE, 'ki') / ($orography * log($z_m / $z0_m));
        $mean = Speed::ofSi($cr * $orography * $basic->toSi());
        $half = $coefficients->value(self::TABLE, 'rho') / 2;

        return new self(
            $kr,
            $cr,
            $iv,
            $mean,
            Pressure::ofSi($half * $basic->toSi() ** 2),
            Pressure::ofSi((1 + 7 * $iv) * $half * $mean->toSi() ** 2),
            $height,
            $basic,
            $orography,
        );
    }

    /** Exposure factor ce(z) = qp/qb. */
    public function ce(): float
    {
        return $this->qp->toPascals() / $this->qb->toPascals();
    }

    /** @param list<string> $heightFrom Where it was entered how high that is */
    public function write(Figures $figures, array $heightFrom): void
    {
        $figures->add('loads/qb', new Figure(
            'qb',
            ['value_Pa' => $this->qb->toPascals(), 'speed_m_per_s' => $this->basic->toSi()],
            'EN 1991-1-4, §4.5; recalled',
            'high',
            ['/site/en/basic_velocity_m_per_s'],
        ));
        $figures->add('loads/ce', new Figure('ce', [
            'value' => $this->ce(), 'kr' => $this->kr, 'cr' => $this->cr, 'iv' => $this->iv, 'height_m' => $this->height->toMetres(), 'co' => $this->orography,
        ], 'EN 1991-1-4, §§4.3, 4.4, Table 4.1; recalled', 'high', ['/site/en/terrain', ...$heightFrom, '/site/topography', '/site/en/orography']));
        $figures->add('loads/qp', new Figure('qp', [
            'value_Pa' => $this->qp->toPascals(), 'ce' => $this->ce(), 'qb_Pa' => $this->qb->toPascals(),
        ], 'EN 1991-1-4, Eq. 4.8; recalled', 'high', ['loads/qb', 'loads/ce']));
    }
}

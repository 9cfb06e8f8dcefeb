<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Design\EnTerrain;
use Garnetine\Core\Load\Coefficients;
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

    private function __construct(public float $kr, public float $cr, public float $iv, public Speed $mean, public Pressure $qb, public Pressure $qp)
    {
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

        return new self($kr, $cr, $iv, $mean, Pressure::ofSi($half * $basic->toSi() ** 2), Pressure::ofSi((1 + 7 * $iv) * $half * $mean->toSi() ** 2));
    }

    /** Exposure factor ce(z) = qp/qb. */
    public function ce(): float
    {
        return $this->qp->toPascals() / $this->qb->toPascals();
    }
}

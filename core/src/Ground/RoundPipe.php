<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Pipe;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Dimension;

/**
 * What a round steel pipe bears (ASD): Fy·Z/1.67 in bending, bent in compression with a free top, in tension and in shear, and pushed and bent at once.
 *
 * Source: AISC 360-16, chs. E3, F8, G5, H1; recalled.
 */
final readonly class RoundPipe
{
    private const TABLE = 'aisc_360_16/members';

    private function __construct(
        public float $area_m2,
        public float $secondMoment_m4,
        public float $plasticModulus_m3,
        public float $yield_Pa,
        public float $modulus_Pa,
        private float $omega,
        private Coefficients $coefficients,
    ) {
    }

    /** Null where its wall or its grade is not known. */
    public static function of(Pipe $pipe, Coefficients $coefficients): ?self
    {
        if ($pipe->wall === null || $pipe->yield === null || 2 * $pipe->wall->toMetres() >= $pipe->outside->toMetres()) {
            return null;
        }
        $outside_m = $pipe->outside->toMetres();
        $inside_m = $outside_m - 2 * $pipe->wall->toMetres();

        return new self(
            M_PI / 4 * ($outside_m ** 2 - $inside_m ** 2),
            M_PI / 64 * ($outside_m ** 4 - $inside_m ** 4),
            ($outside_m ** 3 - $inside_m ** 3) / 6,
            $pipe->yield->toPascals(),
            $coefficients->value(self::TABLE, 'modulus_ksi') * Dimension::Pressure->units()['ksi'],
            $coefficients->value(self::TABLE, 'omega'),
            $coefficients,
        );
    }

    public function moment_Nm(): float
    {
        return $this->yield_Pa * $this->plasticModulus_m3 / $this->omega;
    }

    public function shear_N(): float
    {
        return $this->coefficients->value(self::TABLE, 'shear') * $this->yield_Pa * $this->area_m2 / 2 / $this->omega;
    }

    /** A post free at its top, by its height from where it is held. */
    public function compression_N(float $height_m): float
    {
        $value = fn (string $key): float => $this->coefficients->value(self::TABLE, $key);
        $slenderness = $value('k_free_top') * $height_m / sqrt($this->secondMoment_m4 / $this->area_m2);
        $euler_Pa = M_PI ** 2 * $this->modulus_Pa / max($slenderness, 1e-6) ** 2;
        $stress_Pa = $slenderness <= $value('e3_from') * sqrt($this->modulus_Pa / $this->yield_Pa)
            ? $value('e3_base') ** ($this->yield_Pa / $euler_Pa) * $this->yield_Pa
            : $value('e3_elastic') * $euler_Pa;

        return $stress_Pa * $this->area_m2 / $this->omega;
    }

    /**
     * Bent and pushed or pulled at once: how much of its strength that takes.
     *
     * @param float $down_N Negative where it is pulled
     * @param float $compression_N What it bears pushed alone, by its height
     */
    public function together(float $down_N, float $moment_Nm, float $compression_N): float
    {
        $axial = abs($down_N) / ($down_N >= 0.0 ? $compression_N : $this->yield_Pa * $this->area_m2 / $this->omega);
        $bending = $moment_Nm / $this->moment_Nm();

        return $axial < 0.2 ? $axial / 2 + $bending : $axial + 8 / 9 * $bending;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\Pipe;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Duration;
use Garnetine\Core\Quantity\Dimension;

/**
 * What a round steel pipe bears (ASD): Fy·Z/1.67 in bending, bent in compression with a free top, in tension and in shear, and pushed and bent at once.
 *
 * Source: AISC 360-16, chs. E3, F8, G5, H1; recalled.
 */
final readonly class RoundPipe implements Member
{
    private const TABLE = 'aisc_360_16/members';

    private function __construct(
        private float $outside_m,
        public float $area_m2,
        public float $secondMoment_m4,
        public float $plasticModulus_m3,
        public float $yield_Pa,
        public float $modulus_Pa,
        private float $omega,
        /** Of a column that is free at its top: K; up to where, by what and from there on by what it is weakened. */
        private float $freeTop,
        private float $bentTo,
        private float $base,
        private float $elastic,
        private float $shear,
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
            $outside_m,
            M_PI / 4 * ($outside_m ** 2 - $inside_m ** 2),
            M_PI / 64 * ($outside_m ** 4 - $inside_m ** 4),
            ($outside_m ** 3 - $inside_m ** 3) / 6,
            $pipe->yield->toPascals(),
            $coefficients->value(self::TABLE, 'modulus_ksi') * Dimension::Pressure->units()['ksi'],
            $coefficients->value(self::TABLE, 'omega'),
            ...array_map(
                static fn (string $key): float => $coefficients->value(self::TABLE, $key),
                ['k_free_top', 'e3_from', 'e3_base', 'e3_elastic', 'shear'],
            ),
        );
    }

    public function moment_Nm(Duration $lasts = Duration::Wind): float
    {
        return $this->yield_Pa * $this->plasticModulus_m3 / $this->omega;
    }

    public function shear_N(Duration $lasts = Duration::Wind): float
    {
        return $this->shear * $this->yield_Pa * $this->area_m2 / 2 / $this->omega;
    }

    /** A post free at its top, by its height from where it is held. */
    public function compression_N(float $height_m): float
    {
        $slenderness = $this->freeTop * $height_m / sqrt($this->secondMoment_m4 / $this->area_m2);
        $euler_Pa = M_PI ** 2 * $this->modulus_Pa / max($slenderness, 1e-6) ** 2;
        $stress_Pa = $slenderness <= $this->bentTo * sqrt($this->modulus_Pa / $this->yield_Pa)
            ? $this->base ** ($this->yield_Pa / $euler_Pa) * $this->yield_Pa
            : $this->elastic * $euler_Pa;

        return $stress_Pa * $this->area_m2 / $this->omega;
    }

    public function together(float $down_N, float $moment_Nm, float $height_m, Duration $lasts = Duration::Wind): float
    {
        $axial = abs($down_N) / ($down_N >= 0.0 ? $this->compression_N($height_m) : $this->yield_Pa * $this->area_m2 / $this->omega);
        $bending = $moment_Nm / $this->moment_Nm();

        return $axial < 0.2 ? $axial / 2 + $bending : $axial + 8 / 9 * $bending;
    }

    public function stiffness_Nm2(): float
    {
        return $this->modulus_Pa * $this->secondMoment_m4;
    }

    public function turned(): Member
    {
        return $this;
    }

    public function bentBy(float $up_Nm, float $across_Nm): float
    {
        return hypot($up_Nm, $across_Nm);
    }

    public function thick_m(): float
    {
        return $this->outside_m;
    }

    public function says(): string
    {
        return '';
    }

    public function source(): string
    {
        return 'AISC 360-16, chs. E3, F8, G5, H1';
    }

    public function keys(): array
    {
        return ['outside_m', 'wall_m', 'yield_Pa'];
    }
}

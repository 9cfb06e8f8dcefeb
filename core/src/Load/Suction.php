<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/**
 * Suction normal to the surface by effective area: one size up to a small area, another from a large one, log-linear
 * between, never under a least one. At the level that the combinations of its standard expect.
 */
final readonly class Suction
{
    /** Equal keys stand for equal suctions, and sort by size. */
    public string $key;

    private float $perDecade_Pa;

    public function __construct(
        /** Path of the figure that derives it. */
        public string $figure,
        /** Size of the coefficient behind it, before any factor for the area. */
        public float $coefficient,
        public float $small_Pa,
        public float $smallArea_m2,
        public float $large_Pa,
        public float $largeArea_m2,
        public float $least_Pa = 0.0,
    ) {
        $this->perDecade_Pa = $small_Pa === $large_Pa ? 0.0 : ($large_Pa - $small_Pa) / log10($largeArea_m2 / $smallArea_m2);
        $this->key = sprintf('%015.6F/%015.6F/%.6F', $small_Pa, $large_Pa, $least_Pa);
    }

    /** The same whatever the area. */
    public static function constant(string $figure, float $coefficient, float $pressure_Pa): self
    {
        return new self($figure, $coefficient, $pressure_Pa, 1.0, $pressure_Pa, 10.0);
    }

    public function at_Pa(float $area_m2): float
    {
        $pressure_Pa = match (true) {
            $area_m2 <= $this->smallArea_m2 => $this->small_Pa,
            $area_m2 >= $this->largeArea_m2 => $this->large_Pa,
            default => $this->small_Pa + $this->perDecade_Pa * log10($area_m2 / $this->smallArea_m2),
        };

        return $pressure_Pa > $this->least_Pa ? $pressure_Pa : $this->least_Pa;
    }

    /** How much smaller a large area's suction may be than a small one's. */
    public function ease(): float
    {
        return max($this->small_Pa, $this->least_Pa, 1e-9) / max($this->large_Pa, $this->least_Pa, 1e-9);
    }
}

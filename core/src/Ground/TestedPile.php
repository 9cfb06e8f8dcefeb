<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * A driven pile or a ground screw, as deep as it was tested: lifted by half of the least test, pressed by no more than that (a choice on the safe side).
 *
 * Sideways by half of the least test too where enough were pulled that way: at the height of the test and below it, above it by as much less as an embedded
 * post bears; else as an embedded post of its own width.
 */
final readonly class TestedPile implements Foundation
{
    public function __construct(
        private PostInGround $ground,
        private float $embedment_m,
        private float $bears_N,
        private ?float $sideways_N,
        private float $sidewaysAt_m,
    ) {
    }

    public function depths_m(UnitSystem $units): array
    {
        return [$this->embedment_m];
    }

    /** A pile that stopped short of its tests is not proven by them. */
    private function isShort(float $depth_m): bool
    {
        return Printed::under($depth_m, $this->embedment_m);
    }

    public function sideways_N(float $depth_m, float $height_m): float
    {
        if ($this->sideways_N !== null && $this->isShort($depth_m)) {
            return 0.0;
        }

        return $this->sideways_N === null
            ? $this->ground->sideways_N($depth_m, $height_m)
            : $this->sideways_N * min(1.0, $this->ground->lever_m($depth_m, $this->sidewaysAt_m) / $this->ground->lever_m($depth_m, $height_m));
    }

    public function up_N(float $depth_m): float
    {
        return $this->isShort($depth_m) ? 0.0 : $this->bears_N;
    }

    public function down_N(float $depth_m): float
    {
        return $this->up_N($depth_m);
    }

    /** By its box, as it is driven; what it bore upward counts below the frost alone. */
    public function frozen_N(float $depth_m): ?array
    {
        $grip_N = $this->ground->grips_N(4 * $this->ground->hole_m);

        return $grip_N === null ? null : [$grip_N, $this->up_N($depth_m) * $this->ground->below($depth_m), [
            '/table/racking/pile/width_m', '/table/racking/tests/each', ...$this->ground->gripFrom(),
        ]];
    }

    public function why(string $what, float $depth_m): array
    {
        if ($what === 'sideways' && $this->sideways_N === null) {
            [$says, $values, $source, $from] = $this->ground->why($what, $depth_m);

            return [$says, $values, $source, ['/table/racking/pile/width_m', ...array_values(array_diff($from, ['/table/footing/hole_m']))]];
        }

        return ["tested_$what", [], 'IBC 2018, §1810.3.3.1.5; common practice', ['/table/racking/tests/each', '/table/racking/tests/embedment_m']];
    }
}

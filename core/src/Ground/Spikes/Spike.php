<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Spikes;

use Garnetine\Core\Ground\Foundation;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\UnitSystem;

/** A spike in resin by its tests alone, upward and sideways; it is pressed no harder than it may be lifted (a choice on the safe side), and
 * bears nothing where it stopped short of its tests. */
final readonly class Spike implements Foundation
{
    public function __construct(private float $embedment_m, private float $up_N, private float $sideways_N)
    {
    }

    public function depths_m(UnitSystem $units): array
    {
        return [$this->embedment_m];
    }

    public function sideways_N(float $depth_m, float $height_m): float
    {
        return Printed::under($depth_m, $this->embedment_m) ? 0.0 : $this->sideways_N;
    }

    public function up_N(float $depth_m): float
    {
        return Printed::under($depth_m, $this->embedment_m) ? 0.0 : $this->up_N;
    }

    public function down_N(float $depth_m): float
    {
        return $this->up_N($depth_m);
    }

    /** Nobody enters how thick it is. */
    public function frozen_N(float $depth_m): ?array
    {
        return null;
    }

    public function why(string $what, float $depth_m): array
    {
        return ["tested_$what", [], 'IBC 2018, §1810.3.3.1.5; common practice', ['/table/racking/tests/each', '/table/racking/tests/embedment_m']];
    }
}

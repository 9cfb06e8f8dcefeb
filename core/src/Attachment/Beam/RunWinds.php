<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

use Garnetine\Core\Load\Suction;
use Garnetine\Core\Rail\Run;

/**
 * Upward forces on a run by effective wind area: what acts in each unit of its RunShape.
 *
 * A bay of rail has the area L·max(b, L/3), an attachment its tributary length times b.
 *
 * @internal
 */
final class RunWinds
{
    /** Larger than any area that a pressure goes by. */
    private const LARGE_M2 = 1e6;

    private readonly float $tributary_m;

    /** @var list<Suction> */
    private readonly array $suctions;

    /** @var list<list<float>> By suction and clamp */
    private readonly array $areas_m2;

    /** @var list<array{int, float}> See RunShape::winds() */
    private readonly array $winds;

    /** @var list<float> Nothing, in each unit */
    private readonly array $none_N;

    /** @var array<int, list<float>> By length in ten millionths of a metre */
    private array $bays_N = [];

    /** @var array<int, list<float>> */
    private array $feet_N = [];

    public function __construct(Run $run)
    {
        $this->tributary_m = $run->tributary_m;
        $this->suctions = $run->suctions;
        $this->areas_m2 = $run->windAreas_m2;
        $this->winds = RunShape::winds($run);
        $this->none_N = array_fill(0, 1 + max([0, ...array_column($this->winds, 0)]), 0.0);
    }

    /** @return list<float> On a bay of rail of a length, by unit */
    public function bay_N(float $length_m): array
    {
        return $this->bays_N[(int) ($length_m * 1e7 + 0.5)] ??= $this->at_N($length_m * max($this->tributary_m, $length_m / 3));
    }

    /** @return list<float> On an attachment of a tributary length, by unit */
    public function foot_N(float $tributary_m): array
    {
        return $this->feet_N[(int) ($tributary_m * 1e7 + 0.5)] ??= $this->at_N($tributary_m * $this->tributary_m);
    }

    /** @return list<float> Each suction on a bay of rail of a length */
    public function pressures_Pa(float $length_m): array
    {
        return array_map(fn (Suction $suction): float => $suction->at_Pa($length_m * max($this->tributary_m, $length_m / 3)), $this->suctions);
    }

    /** All of it at the pressure on the largest area. */
    public function least_N(): float
    {
        $least_N = 0.0;
        foreach ($this->suctions as $index => $suction) {
            $least_N += $suction->at_Pa(self::LARGE_M2) * array_sum($this->areas_m2[$index]);
        }

        return $least_N;
    }

    /** @return list<float> */
    private function at_N(float $area_m2): array
    {
        $forces_N = $this->none_N;
        foreach ($this->winds as $index => [$unit, $size]) {
            $forces_N[$unit] += $this->suctions[$index]->at_Pa($area_m2) * $size;
        }

        return array_values($forces_N);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Load\Suction;
use Garnetine\Core\Rail\Run;

/**
 * Upward forces on a run by effective wind area: of one unit of each suction, as RunShape counts them.
 *
 * A bay of rail has the area L·max(b, L/3), an attachment its tributary length times b.
 *
 * @internal
 */
final class RunWinds
{
    private readonly float $tributary_m;

    /** @var list<Suction> */
    private readonly array $suctions;

    /** @var list<float> What a unit of each suction stands for */
    private readonly array $sizes_m2;

    /** @var array<int, list<float>> By length in ten millionths of a metre */
    private array $bays_N = [];

    /** @var array<int, list<float>> */
    private array $feet_N = [];

    public function __construct(Run $run)
    {
        $this->tributary_m = $run->tributary_m;
        $this->suctions = $run->suctions;
        $this->sizes_m2 = RunShape::sizes_m2($run);
    }

    /** @return list<float> On a bay of rail of a length */
    public function bay_N(float $length_m): array
    {
        return $this->bays_N[(int) ($length_m * 1e7 + 0.5)] ??= $this->at_N($length_m * max($this->tributary_m, $length_m / 3));
    }

    /** @return list<float> On an attachment of a tributary length */
    public function foot_N(float $tributary_m): array
    {
        return $this->feet_N[(int) ($tributary_m * 1e7 + 0.5)] ??= $this->at_N($tributary_m * $this->tributary_m);
    }

    /** @return list<float> */
    private function at_N(float $area_m2): array
    {
        $forces_N = [];
        foreach ($this->suctions as $index => $suction) {
            $forces_N[] = $suction->at_Pa($area_m2) * $this->sizes_m2[$index];
        }

        return $forces_N;
    }
}

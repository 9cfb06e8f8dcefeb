<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Rail\BeamState;
use Garnetine\Core\Rail\ContinuousBeam;
use Garnetine\Core\Rail\Run;

/**
 * One run under one combination, clamp by clamp, as somebody checks it by hand: with the suctions of one effective area and the
 * snow in one pattern.
 */
final readonly class WorkedState
{
    /**
     * @param list<float> $pressures_Pa For each suction of the run, on that area
     * @param list<float> $snow What of the balanced snow lies at each clamp, 1 where it is full
     * @param list<float> $wind_N Pull of the wind at each clamp, before the combination's factor
     * @param list<float> $normal_N What acts normal to the roof at each clamp, pulling positive
     * @param list<float> $along_N Down the slope
     * @param BeamState $normal The rail under the first: a reaction that is positive pulls its foot
     * @param BeamState $along And under the second
     */
    private function __construct(
        public LoadCase $case,
        public float $area_m2,
        public array $pressures_Pa,
        public array $snow,
        public array $wind_N,
        public array $normal_N,
        public array $along_N,
        public BeamState $normal,
        public BeamState $along,
    ) {
    }

    /**
     * @param list<float> $feet_m
     * @param list<float> $hinges_m
     * @param list<float> $snow
     */
    public static function of(Run $run, array $feet_m, array $hinges_m, LoadCase $case, float $area_m2, array $snow): self
    {
        $pressures_Pa = array_map(static fn (Suction $suction): float => $suction->at_Pa($area_m2), $run->suctions);
        $light = $case->snow === null ? [0.0, 0.0] : $run->snow_N[$case->snow];
        $wind_N = $normal_N = $along_N = [];
        foreach ($run->shares as $clamp => $share) {
            $pull_N = 0.0;
            foreach ($pressures_Pa as $index => $pressure_Pa) {
                $pull_N += $pressure_Pa * $run->windAreas_m2[$index][$clamp];
            }
            $less = $share * $case->snowFactor * (1 - $snow[$clamp]);
            $wind_N[] = $pull_N;
            $own_N = $run->upSlope->normal_N[$case->snow ?? ''] ?? null;
            $normal_N[] = $own_N === null
                ? $case->windUp * $pull_N - $case->normal_N * $share + $light[0] * $less
                : $case->windUp * $pull_N - ($case->normal_N - $case->snowFactor * $light[0]) * $share - $case->snowFactor * $own_N[$clamp] * $snow[$clamp];
            $along_N[] = $run->upSlope === null ? $case->along_N * $share - $light[1] * $less : AxialCheck::along_N(
                $run,
                $case,
            ) * $share / array_sum($run->shares);
        }
        $beam = new ContinuousBeam($feet_m, $hinges_m);
        $normal = $beam->under($run->clamps_m, $normal_N);
        $along = $beam->under($run->clamps_m, $along_N);
        if ($run->upSlope !== null) {
            // What presses on the feet, without the wind, says how they share the push, and nothing of it bends the rail.
            $pressed = $beam->under(
                $run->clamps_m,
                array_map(static fn (float $one_N, float $wind_N): float => $case->windUp * $wind_N - $one_N, $normal_N, $wind_N),
            );
            $along = BeamState::unbent($feet_m, AxialCheck::pushes_N(array_values($pressed->reactions_N), array_sum($along_N)));
        }

        return new self(
            $case,
            $area_m2,
            $pressures_Pa,
            $snow,
            $wind_N,
            $normal_N,
            $along_N,
            $normal,
            $along,
        );
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Rail\Run;

/**
 * One combination of ASD loads on a run, as multiples: gravity times the module shares, wind times the pressures.
 *
 * Source: ASCE/SEI 7-16, §2.4.1; CD of NDS 2018 §2.3.2 by the shortest load; recalled.
 */
final readonly class LoadCase
{
    public function __construct(
        public string $code,
        /** Down cases: everything normal to the roof, downward. Up cases: what of it resists the uplift. */
        public float $normal_N,
        public float $along_N,
        /** Normal load that may press the foot's heel down: all but the dead load. */
        public float $heel_N,
        /** Factor on the upward wind; 0 in down cases. */
        public float $windUp,
        public float $cd,
        /** Code of the snow case in it, if any, and its factor. */
        public ?string $snow = null,
        public float $snowFactor = 0.0,
    ) {
    }

    /**
     * @return array{non-empty-list<self>, list<self>} Down and up cases
     */
    public static function of(Run $run, CombinationFactors $factors): array
    {
        $down = [
            new self('D', $run->deadNormalMost_N, $run->deadAlong_N, 0.0, 0.0, $factors->cdDead),
            new self('D+0.6W', $run->deadNormalMost_N + 0.6 * $run->windDown_N, $run->deadAlong_N, 0.6 * $run->windDown_N, 0.0, $factors->cdWind),
        ];
        $up = [
            new self('0.6D+0.6W', 0.6 * $run->deadNormalLeast_N, 0.6 * $run->deadAlong_N, 0.0, 0.6, $factors->cdWind),
            new self('D+0.6W', $run->deadNormalLeast_N, $run->deadAlong_N, 0.0, 0.6, $factors->cdWind),
        ];
        foreach ($run->snow_N as $snow => [$normal_N, $along_N]) {
            if ($normal_N <= 0.0) {
                continue;
            }
            $down[] = new self('D+S', $run->deadNormalMost_N + $normal_N, $run->deadAlong_N + $along_N, $normal_N, 0.0, $factors->cdSnow, $snow, 1.0);
            $mixed_N = 0.75 * $normal_N + 0.45 * $run->windDown_N;
            $down[] = new self('D+0.75S+0.45W', $run->deadNormalMost_N + $mixed_N, $run->deadAlong_N + 0.75 * $along_N, $mixed_N, 0.0, $factors->cdWind, $snow, 0.75);
            $up[] = new self('D+0.75S+0.45W', $run->deadNormalLeast_N + 0.75 * $normal_N, $run->deadAlong_N + 0.75 * $along_N, 0.0, 0.45, $factors->cdWind, $snow, 0.75);
        }

        return [$down, $up];
    }
}

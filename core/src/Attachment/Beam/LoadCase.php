<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Rail\Run;

/** One combination of loads on a run, as multiples: gravity times the module shares, wind times the pressures. */
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
        /** On what timber holds, for the shortest load: CD, or kmod. */
        public float $cd,
        /** Code of the snow case in it, if any, and its factor. */
        public ?string $snow = null,
        public float $snowFactor = 0.0,
    ) {
    }

    /**
     * @param list<Combination> $combinations
     *
     * @return array{non-empty-list<self>, non-empty-list<self>} Down and up cases
     */
    public static function of(Run $run, array $combinations, CombinationFactors $factors): array
    {
        $down = $up = [];
        foreach ($combinations as $one) {
            $snows = $one->snow === 0.0 ? ['' => [0.0, 0.0]] : array_filter($run->snow_N, static fn (array $forces): bool => $forces[0] > 0.0);
            foreach ($snows as $code => [$normal_N, $along_N]) {
                $live_N = $one->snow * $normal_N + ($one->up ? 0.0 : $one->wind * $run->windDown_N);
                $case = new self(
                    $one->code,
                    $one->dead * ($one->up ? $run->deadNormalLeast_N : $run->deadNormalMost_N) + $live_N,
                    $one->dead * $run->deadAlong_N + $one->snow * $along_N,
                    $one->up ? 0.0 : $live_N,
                    $one->up ? $one->wind : 0.0,
                    $factors->of($one->duration),
                    $one->snow === 0.0 ? null : $code,
                    $one->snow,
                );
                if ($one->up) {
                    $up[] = $case;
                } else {
                    $down[] = $case;
                }
            }
        }
        if ($down === [] || $up === []) {
            throw new \LogicException('Every standard has combinations that push and that pull.');
        }

        return [$down, $up];
    }
}

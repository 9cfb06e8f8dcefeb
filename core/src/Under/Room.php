<?php

declare(strict_types=1);

namespace Garnetine\Core\Under;

use Garnetine\Core\Attachment\RunPlan;

/** Room on a rail, beside what is on it already. */
final class Room
{
    /** @return list<array{float, float}> Middles of feet, clamps and splices along a rail (m), and how far from each something else keeps its own */
    public static function taken(RunPlan $plan, float $clear_m): array
    {
        return array_map(static fn (float $x_m): array => [$x_m, $clear_m], [...$plan->feet_m(), ...$plan->run->clamps_m, ...$plan->run->splices_m]);
    }

    /**
     * The free place nearest to the one that is wanted; null where there is none.
     *
     * @param list<array{float, float}> $taken Places (m), and how far from each nothing else is
     */
    public static function nearest_m(float $wanted_m, float $low_m, float $high_m, array $taken): ?float
    {
        $tried_m = [$wanted_m, $low_m, $high_m];
        foreach ($taken as [$x_m, $clear_m]) {
            array_push($tried_m, $x_m - $clear_m, $x_m + $clear_m);
        }
        $best_m = null;
        foreach ($tried_m as $at_m) {
            $isFree = $at_m >= $low_m - 1e-9 && $at_m <= $high_m + 1e-9
                && array_filter($taken, static fn (array $one): bool => abs($one[0] - $at_m) < $one[1] - 1e-9) === [];
            if ($isFree && ($best_m === null || abs($at_m - $wanted_m) < abs($best_m - $wanted_m) - 1e-9)) {
                $best_m = $at_m;
            }
        }

        return $best_m;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;

/**
 * How many feet a load takes at least, however it is shared among them: what all of them bear is no less than all that acts.
 *
 * Source: statics. The pressure of the wind is that on the largest area, for what a foot bears depends on its own.
 *
 * @internal
 */
final class LeastFeet
{
    /**
     * @param float $up_N Net, upward positive
     * @param float $along_N All that pushes along the rails
     */
    public static function of(Capacities $capacities, float $cd, float $up_N, float $along_N): float
    {
        $pulled_N = max(0.0, $up_N);
        $inScrew = $pulled_N * $capacities->lever->leastPerUp() / $capacities->withdrawal_N($cd);
        $sideways = $along_N * $capacities->lever->lateralShare() / $capacities->lateral_N($cd);

        return max(
            $pulled_N / min($capacities->footUp_N, $capacities->boltUp_N),
            max(0.0, -$up_N) / $capacities->footDown_N,
            $along_N / min($capacities->footAlong_N, $capacities->boltAlong_N),
            $inScrew,
            $sideways,
            $capacities->addsUp ? ($inScrew + $sideways) / $capacities->together : 0.0,
        ) / $capacities->placing->limit;
    }

    /**
     * The most that any combination asks of some runs together.
     *
     * @param Capacities $capacities Of the feet
     * @param list<RunCheck> $checks Of all runs, under the same combinations
     */
    public static function under(Capacities $capacities, array $checks): int
    {
        $most = 0.0;
        foreach ([...$checks[0]->down ?? [], ...$checks[0]->up ?? []] as $index => $case) {
            $up_N = $along_N = 0.0;
            foreach ($checks as $check) {
                $own = [...$check->down, ...$check->up][$index];
                $shares = array_sum($check->shape->units[0]);
                $up_N += $own->windUp * $check->winds->least_N() - $own->normal_N * $shares;
                $along_N += $own->along_N * $shares;
            }
            $most = max($most, self::of($capacities, $case->cd, $up_N, $along_N));
        }

        return (int) ceil($most - 1e-9);
    }
}

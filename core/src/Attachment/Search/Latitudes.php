<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Rail\Run;

/** For each foot, the nearest other member that would hold it, the others staying: on its mark, and with each foot off its mark. */
final class Latitudes
{
    /**
     * @param list<RunPlan> $plans
     *
     * @return array<string, list<Latitude>> By run, in the order of its feet
     */
    public static function of(array $plans): array
    {
        $known = [];
        $latitudes = [];
        $work = Work::afterwards(array_map(static fn (RunPlan $plan): Run => $plan->run, $plans));
        foreach ($plans as $plan) {
            if (!$plan->holds()) {
                $latitudes[$plan->run->id] = array_map(static fn (): Latitude => new Latitude(null, null), $plan->picks);
                continue;
            }
            $key = $plan->run->signature().implode(',', $plan->picks);
            $latitudes[$plan->run->id] = $known[$key] ??= self::ofRun($plan, $work);
        }

        return $latitudes;
    }

    /** @return list<Latitude> */
    private static function ofRun(RunPlan $plan, Work $work): array
    {
        $latitudes = [];
        foreach (array_keys($plan->picks) as $place) {
            $other = self::other($plan, $plan->feet_m(), $place, $work);
            $latitudes[] = $other === null
                ? new Latitude(null, null, !$work->isSpent())
                : new Latitude($plan->run->members[$other], $plan->run->candidates_m[$other]);
        }

        return $latitudes;
    }

    /** @param list<float> $feet_m */
    private static function other(RunPlan $plan, array $feet_m, int $place, Work $work): ?int
    {
        $from = ($plan->picks[$place - 1] ?? -1) + 1;
        $to = ($plan->picks[$place + 1] ?? count($plan->run->candidates_m)) - 1;
        $others = array_values(array_diff(range($from, $to), [$plan->picks[$place]]));
        usort(
            $others,
            static fn (int $one, int $two): int => abs($plan->run->candidates_m[$one] - $feet_m[$place])
                <=> abs($plan->run->candidates_m[$two] - $feet_m[$place]),
        );
        foreach ($others as $other) {
            if ($work->isSpent()) {
                return null;
            }
            $moved = $feet_m;
            $moved[$place] = $plan->run->candidates_m[$other];
            $moved = array_values($moved);
            // The crew has the feet that were planned, each in its place.
            if ($plan->check->edge?->doFor($feet_m, $moved, $plan->check->capacities->placing->tolerance_m) === false) {
                continue;
            }
            $limit = $plan->check->capacities->placing->limit;
            $worst = $plan->check->worst($moved, $limit);
            $work->take(count($moved));
            if ($worst <= $limit) {
                $work->take(2 * count($moved) ** 2);
                if ($plan->check->holdsMoved($moved, $worst)) {
                    return $other;
                }
            }
        }

        return null;
    }
}

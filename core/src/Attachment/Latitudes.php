<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

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
        foreach ($plans as $plan) {
            if (!$plan->holds()) {
                $latitudes[$plan->run->id] = array_map(static fn (): Latitude => new Latitude(null, null), $plan->picks);
                continue;
            }
            $key = $plan->run->signature().implode(',', $plan->picks);
            $latitudes[$plan->run->id] = $known[$key] ??= self::ofRun($plan);
        }

        return $latitudes;
    }

    /** @return list<Latitude> */
    private static function ofRun(RunPlan $plan): array
    {
        $latitudes = [];
        foreach (array_keys($plan->picks) as $place) {
            $other = self::other($plan, $plan->feet_m(), $place);
            $latitudes[] = new Latitude($other === null ? null : $plan->run->members[$other], $other === null ? null : $plan->run->candidates_m[$other]);
        }

        return $latitudes;
    }

    /** @param list<float> $feet_m */
    private static function other(RunPlan $plan, array $feet_m, int $place): ?int
    {
        $from = ($plan->picks[$place - 1] ?? -1) + 1;
        $to = ($plan->picks[$place + 1] ?? count($plan->run->candidates_m)) - 1;
        $others = array_values(array_diff(range($from, $to), [$plan->picks[$place]]));
        usort($others, static fn (int $one, int $two): int => abs($plan->run->candidates_m[$one] - $feet_m[$place]) <=> abs($plan->run->candidates_m[$two] - $feet_m[$place]));
        foreach ($others as $other) {
            $moved = $feet_m;
            $moved[$place] = $plan->run->candidates_m[$other];
            if ($plan->check->holds(array_values($moved))) {
                return $other;
            }
        }

        return null;
    }
}

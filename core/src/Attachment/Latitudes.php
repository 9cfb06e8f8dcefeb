<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Quantity\Length;

/**
 * For each foot, by how much the centre may be missed, e = b/2 − 1.5D − p·tan φ − u, and the next member that still holds.
 *
 * φ is the lean of the drill, 3° by hand and 1° with a guide, u the sixteenth of an inch of the mark.
 *
 * Source: edge distance 1.5D of NDS 2018 Table 12.5.1C, recalled; lean and mark: common practice, no source.
 */
final class Latitudes
{
    private const LEAN_BY_HAND_DEG = 3.0;
    private const LEAN_GUIDED_DEG = 1.0;
    private const MARK_IN = 0.0625;
    private const HALVINGS = 5;

    /**
     * @param list<RunPlan> $plans
     *
     * @return array<string, list<Latitude>> By run, in the order of its feet
     */
    public static function of(Design $design, array $plans, Capacities $capacities): array
    {
        $wood_m = self::wood_m($design);
        $known = [];
        $latitudes = [];
        foreach ($plans as $plan) {
            if (!$plan->holds()) {
                $latitudes[$plan->run->id] = array_map(static fn (): Latitude => new Latitude($wood_m, 0.0, null, null), $plan->picks);
                continue;
            }
            $key = $plan->run->signature().implode(',', $plan->picks);
            $latitudes[$plan->run->id] = $known[$key] ??= self::ofRun($plan, $wood_m);
        }

        return $latitudes;
    }

    public static function wood_m(Design $design): float
    {
        $lag = $design->kit->lag;
        $above_in = $design->surface->deckThickness->plus($design->surface->underlaymentThickness)->plus($design->surface->shingleThickness)
            ->plus($design->kit->foot->baseThickness)->plus($design->kit->foot->flashingThickness)->toInches();
        $inMember_in = max(0.0, min($lag->length->toInches() - $above_in, $design->surface->framing->depth->toInches()));
        $lean = deg2rad($lag->drillGuide ? self::LEAN_GUIDED_DEG : self::LEAN_BY_HAND_DEG);
        $left_in = $design->surface->framing->width->toInches() / 2 - 1.5 * $lag->diameter->size()->toInches() - $inMember_in * tan($lean) - self::MARK_IN;

        return Length::ofInches($left_in)->toMetres();
    }

    /** @return list<Latitude> */
    private static function ofRun(RunPlan $plan, float $wood_m): array
    {
        $feet_m = $plan->feet_m();
        $latitudes = [];
        foreach ($plan->picks as $place => $pick) {
            $other = self::other($plan, $feet_m, $place);
            $latitudes[] = new Latitude($wood_m, self::miss_m($plan, $feet_m, $place, max(0.0, $wood_m)), $other === null ? null : $plan->run->members[$other], $other === null ? null : $plan->run->candidates_m[$other]);
        }

        return $latitudes;
    }

    /** @param list<float> $feet_m */
    private static function miss_m(RunPlan $plan, array $feet_m, int $place, float $most_m): float
    {
        if ($most_m <= 0.0) {
            return 0.0;
        }
        $holds = static function (float $by_m) use ($plan, $feet_m, $place): bool {
            foreach ([-$by_m, $by_m] as $shift_m) {
                $moved = $feet_m;
                $moved[$place] += $shift_m;
                if ($plan->check->worst(array_values($moved), 1.0 + 1e-9) > 1.0 + 1e-9) {
                    return false;
                }
            }

            return true;
        };
        if ($holds($most_m)) {
            return $most_m;
        }
        $low_m = 0.0;
        $high_m = $most_m;
        for ($step = 0; $step < self::HALVINGS; ++$step) {
            $middle_m = ($low_m + $high_m) / 2;
            if ($holds($middle_m)) {
                $low_m = $middle_m;
            } else {
                $high_m = $middle_m;
            }
        }

        return $low_m;
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
            if ($plan->check->worst(array_values($moved), 1.0 + 1e-9) <= 1.0 + 1e-9) {
                return $other;
            }
        }

        return null;
    }
}

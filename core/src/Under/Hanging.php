<?php

declare(strict_types=1);

namespace Garnetine\Core\Under;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\HangsOn;
use Garnetine\Core\Design\Block\UnderModules;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Rail\Stretch;

/** Where boxes hang on the rails: as near the middle of their modules as feet, clamps and splices leave room, on the upper rail where they can. */
final class Hanging
{
    /**
     * @param list<RunPlan> $plans Of the whole surface
     *
     * @return list<Box> Rows from the eave up, from the left
     */
    public static function of(UnderModules $under, BlockPart $part, Placement $placement, array $plans): array
    {
        $boxes = [];
        /** @var array<string, list<float>> $hung Middles on each rail */
        $hung = [];
        foreach (Stretch::all($part->design, $placement) as $stretch) {
            $rails = self::rails($part, $stretch, $plans);
            foreach (array_chunk($stretch->modules, max(1, $under->modulesEach)) as $modules) {
                [$first, $last] = [$modules[0], $modules[count($modules) - 1]];
                $ends_m = [$stretch->from_m($first), $stretch->from_m($last) + $stretch->long_m];
                [$run, $at_m] = $under->hangsOn === HangsOn::Frame ? [null, 0.0] : self::place($under, $rails, $ends_m, $hung);
                $boxes[] = new Box($part->number, $first, $last, $run?->run, $at_m);
                if ($run !== null) {
                    $hung[$run->run->id][] = $at_m;
                }
            }
        }

        return $boxes;
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return list<RunPlan> Rails that modules of a stretch lie on, the upper ones first
     */
    private static function rails(BlockPart $part, Stretch $stretch, array $plans): array
    {
        $block = $part->design->block;
        // A rail that two rows share lies in the gap between them.
        $past_m = ($stretch->isUpSlope ? $block->columnGap : $block->rowGap)->toMetres() / 2 + 1e-6;
        $from_m = $stretch->beside_m($stretch->first()) - $past_m;
        $to_m = $stretch->beside_m($stretch->first()) + $stretch->wide_m + $past_m;
        $under = array_filter($plans, static fn (RunPlan $plan): bool => $plan->run->isRail && !$plan->run->line->isLower
            && $plan->run->line->block === $part->number
            && $plan->run->line->at_m > $from_m && $plan->run->line->at_m < $to_m);
        usort($under, static fn (RunPlan $one, RunPlan $other): int => $other->run->line->at_m <=> $one->run->line->at_m);

        return $under;
    }

    /**
     * @param list<RunPlan> $rails
     * @param array{float, float} $ends_m Of the modules, along the rails
     * @param array<string, list<float>> $hung
     *
     * @return array{RunPlan|null, float}
     */
    private static function place(UnderModules $under, array $rails, array $ends_m, array $hung): array
    {
        [$half_m, $clear_m] = [$under->length->toMetres() / 2, $under->length->toMetres() / 2 + $under->clear->toMetres()];
        foreach ($rails as $plan) {
            $run = $plan->run;
            $low_m = max($ends_m[0], $run->x0_m) + $half_m;
            $high_m = min($ends_m[1], $run->x1_m) - $half_m;
            $kept = [
                ...Room::taken($plan, $clear_m),
                ...array_map(static fn (float $x_m): array => [$x_m, 2 * $half_m], $hung[$run->id] ?? []),
            ];
            $at_m = Room::nearest_m(($ends_m[0] + $ends_m[1]) / 2, $low_m, $high_m, $kept);
            if ($at_m !== null) {
                return [$plan, $at_m];
            }
        }

        return [null, 0.0];
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Plan\Plan;

/** What to bring, counted from the plan. */
final class Materials
{
    /** @return list<array{item: string, name: string, count: int, document: string}> */
    public static function of(Plan $plan): array
    {
        $kit = $plan->design->kit;
        $feet = $plan->attachmentCount();
        $splices = array_sum(array_map(static fn (RunPlan $run): int => count($run->run->splices_m), $plan->supports));
        $ends = 2 * count($plan->supports);
        $clamps = array_sum(array_map(static fn (RunPlan $run): int => count($run->run->clamps_m), $plan->supports));
        $item = static fn (string $item, string $name, int $count, string $document): array => ['item' => $item, 'name' => $name, 'count' => $count, 'document' => $document];

        return [
            $item('module', $plan->design->module->name, $plan->placement->count, ''),
            $item('rail', $kit->rail->name, count($plan->cutting->stock ?? []), $kit->rail->document),
            $item('splice', 'Splice of '.$kit->rail->name, $splices, $kit->rail->document),
            $item('end_clamp', $kit->clamp->name, $ends, $kit->clamp->document),
            $item('mid_clamp', $kit->clamp->name, $clamps - $ends, $kit->clamp->document),
            $item('foot', $kit->foot->name, $feet, $kit->foot->document),
            $item('rail_bolt', $kit->bolt->name, $feet, $kit->bolt->document),
            $item('lag', $kit->lag->name, $feet, $kit->lag->document),
            $item('sealed_hole', $kit->sealant->name, count($plan->holes->holes ?? []), $kit->sealant->document),
        ];
    }
}

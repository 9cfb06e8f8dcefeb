<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Rail\CuttingList;
use Garnetine\Core\Seal\HoleLedger;

/** What to bring, counted from the plan. */
final class Materials
{
    /**
     * @param list<RunPlan> $runs
     * @param array<string, int> $modules Placed, by name
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    public static function of(Design $design, array $runs, array $modules, ?CuttingList $cutting, HoleLedger $holes): array
    {
        $kit = $design->kit;
        $feet = array_sum(array_map(static fn (RunPlan $run): int => count($run->picks), $runs));
        $splices = array_sum(array_map(static fn (RunPlan $run): int => count($run->run->splices_m), $runs));
        $ends = 2 * count($runs);
        $clamps = array_sum(array_map(static fn (RunPlan $run): int => count($run->run->clamps_m), $runs));
        $item = static fn (string $item, string $name, int $count, string $document): array => [
            'item' => $item,
            'name' => $name,
            'count' => $count,
            'document' => $document,
        ];

        return [
            ...array_map(static fn (string|int $name, int $count): array => $item('module', (string) $name, $count, ''), array_keys($modules), $modules),
            $item('rail', $kit->rail->name, count($cutting->stock ?? []), $kit->rail->document),
            $item('splice', 'Splice of '.$kit->rail->name, $splices, $kit->rail->document),
            $item('end_clamp', $kit->clamp->name, $ends, $kit->clamp->document),
            $item('mid_clamp', $kit->clamp->name, $clamps - $ends, $kit->clamp->document),
            $item('foot', $kit->foot->name(), $feet, $kit->foot->document()),
            $item('rail_bolt', $kit->bolt->name, $feet, $kit->bolt->document),
            $item('fastener', $kit->fastener->name(), $feet * count($kit->foot->holes()), $kit->fastener->document()),
            ...$kit->foot->flashing() === null ? [$item('pad', 'Pad of '.$kit->foot->name(), $feet, $kit->foot->document())] : [],
            $item('sealed_hole', $kit->sealant->name, $holes->toSeal($kit->foot->flashing() !== null), $kit->sealant->document),
        ];
    }
}

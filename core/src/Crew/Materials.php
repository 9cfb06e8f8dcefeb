<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Rail\CuttingList;
use Garnetine\Core\Seal\HoleLedger;
use Garnetine\Core\Seal\TubesOf;
use Garnetine\Core\Under\Beneath;

/** What to bring, counted from the plan. */
final class Materials
{
    /**
     * @param list<RunPlan> $runs
     * @param array<string, int> $modules Placed, by name
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    public static function of(Design $design, array $runs, array $modules, ?CuttingList $cutting, HoleLedger $holes, ?Beneath $beneath): array
    {
        $kit = $design->kit;
        $onFeet = array_values(array_filter($runs, static fn (RunPlan $run): bool => !$run->run->line->isOnRails));
        $clamped = array_filter($runs, static fn (RunPlan $run): bool => !$run->run->line->isLower);
        $feet = array_sum(array_map(static fn (RunPlan $run): int => count($run->picks), $onFeet));
        [$edge, $strong] = [$kit->edgeFoot, array_sum(array_map(static fn (RunPlan $run): int => count(array_filter($run->atEdge())), $onFeet))];
        $splices = array_sum(array_map(static fn (RunPlan $run): int => count($run->run->splices_m), $runs));
        $ends = array_sum(array_map(static fn (RunPlan $run): int => $run->run->endClamps(), $clamped));
        $clamps = array_sum(array_map(static fn (RunPlan $run): int => count($run->run->clamps_m), $clamped));
        $item = static fn (string $item, string $name, int $count, string $document): array => [
            'item' => $item,
            'name' => $name,
            'count' => $count,
            'document' => $document,
        ];

        return [
            ...array_map(static fn (string|int $name, int $count): array => $item('module', (string) $name, $count, ''), array_keys($modules), $modules),
            ...$design->hasRails() ? [
                $item('rail', $kit->rail->name, count($cutting->stock ?? []), $kit->rail->document),
                $item('splice', 'Splice of '.$kit->rail->name, $splices, $kit->rail->document),
            ] : [],
            ...$kit->clamp->frameHole !== null ? [$item('frame_bolt', $kit->clamp->name, $clamps, $kit->clamp->document)] : [
                $item('end_clamp', $kit->clamp->name, $ends, $kit->clamp->document),
                $item('mid_clamp', $kit->clamp->name, $clamps - $ends, $kit->clamp->document),
            ],
            $item('foot', $kit->foot->name(), $feet - $strong, $kit->foot->document()),
            ...$edge === null ? [] : [$item('edge_foot', $edge->name, $strong, $edge->document)],
            ...$kit->foot->isBolted() && $design->hasRails() ? [$item('rail_bolt', $kit->bolt->name, self::underRails($onFeet), $kit->bolt->document)] : [],
            ...$kit->foot->holes() === [] ? [] : [$item('fastener', $kit->fastener->name(), $design->screws($feet, $strong), $kit->fastener->document())],
            ...$kit->foot->padOn($design->surface->covering) !== null ? [$item('pad', 'Pad of '.$kit->foot->name(), $feet, $kit->foot->document())] : [],
            ...self::crossings($design, $runs, $item),
            ...self::legs($runs, $item),
            ...self::beneath($design, array_sum($modules), $beneath, $item),
            ...self::butyl($design, $onFeet, $item),
            ...$kit->foot->betweenBattens() !== null ? [$item('tape', 'Sealing tape under '.$kit->foot->name(), $feet, '')] : [],
            ...self::sealant($design, $holes, $feet - $strong, $item),
        ];
    }

    /**
     * The holes that take sealant, and its tubes where it is known what one holds.
     *
     * @param \Closure(string, string, int, string): array{item: string, name: string, count: int, document: string} $item
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    private static function sealant(Design $design, HoleLedger $holes, int $flashed, \Closure $item): array
    {
        $sealant = $design->kit->sealant;
        $sealed = $holes->toSeal($design->kit->foot->flashing() !== null);
        $tubes = TubesOf::count($design, $sealed, $flashed);

        return [
            $item('sealed_hole', $sealant->name, $sealed, $sealant->document),
            ...$tubes === null ? [] : [$item('tube', "Tubes of $sealant->name", $tubes, $sealant->document)],
        ];
    }

    /** @param list<RunPlan> $onFeet */
    private static function underRails(array $onFeet): int
    {
        return array_sum(array_map(static fn (RunPlan $run): int => $run->run->isRail ? count($run->picks) : 0, $onFeet));
    }

    /**
     * What holds rails where they cross.
     *
     * @param list<RunPlan> $runs
     * @param \Closure(string, string, int, string): array{item: string, name: string, count: int, document: string} $item
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    private static function crossings(Design $design, array $runs, \Closure $item): array
    {
        $items = [];
        foreach ($design->parts() as $part) {
            $crossing = $part->design->block->arrangement;
            $own = array_filter($runs, static fn (RunPlan $run): bool => $run->run->line->isOnRails && $run->run->line->block === $part->number);
            if ($crossing instanceof CrossRails) {
                $items[] = $item(
                    'crossing',
                    $crossing->name,
                    array_sum(array_map(static fn (RunPlan $run): int => count($run->picks), $own)),
                    $crossing->document,
                );
            }
        }

        return $items;
    }

    /**
     * Legs under the modules, short ones and such as are cut or set to one length.
     *
     * @param list<RunPlan> $runs
     * @param \Closure(string, string, int, string): array{item: string, name: string, count: int, document: string} $item
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    private static function legs(array $runs, \Closure $item): array
    {
        $items = [];
        foreach ($runs as $run) {
            if ($run->run->legs !== null) {
                $kind = $run->run->line->isUpper ? 'rear_leg' : 'front_leg';
                $legs = $run->run->legs->legs;
                $items[$kind.$legs->name] = $item($kind, $legs->name, ($items[$kind.$legs->name]['count'] ?? 0) + count($run->picks), $legs->document);
            }
        }

        return array_values($items);
    }

    /**
     * Boxes under the modules with their clips, and what joins rails and frames to earth.
     *
     * @param \Closure(string, string, int, string): array{item: string, name: string, count: int, document: string} $item
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    private static function beneath(Design $design, int $modules, ?Beneath $beneath, \Closure $item): array
    {
        [$under, $bonding, $earth] = [$design->kit->under, $design->kit->bonding, $beneath?->earth];
        $items = $under === null || $beneath === null ? [] : [
            $item('box', $under->name, count($beneath->boxes), $under->document),
            $item('cable_clip', 'Clip for cables under the modules', $modules * $under->clips, ''),
        ];
        if ($bonding !== null && $earth !== null) {
            $items[] = $item('lug', $bonding->name, count($earth->lugs), $bonding->document);
            $items[] = $item('jumper', $bonding->jumper, count($earth->jumpers), $bonding->document);
            $items[] = $item('frame_bond', 'What joins a frame to its rail', $earth->frames, $bonding->document);
        }

        return array_values(array_filter($items, static fn (array $one): bool => $one['count'] > 0));
    }

    /**
     * A pad for each base that butyl seals, and one more under the upper half of those that straddle a butt line.
     *
     * @param list<RunPlan> $runs
     * @param \Closure(string, string, int, string): array{item: string, name: string, count: int, document: string} $item
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    private static function butyl(Design $design, array $runs, \Closure $item): array
    {
        [$foot, $course] = [$design->kit->foot, Course::of($design->surface)];
        $long = $foot->onOneCourse();
        $pads = 0;
        if ($long === null) {
            return [];
        }
        foreach ($runs as $run) {
            $over_m = $course?->pastButt_m($run->run->line->holeAt_m - $foot->base()->heel->toMetres(), $long) ?? 0.0;
            $pads += ($over_m > 1e-6 ? 2 : 1) * count($run->picks);
        }

        return [$item('butyl_pad', 'Butyl of '.$foot->name(), $pads, $foot->document())];
    }
}

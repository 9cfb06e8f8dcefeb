<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\Field\Doubling;
use Garnetine\Core\Design\Ground\Racking\InHoles;
use Garnetine\Core\Design\Ground\Racking\PileTable;
use Garnetine\Core\Design\Ground\Racking\PipeTable;
use Garnetine\Core\Design\Ground\Racking\TimberTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * What would make a table hold that does not, besides other numbers of posts and wider holes: a soil whose values a named person doubles, and a lower table.
 */
final class TableCures
{
    public const DOUBLED = 'doubled';
    public const LOWER = 'lower';

    /** No front post stands lower than this (common practice, no source). */
    private const LOWEST_M = 0.4572;

    /** @return array<string, TableWay> By what is done, each planned whole and holding; none of a table that holds */
    public static function of(TableDesign $design): array
    {
        $plan = TablePlanner::plan($design, Depth::Checks);
        if ($plan->face === null || ($plan->posts !== [] && ($plan->leastReserve() ?? 0.0) >= -1e-9)) {
            return [];
        }
        $found = [
            self::DOUBLED => self::doubled($design),
            self::LOWER => self::lower($design),
        ];

        return array_filter($found, static fn (?TableWay $way): bool => $way !== null);
    }

    private static function doubled(TableDesign $design): ?TableWay
    {
        if (!$design->table->racking instanceof InHoles) {
            return null;
        }
        $footing = $design->table->footing;
        $way = TableWay::of($design->on(Copy::of($design->table, footing: Copy::of($footing, doubling: new Doubling('not yet named', '')))));

        return $way->holds ? $way : null;
    }

    /** The highest that holds, in steps of 6 in or 150 mm. */
    private static function lower(TableDesign $design): ?TableWay
    {
        $racking = $design->table->racking;
        if (!$racking instanceof PipeTable && !$racking instanceof TimberTable && !$racking instanceof PileTable) {
            return null;
        }
        $step_m = $design->units === UnitSystem::Us ? 0.1524 : 0.15;
        for ($height_m = $racking->frontHeight->toMetres() - $step_m; $height_m >= self::LOWEST_M - 1e-9; $height_m -= $step_m) {
            $way = TableWay::of($design->on(Copy::of($design->table, racking: Copy::of($racking, frontHeight: Length::ofMetres($height_m)))));
            if ($way->holds) {
                return $way;
            }
        }

        return null;
    }
}

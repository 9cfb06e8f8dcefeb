<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Rail\LeastStock;

/** What to bring for a table, as kinds of tables count it alike. */
final class Materials
{
    private const UNIT_M = 1e-4;

    /** @return array{item: string, name: string, count: int, document: string} */
    public static function item(string $item, string $name, int $count, string $document = ''): array
    {
        return ['item' => $item, 'name' => $name, 'count' => $count, 'document' => $document];
    }

    /** @return list<array{item: string, name: string, count: int, document: string}> Modules and their clamps on two rails under each column */
    public static function modules(TableDesign $design, string $document): array
    {
        $rails = 2 * $design->table->columns;

        return [
            self::item('module', $design->module->name, $design->table->rows * $design->table->columns),
            self::item('end_clamp', 'End clamp', 2 * $rails, $document),
            self::item('mid_clamp', 'Middle clamp', ($design->table->rows - 1) * $rails, $document),
        ];
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return array{item: string, name: string, count: int, document: string}
     */
    public static function bags(TableDesign $design, array $posts): array
    {
        return self::item('concrete', $design->table->footing->bag->words(), (int) ceil(TablePost::bagsOf($posts) - 1e-9));
    }

    /**
     * As few lengths as a search finds. An eighth of an inch goes with each cut.
     *
     * @param list<float> $pieces_m
     *
     * @return list<list<int>> Pieces by length of stock; none where one is longer than that
     */
    public static function packed(array $pieces_m, float $stock_m): array
    {
        if (max([0.0, ...$pieces_m]) > $stock_m + 1e-9) {
            return [];
        }
        $units = static fn (float $length_m): int => (int) ceil($length_m / self::UNIT_M - 1e-6);
        $kerf = $units(0.0254 / 8);
        [$bars] = LeastStock::of(
            array_map(static fn (float $piece_m): int => $units($piece_m) + $kerf, $pieces_m),
            (int) floor($stock_m / self::UNIT_M + 1e-6) + $kerf,
        );

        return $bars;
    }
}

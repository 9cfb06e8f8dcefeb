<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\CutWhen;
use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Rail\LeastStock;

/** What to bring for a table, counted from its plan. */
final class TableMaterials
{
    private const UNIT_M = 1e-4;
    /** Left over the mark where posts are cut in place (common practice, no source). */
    private const SPARE_M = 0.0762;

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    public static function of(TableDesign $design, TableShape $shape, array $posts): array
    {
        $pipes = $design->table->racking;
        if ($posts === [] || !$pipes instanceof PipeTable) {
            return [];
        }
        $rails = count($shape->rails_m);
        $printer = $design->printer();
        $item = static fn (
            string $item,
            string $name,
            int $count,
            string $document = '',
        ): array => ['item' => $item, 'name' => $name, 'count' => $count, 'document' => $document];

        return [
            $item('module', $design->module->name, $design->table->rows * $design->table->columns),
            $item('table_rail', 'Rail of '.$printer->length($shape->chord_m), $rails, $pipes->holds->document),
            $item('end_clamp', 'End clamp', 2 * $rails, $pipes->holds->document),
            $item('mid_clamp', 'Middle clamp', ($design->table->rows - 1) * $rails, $pipes->holds->document),
            $item('rail_to_pipe', 'Clamp of a rail on a pipe', 2 * $rails, $pipes->holds->document),
            $item('beam_pipe', $pipes->beam->name.', '.$printer->length($shape->width_m).' in all', 2, $pipes->beam->document),
            $item('tee', 'Tee of a post', count($posts), $pipes->holds->document),
            $item(
                'post_pipe',
                "{$pipes->post->name}, {$printer->length($pipes->post->stock->toMetres())}",
                count(self::bars($posts, $pipes)),
                $pipes->post->document,
            ),
            $item(
                'concrete',
                $design->table->footing->bag->words(),
                (int) ceil(array_sum(array_map(static fn (TablePost $post): float => $post->bags, $posts)) - 1e-9),
            ),
        ];
    }

    /** How long a piece of pipe a post is made of. */
    public static function piece_m(TablePost $post, PipeTable $pipes): float
    {
        return $post->cut_m + ($pipes->cut === CutWhen::InPlace ? self::SPARE_M : 0.0);
    }

    /** @param list<TablePost> $posts */
    public static function fits(array $posts, PipeTable $pipes): bool
    {
        return array_filter($posts, static fn (TablePost $post): bool => self::piece_m($post, $pipes) > $pipes->post->stock->toMetres() + 1e-9) === [];
    }

    /**
     * Posts by length of pipe, as few as a search finds. An eighth of an inch goes with each cut.
     *
     * @param list<TablePost> $posts
     *
     * @return list<list<string>> Ids; none where one is longer than a length
     */
    public static function bars(array $posts, PipeTable $pipes): array
    {
        if (!self::fits($posts, $pipes)) {
            return [];
        }
        $stock_m = $pipes->post->stock->toMetres();
        $units = static fn (float $length_m): int => (int) ceil($length_m / self::UNIT_M - 1e-6);
        $kerf = $units(0.0254 / 8);
        [$bars] = LeastStock::of(
            array_map(static fn (TablePost $post): int => $units(self::piece_m($post, $pipes)) + $kerf, $posts),
            (int) floor($stock_m / self::UNIT_M + 1e-6) + $kerf,
        );

        return array_map(static fn (array $bar): array => array_map(static fn (int $piece): string => $posts[$piece]->id, $bar), $bars);
    }
}

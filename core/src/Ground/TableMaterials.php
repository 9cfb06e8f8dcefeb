<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\BeamJoints;
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
            $item(
                'beam_pipe',
                "{$pipes->beam->name}, {$printer->length($pipes->beam->stock->toMetres())}",
                count(self::packed([...self::beamPieces_m($pipes, $shape), ...self::beamPieces_m($pipes, $shape)], $pipes->beam->stock->toMetres())),
                $pipes->beam->document,
            ),
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

    /**
     * Posts by length of pipe, as few as a search finds. An eighth of an inch goes with each cut.
     *
     * @param list<TablePost> $posts
     *
     * @return list<list<string>> Ids; none where one is longer than a length
     */
    public static function bars(array $posts, PipeTable $pipes): array
    {
        $bars = self::packed(array_map(static fn (TablePost $post): float => self::piece_m($post, $pipes), $posts), $pipes->post->stock->toMetres());

        return array_map(static fn (array $bar): array => array_map(static fn (int $piece): string => $posts[$piece]->id, $bar), $bars);
    }

    /** @return list<float> Of one pipe that carries the rails: whole, or from one inner post to the next */
    public static function beamPieces_m(PipeTable $pipes, TableShape $shape): array
    {
        $inner_m = $pipes->joints === BeamJoints::None ? [] : array_slice($shape->posts_m, 1, -1);
        $ends_m = [...$inner_m, $shape->width_m];

        return array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, [0.0, ...$inner_m], $ends_m);
    }

    /**
     * @param list<float> $pieces_m
     *
     * @return list<list<int>> Pieces by length of pipe; none where one is longer than that
     */
    private static function packed(array $pieces_m, float $stock_m): array
    {
        if (max([0.0, ...$pieces_m]) > $stock_m + 1e-9) {
            return [];
        }
        $units = static fn (float $length_m): int => (int) ceil($length_m / self::UNIT_M - 1e-6);
        $kerf = $units(0.0254 / 8);
        [$bars] = LeastStock::of(array_map(static fn (float $piece_m): int => $units($piece_m) + $kerf, $pieces_m), (int) floor($stock_m / self::UNIT_M + 1e-6) + $kerf);

        return $bars;
    }
}

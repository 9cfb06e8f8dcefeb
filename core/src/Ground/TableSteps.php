<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\CutWhen;
use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;

/** The steps of a table in working order, with the cautions that belong to each; texts are in the messages. */
final class TableSteps
{
    /** So much hotter and colder than which the wait is told. */
    private const TOLD_CELSIUS = [23.0, 10.0];

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}>
     */
    public static function of(TableDesign $design, PipeTable $pipes, TableShape $shape, array $posts): array
    {
        if ($posts === []) {
            return [];
        }
        $services = $design->table->services;
        [$warm, $cool] = array_map(static fn (float $celsius): int => (int) ceil(Curing::days($celsius) ?? 0.0), self::TOLD_CELSIUS);
        $depth_m = $posts[0]->depth_m;
        $step = static fn (
            string $code,
            array $values = [],
            string ...$cautions,
        ): array => ['code' => "table_$code", 'values' => $values, 'cautions' => array_values($cautions)];

        /** @var list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> $steps */
        $steps = [
            $step('services', ['ticket' => $services->ticket ?? '–', 'expires' => $services->expires ?? '–'], 'buried', 'power_lines'),
            $step('stakes', ['posts' => count($posts), 'apart_m' => $shape->between_m]),
            $step('square', ['bay_m' => 0.0254 / 4, 'whole_m' => 0.0254 / 2]),
            $step('holes', ['posts' => count($posts), 'hole_m' => $design->table->footing->hole->toMetres(), 'depth_m' => $depth_m], 'auger', 'open_ground'),
            $step('inspected', $pipes->cut === CutWhen::Before ? ['within_m' => 0.0254 / 8] : ['within_m' => 0.0254]),
            $step($pipes->cut === CutWhen::Before ? 'set_cut' : 'set_long', ['posts' => count($posts)]),
            $step(
                'pour',
                ['bags' => $posts[0]->bags, 'all' => (int) ceil(array_sum(array_map(static fn (TablePost $post): float => $post->bags, $posts)) - 1e-9)],
                'cement',
                'cold_pour',
            ),
            $step('wait', ['warm' => $warm, 'cool' => $cool]),
            ...$pipes->cut === CutWhen::Before ? [] : [$step('cut', [], 'saw')],
            $step('pipes', ['rise_m' => $shape->rise_m]),
            $step('rails', ['rails' => count($shape->rails_m), 'at_m' => $shape->railAt_m], 'saw'),
            $step('modules', ['modules' => $design->table->rows * $design->table->columns], 'wind_on_modules', 'lifting', 'electric'),
            $step('torque', [], 'makers_torque'),
        ];

        return $steps;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;

/** Steps that the work on tables of several kinds has alike, each with the cautions that belong to it; texts are in the messages. */
final class Steps
{
    /** So much hotter and colder than which the wait for concrete is told. */
    private const TOLD_CELSIUS = [23.0, 10.0];

    /**
     * @param array<string, float|int|string> $values
     *
     * @return array{code: string, values: array<string, float|int|string>, cautions: list<string>}
     */
    public static function one(string $code, array $values = [], string ...$cautions): array
    {
        return ['code' => "table_$code", 'values' => $values, 'cautions' => array_values($cautions)];
    }

    /** @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> Before anything goes into the ground */
    public static function before(TableDesign $design): array
    {
        $services = $design->table->services;

        return [self::one('services', ['ticket' => $services->ticket ?? '–', 'expires' => $services->expires ?? '–'], 'buried', 'power_lines')];
    }

    /** @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> Of stakes in one line or in two */
    public static function stakes(int $posts, float $apart_m): array
    {
        return $apart_m <= 0.0
            ? [self::one($posts === 1 ? 'stake' : 'stakes_in_line', ['posts' => $posts])]
            : [
                self::one('stakes', ['posts' => $posts, 'apart_m' => $apart_m]),
                self::one('square', ['bay_m' => 0.0254 / 4, 'whole_m' => 0.0254 / 2]),
            ];
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> Holes, and concrete round posts that stand in them
     */
    public static function concrete(TableDesign $design, array $posts, string $set, float $within_m): array
    {
        return [
            self::one('holes', [
                'posts' => count($posts), 'hole_m' => $design->table->footing->hole->toMetres(), 'depth_m' => $posts[0]->depth_m,
            ], 'auger', 'open_ground'),
            self::one('inspected', ['within_m' => $within_m]),
            self::one($set, ['posts' => count($posts)]),
            self::one('pour', ['bags' => $posts[0]->bags ?? 0.0, 'all' => (int) ceil(TablePost::bagsOf($posts) - 1e-9)], 'cement', 'cold_pour'),
            self::waiting(),
        ];
    }

    /** @return array{code: string, values: array<string, float|int|string>, cautions: list<string>} How long concrete stands before it is loaded */
    public static function waiting(): array
    {
        [$warm, $cool] = array_map(static fn (float $celsius): int => (int) ceil(Curing::days($celsius) ?? 0.0), self::TOLD_CELSIUS);

        return self::one('wait', ['warm' => $warm, 'cool' => $cool]);
    }

    /** @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> */
    public static function modules(TableDesign $design): array
    {
        return [
            self::one('modules', ['modules' => $design->table->rows * $design->table->columns], 'wind_on_modules', 'lifting', 'electric'),
            self::one('torque', [], 'makers_torque'),
        ];
    }
}

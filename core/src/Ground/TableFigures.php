<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;

/** The figures of a table by path, so that every one of them can be asked why. */
final class TableFigures
{
    private const ROOF = 'ASCE/SEI 7-16, §30.7, Fig. 30.7-1';
    private const GROUND = 'IBC 2018, §1807.3.2.1, Table 1806.2';
    private const STEEL = 'AISC 360-16, chs. E3, F8, G5, H1';

    /** Where the height of the wind comes from, on a table. */
    public static function height(Figures $figures): void
    {
        $kh = $figures->at('loads/kh');
        if ($kh !== null) {
            $from = array_values(array_diff($kh->from, ['/site/mean_roof_height_m']));
            $figures->add('loads/kh', new Figure($kh->code, $kh->values, $kh->source, $kh->confidence, [
                '/table/racking/front_height_m', '/table/tilt_rad', ...$from,
            ]));
        }
    }

    /** @param array<string, TableCheck> $checks By path */
    public static function write(Figures $figures, TableDesign $design, TableShape $shape, PostInGround $ground, array $checks, float $depth_m): void
    {
        $heights_m = [];
        foreach ($shape->posts_m as $post => $x_m) {
            $heights_m[TablePost::name($post, 1)] = $shape->front_m[$post];
            $heights_m[TablePost::name($post, 2)] = $shape->rear_m[$post];
        }
        foreach ($checks as $path => $check) {
            $values = ['value' => $check->ratio, "demand_{$check->unit}" => $check->demand_si, "capacity_{$check->unit}" => $check->capacity_si]
                + ($check->case?->values() ?? []);
            $height_m = $heights_m[$check->place] ?? 0.0;
            $wind = $check->case !== null && str_starts_with($check->case->wind, 'open_wind.') && $figures->at('loads/'.$check->case->wind) !== null
                ? ['loads/'.$check->case->wind] : ['loads/qh'];
            [$more, $source, $from] = match ($check->what) {
                'sideways' => [[
                    'height_m' => $height_m, 'depth_m' => $depth_m, 'hole_m' => $ground->hole_m, 'side_Pa' => $ground->side_Pa($depth_m),
                ], self::GROUND, [
                    '/table/soil/kind', '/table/footing/hole_m', '/table/racking/front_height_m', "coefficient:ibc_2018/soils/lateral/{$ground->soil}",
                ]],
                'lift' => [['depth_m' => $depth_m, 'hole_m' => $ground->hole_m], null, [
                    '/table/soil/kind', '/table/soil/frost_depth_m', '/table/footing/hole_m', 'coefficient:practice/concrete/concrete_pcf',
                ]],
                'press' => [['depth_m' => $depth_m, 'hole_m' => $ground->hole_m], 'IBC 2018, Table 1806.2', [
                    '/table/soil/kind', '/table/footing/hole_m', "coefficient:ibc_2018/soils/bearing/{$ground->soil}",
                ]],
                'bend', 'shear', 'sway' => [
                    ['height_m' => $height_m], self::STEEL,
                    ['/table/racking/post/outside_m', '/table/racking/post/wall_m', '/table/racking/post/yield_Pa'],
                ],
                'beam' => [
                    [], self::STEEL,
                    ['/table/racking/beam/outside_m', '/table/racking/beam/wall_m', '/table/racking/beam/yield_Pa', '/table/racking/posts'],
                ],
                'module_up', 'module_down', 'clamp' => [
                    ['at_m' => $shape->railAt_m], self::ROOF,
                    ['/module/length_m', '/module/width_m', '/module/mass_kg', ...$check->what === 'clamp' ? ['/table/racking/holds/clamp_up_N'] : []],
                ],
                'rail' => [[], self::ROOF, ['/table/racking/front_pipe_m', '/table/racking/between_m', '/table/racking/holds/rail_moment_Nm']],
                'rail_up' => [[], self::ROOF, ['/table/racking/front_pipe_m', '/table/racking/between_m', '/table/racking/holds/rail_up_N']],
                'rail_along' => [[], null, ['/table/tilt_rad', '/table/racking/dead_Pa', '/table/racking/holds/rail_along_N']],
                'tee_up' => [[], null, ['/table/racking/holds/tee_up_N']],
                default => [[], null, ['/table/racking/holds/tee_across_N']],
            };
            $isOfWind = !in_array($check->what, ['rail_along'], true);
            $figures->add($path, new Figure("table_{$check->what}", $values + $more + ['place' => $check->place], $source, null, [
                ...$from, ...$isOfWind ? $wind : ['loads/ps'], ...($check->case->snow ?? TableCases::NO_SNOW) !== TableCases::NO_SNOW ? ['loads/ps'] : [],
            ], listed: false));
        }
    }
}

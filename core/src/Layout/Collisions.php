<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Plan\Finding;

/** What the modules run into: edges, overhangs, setbacks and no-work areas, each with by how much. */
final class Collisions
{
    private const TOLERANCE_M = 1e-6;

    /**
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return list<Finding>
     */
    public static function of(Design $design, array $rows): array
    {
        if ($rows === []) {
            return [];
        }

        return [...self::edges($design, $rows), ...self::noWork($design, $rows)];
    }

    /**
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return list<Finding>
     */
    private static function edges(Design $design, array $rows): array
    {
        $surface = $design->surface;
        $setbacks = $surface->setbacks;
        $block = $design->block;
        [$left_m, $right_m, $low_m, $high_m] = self::extent($design, $rows);
        $h2_m = 2 * $block->topAboveRoof->toMetres();
        $beyond = [
            'left' => [$left_m, $setbacks->left, $surface->leftRakeOverhang],
            'right' => [$surface->width->toMetres() - $right_m, $setbacks->right, $surface->rightRakeOverhang],
            'eave' => [$low_m, $setbacks->eave, $surface->eaveOverhang],
            'ridge' => [$surface->slopeLength->toMetres() - $high_m, $setbacks->ridge, null],
        ];
        $findings = [];
        foreach ($beyond as $edge => [$margin_m, $setback, $overhang]) {
            $at = '/block/'.($edge === 'left' || $edge === 'right' ? 'x_m' : 'y_m');
            if ($margin_m < -self::TOLERANCE_M) {
                $findings[] = Finding::stop('outside_surface', $at, ['edge' => $edge, 'by_m' => -$margin_m]);
                continue;
            }
            if ($margin_m < $h2_m - self::TOLERANCE_M) {
                $findings[] = Finding::stop('too_near_edge', $at, ['edge' => $edge, 'by_m' => $h2_m - $margin_m, 'least_m' => $h2_m]);
            }
            if ($margin_m < $setback->toMetres() - self::TOLERANCE_M) {
                $findings[] = Finding::stop('across_setback', $at, ['edge' => $edge, 'by_m' => $setback->toMetres() - $margin_m]);
            }
            if ($overhang !== null && $margin_m < $overhang->toMetres() - self::TOLERANCE_M) {
                $findings[] = Finding::refusal('over_overhang', $at, ['edge' => $edge, 'by_m' => $overhang->toMetres() - $margin_m]);
            }
        }

        return $findings;
    }

    /**
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return array{float, float, float, float} Left, right, lower and upper edge of what is really there
     */
    private static function extent(Design $design, array $rows): array
    {
        $left_m = $low_m = INF;
        $right_m = $high_m = -INF;
        foreach ($rows as $spots) {
            foreach ($spots as $spot) {
                $left_m = min($left_m, $spot->x_m);
                $right_m = max($right_m, $spot->x_m + $design->module->width->toMetres());
                $low_m = min($low_m, $spot->y_m);
                $high_m = max($high_m, $spot->y_m + $design->module->length->toMetres());
            }
        }

        return [$left_m, $right_m, $low_m, $high_m];
    }

    /**
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return list<Finding>
     */
    private static function noWork(Design $design, array $rows): array
    {
        $findings = [];
        $areas = [];
        foreach ($design->surface->noWorkRectangles as $index => $area) {
            $areas["/surface/no_work_rectangles/$index"] = $area;
        }
        foreach ($design->surface->noWorkCircles as $index => $area) {
            $areas["/surface/no_work_circles/$index"] = $area;
        }
        foreach ($areas as $at => $area) {
            $worst_m = 0.0;
            $modules = [];
            foreach ($rows as $spots) {
                foreach ($spots as $spot) {
                    $short_m = $area->clearance->toMetres() - NoWork::distance_m(
                        $area,
                        $spot->x_m,
                        $spot->y_m,
                        $spot->x_m + $design->module->width->toMetres(),
                        $spot->y_m + $design->module->length->toMetres(),
                    );
                    if ($short_m > self::TOLERANCE_M) {
                        $worst_m = max($worst_m, $short_m);
                        $modules[] = $spot->row.'.'.$spot->column;
                    }
                }
            }
            if ($modules !== []) {
                $findings[] = Finding::stop('over_no_work_area', $at, [
                    'area' => $area->id, 'kind' => $area->kind->value, 'by_m' => $worst_m, 'modules' => implode(', ', $modules),
                ]);
            }
        }

        return $findings;
    }
}

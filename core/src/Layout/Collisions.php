<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Load\Asce7\Edition;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Length;

/** What the modules run into: edges, overhangs, setbacks and no-work areas, each with by how much. */
final class Collisions
{
    private const TOLERANCE_M = 1e-6;

    /**
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return list<Finding>
     */
    public static function of(Design $design, array $rows, Coefficients $coefficients): array
    {
        if ($rows === []) {
            return [];
        }

        return [...self::edges($design, $rows, $coefficients), ...self::noWork($design, $rows)];
    }

    /**
     * Blocks that lie on each other, or nearer than modules may.
     *
     * Source: ¼ in as between modules, ASCE/SEI 7-16, §29.4.4; recalled; taken under every standard.
     *
     * @param non-empty-list<Placement> $placements By block
     *
     * @return list<Finding>
     */
    public static function between(Design $design, array $placements, Coefficients $coefficients): array
    {
        $least_m = Length::ofInches($coefficients->look(Edition::of($design->site->standard)->table('panels'), 'least_gap_in')->value)->toMetres();
        $findings = [];
        foreach ($placements as $index => $placement) {
            foreach (array_slice($placements, 0, $index) as $before => $other) {
                $apart_m = $placement->apart_m($other);
                if ($apart_m < $least_m - self::TOLERANCE_M) {
                    $findings[] = Finding::of(
                        Code::BlocksTooNear,
                        '/block/x_m',
                        ['one' => $before + 1, 'other' => $index + 1, 'by_m' => $least_m - $apart_m, 'least_m' => $least_m],
                    );
                }
            }
        }

        return $findings;
    }

    /**
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return list<Finding>
     */
    private static function edges(Design $design, array $rows, Coefficients $coefficients): array
    {
        $surface = $design->surface;
        $setbacks = $surface->setbacks;
        $h2_m = self::fromEdges_m($design, $coefficients);
        if ($surface->outline !== []) {
            return self::near(self::ofOutline($design, $rows, $h2_m));
        }
        [$left_m, $right_m, $low_m, $high_m] = self::margins($design, $rows);
        $beyond = [
            // A hip has no overhang of its own.
            'left' => [$left_m, $setbacks->left, $surface->leftHip->toMetres() > 0.0 ? null : $surface->leftRakeOverhang],
            'right' => [$right_m, $setbacks->right, $surface->rightHip->toMetres() > 0.0 ? null : $surface->rightRakeOverhang],
            'eave' => [$low_m, $setbacks->eave, $surface->eaveOverhang],
            'ridge' => [$high_m, $setbacks->ridge, null],
        ];

        return self::near(array_map(
            static fn (string $edge, array $one): array => [
                $edge,
                '/block/'.($edge === 'left' || $edge === 'right' ? 'x_m' : 'y_m'),
                $one[0],
                $h2_m,
                $one[1],
                $one[2],
            ],
            array_keys($beyond),
            $beyond,
        ));
    }

    /**
     * The same along an outline by its corners: how far the modules are from each edge, or beyond the one that is nearest.
     *
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return list<array{string, string, float, float, Length, Length|null}> As near() takes them
     */
    private static function ofOutline(Design $design, array $rows, float $h2_m): array
    {
        $outline = Outline::of($design->surface);
        if ($outline->trouble() !== null) {
            return [];
        }
        $polygon = $outline->polygon();
        $margins_m = array_fill(0, count($outline->given), INF);
        foreach (array_merge(...array_map(array_values(...), array_values($rows))) as $spot) {
            $box = [$spot->x_m, $spot->y_m, $spot->x_m + $design->moduleAcross()->toMetres(), $spot->y_m + $design->moduleUp()->toMetres()];
            [$beyond_m, $over] = $polygon->beyond_m($box);
            foreach ($polygon->edges() as $edge => $ends) {
                $margins_m[$edge] = min(
                    $margins_m[$edge],
                    $beyond_m > self::TOLERANCE_M ? ($edge === $over ? -$beyond_m : INF) : Polygon::apart_m($ends, $box),
                );
            }
        }
        $near = [];
        foreach ($outline->given as $edge => $corner) {
            $least_m = $corner->edge->keepsOff() ? $h2_m : 0.0;
            $near[] = [
                $corner->edge->value.' '.($edge + 1),
                '/block/x_m',
                $margins_m[$edge],
                $least_m,
                $corner->setback,
                $corner->edge->isOuter() ? $corner->overhang : null,
            ];
        }

        return $near;
    }

    /**
     * Edges: name, where the cure is, what is left to it, the least, the setback, the overhang.
     *
     * @param list<array{string, string, float, float, Length, Length|null}> $edges
     *
     * @return list<Finding>
     */
    private static function near(array $edges): array
    {
        $findings = [];
        foreach ($edges as [$edge, $at, $margin_m, $h2_m, $setback, $overhang]) {
            if ($margin_m < -self::TOLERANCE_M) {
                $findings[] = Finding::of(Code::OutsideSurface, $at, ['edge' => $edge, 'by_m' => -$margin_m]);
                continue;
            }
            if ($margin_m < $h2_m - self::TOLERANCE_M) {
                $findings[] = Finding::of(Code::TooNearEdge, $at, ['edge' => $edge, 'by_m' => $h2_m - $margin_m, 'least_m' => $h2_m]);
            }
            if ($margin_m < $setback->toMetres() - self::TOLERANCE_M) {
                $findings[] = Finding::of(Code::AcrossSetback, $at, ['edge' => $edge, 'by_m' => $setback->toMetres() - $margin_m]);
            }
            if ($overhang !== null && $margin_m < $overhang->toMetres() - self::TOLERANCE_M) {
                $findings[] = Finding::of(Code::OverOverhang, $at, ['edge' => $edge, 'by_m' => $overhang->toMetres() - $margin_m]);
            }
        }

        return $findings;
    }

    /**
     * How far modules parallel to the roof stay from its edges: 2·h2 by ASCE/SEI 7, and as much under other standards, which know no such clause. Of those
     * on legs who gives the pressures says how far.
     */
    public static function fromEdges_m(Design $design, Coefficients $coefficients): float
    {
        if ($design->overRoof_rad() > 0.0) {
            return 0.0;
        }
        $table = Edition::of($design->site->standard)->table('panels');
        $asked = $design->site->standard->isAsce7() && $design->given === null;

        return ($asked ? $coefficients->value(
            $table,
            'edge_in_h2',
        ) : $coefficients->look($table, 'edge_in_h2')->value) * $design->block->topAboveRoof->toMetres();
    }

    /**
     * @param array<int, array<int, ModuleSpot>> $rows
     *
     * @return array{float, float, float, float} What is left to the left, right, lower and upper edge, square to it
     */
    private static function margins(Design $design, array $rows): array
    {
        $outline = Outline::of($design->surface);
        $left_m = $right_m = $low_m = $high_m = INF;
        foreach ($rows as $spots) {
            foreach ($spots as $spot) {
                $top_m = $spot->y_m + $design->moduleUp()->toMetres();
                $side_m = $spot->x_m + $design->moduleAcross()->toMetres();
                // Hips lean in: the upper corners are the nearer ones.
                $left_m = min($left_m, $outline->fromLeft_m($spot->x_m, $top_m));
                $right_m = min($right_m, $outline->fromRight_m($side_m, $top_m));
                $low_m = min($low_m, $spot->y_m);
                $high_m = min($high_m, $outline->length_m - $top_m);
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
                        $spot->x_m + $design->moduleAcross()->toMetres(),
                        $spot->y_m + $design->moduleUp()->toMetres(),
                    );
                    if ($short_m > self::TOLERANCE_M) {
                        $worst_m = max($worst_m, $short_m);
                        $modules[] = $spot->row.'.'.$spot->column;
                    }
                }
            }
            if ($modules !== []) {
                $findings[] = Finding::of(Code::OverNoWorkArea, $at, [
                    'area' => $area->id, 'kind' => $area->kind->value, 'by_m' => $worst_m, 'modules' => implode(', ', $modules),
                ]);
            }
        }

        return $findings;
    }
}

<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Surface\Corner;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\Surface\SnowFeature;
use Garnetine\Core\Framing\Member;
use Garnetine\Core\Framing\Purlin;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Load\ZoneWind;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\BlockPlan;
use Garnetine\Core\Plan\Plan;

/**
 * Numbers for the drawing of the surface, in metres, and the texts of its dimension lines.
 *
 * @phpstan-import-type Tone from Standing
 *
 * Along the eave, up the slope, in m.
 *
 * @phpstan-type XY array{float, float}
 * @phpstan-type DimensionMark array{
 *     from_m: float,
 *     to_m: float,
 *     text: string,
 * }
 * @phpstan-type Sheet array{
 *     width_m: float,
 *     length_m: float,
 *     outline: list<XY>,
 *     // Names of its edges, where it is drawn by its corners.
 *     edges: list<string>,
 *     kept_free: list<XY>,
 *     zones: list<array{zone: string, density: int, corners: list<XY>}>,
 *     members: list<array{number: int, x_m: float, from_m: float, top_m: float, plies: int}>,
 *     // Along the eave, with members then the ribs of the sheet over them.
 *     purlins: list<array{number: int, y_m: float, from_m: float, to_m: float}>,
 *     // Heights of their middles.
 *     battens_m: list<float>,
 *     lap: array{from_m: float, to_m: float, shift_m: float}|null,
 *     module: array{width_m: float, length_m: float},
 *     modules: list<array{row: int, column: int, x_m: float, y_m: float, word: Tone, exposed: bool}>,
 *     left_out: list<array{row: int, column: int, x_m: float, y_m: float}>,
 *     // The other blocks of the surface.
 *     beside: list<array{
 *         number: int,
 *         width_m: float,
 *         length_m: float,
 *         modules: list<array{row: int, column: int, x_m: float, y_m: float, word: Tone, exposed: bool}>,
 *     }>,
 *     no_work: list<array{
 *         id: string,
 *         round: bool,
 *         path: bool,
 *         x_m: float,
 *         y_m: float,
 *         width_m: float,
 *         height_m: float,
 *         clearance_m: float,
 *     }>,
 *     tall: list<array{id: string, x_m: float, y_m: float, width_m: float, length_m: float}>,
 *     holes: list<array{id: string, kind: string, x_m: float, y_m: float}>,
 *     dimensions: array{across: list<list<DimensionMark>>, up: list<list<DimensionMark>>},
 *     // Of what hangs under the modules, along its rail.
 *     box_m: float,
 * }
 */
final class SheetView
{
    /**
     * @param int $number Of the block in view, from 1
     *
     * @return Sheet
     */
    public static function of(Plan $plan, int $number = 1): array
    {
        $seen = $plan->blocks[$number - 1];
        $surface = $plan->design->surface;
        $lap = $surface->framing->lap;
        $outline = Outline::of($surface);

        return [
            'width_m' => $surface->width->toMetres(), 'length_m' => $surface->slopeLength->toMetres(),
            'zones' => self::zones($plan),
            'outline' => $outline->corners(),
            'edges' => array_map(
                static fn (Corner $corner): string => Texts::of($plan->design)->choice('/surface/outline/0/edge', $corner->edge->value),
                $outline->given,
            ),
            'kept_free' => $outline->given !== [] ? $outline->polygon()->inset(array_map(
                static fn (Corner $corner): float => $corner->setback->toMetres(),
                $outline->given,
            )) : $outline->inside(
                $surface->setbacks->left->toMetres(
                ),
                $surface->setbacks->right->toMetres(),
                $surface->setbacks->eave->toMetres(),
                $surface->setbacks->ridge->toMetres(),
            ),
            'members' => array_map(
                static fn (Member $member): array => [
                    'number' => $member->number,
                    'x_m' => $member->x_m,
                    'from_m' => $member->from_m,
                    'top_m' => $outline->given !== [] ? $member->to_m : min($member->to_m, $outline->top_m($member->x_m)),
                    'plies' => $member->plies,
                ],
                $plan->members->members,
            ),
            'purlins' => array_map(static fn (Purlin $one): array => [
                'number' => $one->number, 'y_m' => $one->y_m, 'from_m' => $one->from_m,
                'to_m' => min($one->to_m, $surface->width->toMetres()),
            ], $plan->members->purlins->purlins ?? []),
            'battens_m' => Course::of($surface)?->battens_m($surface->slopeLength) ?? [],
            'lap' => $lap === null ? null : ['from_m' => $lap->from->toMetres(), 'to_m' => $lap->to->toMetres(), 'shift_m' => $lap->shift->toMetres()],
            'module' => ['width_m' => $seen->placement->width_m, 'length_m' => $seen->placement->length_m],
            'modules' => self::modules($seen),
            'left_out' => self::leftOut($seen),
            'beside' => self::beside($plan, $number),
            'no_work' => self::noWork($plan),
            'tall' => array_map(static fn (SnowFeature $feature): array => [
                'id' => $feature->id, 'x_m' => $feature->x->toMetres(), 'y_m' => $feature->y->toMetres(), 'width_m' => $feature->width->toMetres(),
                'length_m' => $feature->length->toMetres(),
            ], $surface->snowFeatures),
            'holes' => array_map(
                static fn ($hole): array => ['id' => $hole->id, 'kind' => $hole->kind->value, 'x_m' => $hole->x->toMetres(), 'y_m' => $hole->y->toMetres()],
                $plan->design->surface->penetrations,
            ),
            'dimensions' => self::dimensions($seen),
            'box_m' => $plan->design->kit->under?->length->toMetres() ?? 0.0,
        ];
    }

    /** @return Sheet['zones'] */
    private static function zones(Plan $plan): array
    {
        if ($plan->loads === null || $plan->loads->winds === []) {
            return [];
        }
        $area_m2 = $plan->blocks[0]->placement->width_m * $plan->blocks[0]->placement->length_m;
        $suctions = array_map(static fn (ZoneWind $wind): float => $wind->exposed->at_Pa($area_m2), $plan->loads->winds);
        [$least, $range] = [min($suctions), max(1e-9, max($suctions) - min($suctions))];
        $zones = [];
        foreach ($plan->loads->zones->parts() as $part) {
            // The engraved hatching comes in six densities.
            $zones[] = ['density' => (int) round(5 * (($suctions[$part['zone']] ?? $least) - $least) / $range)] + $part;
        }

        return $zones;
    }

    /** @return Sheet['modules'] */
    private static function modules(BlockPlan $block): array
    {
        $modules = [];
        foreach ($block->placement->spots() as $index => $spot) {
            $ratio = ($block->modules[$index] ?? null)?->ratio();
            $modules[] = [
                'row' => $spot->row, 'column' => $spot->column, 'x_m' => $spot->x_m, 'y_m' => $spot->y_m,
                'word' => $ratio === null ? 'plain' : Texts::word(1 - $ratio), 'exposed' => $spot->isExposed(),
            ];
        }

        return $modules;
    }

    /** @return Sheet['beside'] The other blocks of the surface, by their numbers, with the sizes of their modules */
    private static function beside(Plan $plan, int $number): array
    {
        $others = array_values(array_filter($plan->blocks, static fn (BlockPlan $block): bool => $block->part->number !== $number));

        return array_map(static fn (BlockPlan $block): array => [
            'number' => $block->part->number, 'width_m' => $block->placement->width_m, 'length_m' => $block->placement->length_m,
            'modules' => self::modules($block),
        ], $others);
    }

    /** @return Sheet['left_out'] */
    private static function leftOut(BlockPlan $seen): array
    {
        $block = $seen->part->design->block;

        return array_map(static fn ($cell): array => [
            'row' => $cell->row, 'column' => $cell->column,
            'x_m' => $block->x->toMetres() + ($cell->column - 1) * ($seen->placement->width_m + $block->columnGap->toMetres()),
            'y_m' => $block->y->toMetres() + ($cell->row - 1) * ($seen->placement->length_m + $block->rowGap->toMetres()),
        ], $block->leftOut);
    }

    /** @return Sheet['no_work'] */
    private static function noWork(Plan $plan): array
    {
        $areas = [];
        foreach ($plan->design->surface->noWorkRectangles as $area) {
            $areas[] = [
                'id' => $area->id, 'round' => false, 'path' => $area->kind->isPath(), 'x_m' => $area->x->toMetres(), 'y_m' => $area->y->toMetres(),
                'width_m' => $area->width->toMetres(),
                'height_m' => $area->height->toMetres(), 'clearance_m' => $area->clearance->toMetres(),
            ];
        }
        foreach ($plan->design->surface->noWorkCircles as $area) {
            $r_m = $area->diameter->toMetres() / 2;
            $areas[] = [
                'id' => $area->id, 'round' => true, 'path' => false, 'x_m' => $area->x->toMetres() - $r_m, 'y_m' => $area->y->toMetres() - $r_m,
                'width_m' => 2 * $r_m,
                'height_m' => 2 * $r_m, 'clearance_m' => $area->clearance->toMetres(),
            ];
        }

        return $areas;
    }

    /** @return Sheet['dimensions'] Chains of {from_m, to_m, text} */
    private static function dimensions(BlockPlan $seen): array
    {
        $printer = $seen->part->design->printer();
        $block = $seen->part->design->block;
        $width_m = $block->columns * $seen->placement->width_m + ($block->columns - 1) * $block->columnGap->toMetres();
        $height_m = $block->rows * $seen->placement->length_m + ($block->rows - 1) * $block->rowGap->toMetres();
        $chain = static function (array $stops) use ($printer): array {
            $parts = [];
            for ($index = 1; $index < count($stops); ++$index) {
                if ($stops[$index] > $stops[$index - 1]) {
                    $parts[] = ['from_m' => $stops[$index - 1], 'to_m' => $stops[$index], 'text' => $printer->tape($stops[$index] - $stops[$index - 1])];
                }
            }

            return $parts;
        };
        $x_m = $block->x->toMetres();
        $y_m = $block->y->toMetres();
        $whole = static fn (float $size_m): array => [['from_m' => 0.0, 'to_m' => $size_m, 'text' => $printer->tape($size_m)]];
        $surface = $seen->part->design->surface;

        return [
            'across' => [$chain([0.0, $x_m, $x_m + $width_m, $surface->width->toMetres()]), $whole($surface->width->toMetres())],
            'up' => [$chain([0.0, $y_m, $y_m + $height_m, $surface->slopeLength->toMetres()]), $whole($surface->slopeLength->toMetres())],
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Plan\Plan;

/**
 * Planes with their modules, small, from above and side by side: eaves down, in hundredths of the largest side of all. Outline and
 * modules are paths to be filled; of a module the lower left corner is given, and its block from 1.
 *
 * Planes with their modules, small and from above.
 *
 * @phpstan-type RoofDrawn array{width: int, height: int, outline: string, modules: string}
 * @phpstan-type Modules list<array{block: int, x_m: float, y_m: float}>
 */
final class RoofDrawing
{
    /** Of more modules nothing would be seen. */
    private const DRAWN = 150;
    private const GAP = 6;

    /**
     * @param list<array{Design, Modules}> $planes At least one
     *
     * @return RoofDrawn|null Null for so many modules that nothing would be seen
     */
    public static function of(array $planes): ?array
    {
        if (array_sum(array_map(static fn (array $plane): int => count($plane[1]), $planes)) > self::DRAWN) {
            return null;
        }
        $largest_m = max([0.0, ...array_map(
            static fn (array $plane): float => max($plane[0]->surface->width->toMetres(), $plane[0]->surface->slopeLength->toMetres()),
            $planes,
        )]);
        $of = static fn (float $size_m): int => (int) round(100 * $size_m / $largest_m);
        $height = max([0, ...array_map(static fn (array $plane): int => $of($plane[0]->surface->slopeLength->toMetres()), $planes)]);
        [$left, $outline, $modules] = [0, '', ''];
        foreach ($planes as [$design, $spots]) {
            $at = static fn (float $x_m, float $y_m): string => ($left + $of($x_m)).' '.($height - $of($y_m));
            $module = array_map(static function (BlockPart $part) use ($of): string {
                [$across, $up] = [$of($part->design->moduleAcross()->toMetres()), $of($part->design->moduleUp()->toMetres())];

                return "h{$across}v-{$up}h-{$across}z";
            }, $design->parts());
            $outline .= 'M'.implode('L', array_map(static fn (array $corner): string => $at(...$corner), Outline::of($design->surface)->corners())).'z';
            $modules .= implode('', array_map(static fn (array $spot): string => 'M'.$at($spot['x_m'], $spot['y_m']).$module[$spot['block'] - 1], $spots));
            $left += $of($design->surface->width->toMetres()) + self::GAP;
        }

        return ['width' => $left - self::GAP, 'height' => $height, 'outline' => $outline, 'modules' => $modules];
    }

    /**
     * Tables, as planes are drawn: their low edges down.
     *
     * @param list<TableDesign> $tables At least one
     *
     * @return RoofDrawn|null
     */
    public static function ofTables(array $tables): ?array
    {
        if (array_sum(array_map(static fn (TableDesign $one): int => $one->table->rows * $one->table->columns, $tables)) > self::DRAWN) {
            return null;
        }
        $sizes = array_map(static fn (TableDesign $one): array => [
            $one->table->columns * $one->moduleAcross()->toMetres() + ($one->table->columns - 1) * $one->table->columnGap->toMetres(),
            $one->table->rows * $one->moduleUp()->toMetres() + ($one->table->rows - 1) * $one->table->rowGap->toMetres(),
        ], $tables);
        $largest_m = max([0.0, ...array_merge(...$sizes)]);
        $of = static fn (float $size_m): int => (int) round(100 * $size_m / $largest_m);
        $height = max([0, ...array_map($of, array_column($sizes, 1))]);
        [$left, $outline, $modules] = [0, '', ''];
        foreach ($tables as $index => $one) {
            [$width, $long] = [$of($sizes[$index][0]), $of($sizes[$index][1])];
            $outline .= 'M'.$left.' '.$height."h{$width}v-{$long}h-{$width}z";
            [$across, $up] = [$of($one->moduleAcross()->toMetres()), $of($one->moduleUp()->toMetres())];
            for ($row = 0; $row < $one->table->rows; ++$row) {
                for ($column = 0; $column < $one->table->columns; ++$column) {
                    $x = $left + $of($column * ($one->moduleAcross()->toMetres() + $one->table->columnGap->toMetres()));
                    $y = $height - $of($row * ($one->moduleUp()->toMetres() + $one->table->rowGap->toMetres()));
                    $modules .= "M$x {$y}h{$across}v-{$up}h-{$across}z";
                }
            }
            $left += $width + self::GAP;
        }

        return ['width' => $left - self::GAP, 'height' => $height, 'outline' => $outline, 'modules' => $modules];
    }

    /** @return RoofDrawn|null Of the one plane that a plan is of */
    public static function ofPlan(Plan $plan): ?array
    {
        $spots = [];
        foreach ($plan->blocks as $block) {
            foreach (array_merge(...$block->placement->rows) as $spot) {
                $spots[] = ['block' => $block->part->number, 'x_m' => $spot->x_m, 'y_m' => $spot->y_m];
            }
        }

        return self::of([[$plan->design, $spots]]);
    }
}

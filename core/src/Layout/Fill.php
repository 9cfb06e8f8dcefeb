<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Load\Coefficients;

/**
 * The most modules that one block can lay on a surface, whichever way they lie: the grid is tried at many places, and cells that
 * have no room are left out.
 */
final readonly class Fill
{
    /** Places of the grid that are tried along the eave, and as many up the slope. */
    private const STEPS = 24;

    private const MOST = 200;

    /**
     * @param list<array{row: int, column: int}> $leftOut
     */
    private function __construct(
        public Orientation $orientation,
        public float $x_m,
        public float $y_m,
        public int $rows,
        public int $columns,
        public array $leftOut,
        public int $modules,
    ) {
    }

    /**
     * Places of the grid of the block in view with the most modules; nothing where none has room.
     *
     * @param int $most So many of them
     *
     * @return list<self>
     */
    public static function of(Design $design, Orientation $orientation, Coefficients $coefficients, int $most): array
    {
        $room = Room::of($design, $coefficients);
        [$across, $up] = $orientation === Orientation::Portrait ? [
            $design->module->width, $design->module->length,
        ] : [$design->module->length, $design->module->width];
        [$width_m, $length_m] = [$across->toMetres(), $up->toMetres()];
        [$stepX_m, $stepY_m] = [$width_m + $design->block->columnGap->toMetres(), $length_m + $design->block->rowGap->toMetres()];
        $mark_m = $design->units->roofMark_m();
        $counts = [];
        $turned = Copy::of($design, block: Copy::of($design->block, orientation: $orientation));
        $bands = $turned->block->arrangement->standsUpSlope() ? null : LineBands::of($turned);
        foreach ($bands === null ? self::places($stepY_m, $mark_m) : self::inBands($turned, $bands, $stepY_m, $mark_m) as $y0_m) {
            foreach (self::places($stepX_m, $mark_m) as $x0_m) {
                $counts[] = [
                    self::onRails($turned, $bands, $y0_m, $stepY_m, self::count($design, $room, $x0_m, $y0_m, $stepX_m, $stepY_m, $width_m, $length_m)),
                    $x0_m,
                    $y0_m,
                ];
            }
        }
        $best = max([0, ...array_map(static fn (array $one): int => count($one[0]), $counts)]);
        $equals = array_values(array_filter($counts, static fn (array $one): bool => $best > 0 && count($one[0]) === $best));
        $found = [];
        // Spread over all that are equal: feet go by where the members are.
        for ($place = 0; $place < min($most, count($equals)); ++$place) {
            [$cells, $x0_m, $y0_m] = $equals[intdiv($place * count($equals), min($most, count($equals)))];
            array_push($found, ...array_filter([self::block($orientation, $cells, $x0_m, $y0_m, $stepX_m, $stepY_m)]));
        }

        return $found;
    }

    /** @return list<float> */
    private static function places(float $step_m, float $mark_m): array
    {
        $places = [];
        for ($place = 0; $place < self::STEPS; ++$place) {
            $places[] = round($place * $step_m / self::STEPS / $mark_m) * $mark_m;
        }

        return array_values(array_unique($places));
    }

    /** @return list<float> Offsets of the grid at which the rails of some row lie in bands */
    private static function inBands(Design $design, LineBands $bands, float $step_m, float $mark_m): array
    {
        $places = [];
        foreach ($bands->heights_m($design, 1) as [$from_m, $to_m]) {
            foreach ([$from_m, ($from_m + $to_m) / 2, $to_m] as $at_m) {
                $mark = (int) round($at_m / $mark_m) * $mark_m;
                $at_m = $mark < $from_m ? $mark + $mark_m : ($mark > $to_m ? $mark - $mark_m : $mark);
                for ($y0_m = $at_m; $y0_m >= 0.0; $y0_m -= $step_m) {
                    $places[sprintf('%.6F', $y0_m)] = $y0_m;
                }
            }
        }

        return array_values($places);
    }

    /**
     * Without the rows whose rails would lie in no band, from the first of them on: a block has rows one above the other.
     *
     * @param list<array{int, int}> $cells
     *
     * @return list<array{int, int}>
     */
    private static function onRails(Design $design, ?LineBands $bands, float $y0_m, float $step_m, array $cells): array
    {
        if ($bands === null) {
            return $cells;
        }
        $lies = static fn (int $row): bool => array_filter(
            $bands->heights_m($design, 1),
            static fn (array $range): bool => $y0_m + $row * $step_m >= $range[0] - 1e-9 && $y0_m + $row * $step_m <= $range[1] + 1e-9,
        ) !== [];
        $kept = [];
        $has = false;
        for ($row = 0; $row <= max([-1, ...array_column($cells, 0)]); ++$row) {
            $ofRow = array_values(array_filter($cells, static fn (array $cell): bool => $cell[0] === $row));
            if ($ofRow !== [] && $lies($row)) {
                $has = true;
                array_push($kept, ...$ofRow);
            } elseif ($has) {
                break;
            }
        }

        return $kept;
    }

    /** @return list<array{int, int}> Rows and columns with room, from 0 */
    private static function count(Design $design, Room $room, float $x0_m, float $y0_m, float $stepX_m, float $stepY_m, float $width_m, float $length_m): array
    {
        $cells = [];
        for ($row = 0; ($y_m = $y0_m + $row * $stepY_m) + $length_m <= $design->surface->slopeLength->toMetres() + 1e-9; ++$row) {
            for ($column = 0; ($x_m = $x0_m + $column * $stepX_m) + $width_m <= $design->surface->width->toMetres() + 1e-9; ++$column) {
                if ($room->takes($x_m, $y_m, $x_m + $width_m, $y_m + $length_m)) {
                    $cells[] = [$row, $column];
                }
            }
        }

        return $cells;
    }

    /** @param non-empty-list<array{int, int}> $cells */
    private static function block(Orientation $orientation, array $cells, float $x0_m, float $y0_m, float $stepX_m, float $stepY_m): ?self
    {
        [$rows, $columns] = [array_column($cells, 0), array_column($cells, 1)];
        [$low, $left] = [min($rows), min($columns)];
        [$high, $wide] = [max($rows) - $low + 1, max($columns) - $left + 1];
        if ($high > self::MOST || $wide > self::MOST) {
            return null;
        }
        $has = array_fill_keys(array_map(static fn (array $cell): string => "$cell[0].$cell[1]", $cells), true);
        $out = [];
        for ($row = 1; $row <= $high; ++$row) {
            for ($column = 1; $column <= $wide; ++$column) {
                if (!isset($has[($low + $row - 1).'.'.($left + $column - 1)])) {
                    $out[] = ['row' => $row, 'column' => $column];
                }
            }
        }

        return new self($orientation, $x0_m + $left * $stepX_m, $y0_m + $low * $stepY_m, $high, $wide, $out, count($cells));
    }

    /** @return list<array{path: string, value: mixed}> Edits that make the block in view so */
    public function edits(): array
    {
        return array_map(static fn (string $path, mixed $value): array => ['path' => "/block/$path", 'value' => $value], [
            'orientation', 'rows', 'columns', 'x_m', 'y_m', 'left_out',
        ], [
            $this->orientation->value, $this->rows, $this->columns, $this->x_m, $this->y_m, $this->leftOut,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Built\Measured;

/**
 * Whether four stakes stand square, and which to move by how much. By the two diagonals alone the far line is so far off as their squares differ over four
 * times the front line; by all six tapes the corners are found by least squares, and one of them is moved where the planned rectangle fits the other three.
 *
 * Source: geometry. Tolerances: common practice and choices, see the constants.
 */
final readonly class Squareness
{
    /** Most by which the diagonals of the whole may differ (a choice). */
    public const WHOLE_M = 0.0127;
    /** Tapes that disagree by more are read again (a choice). */
    private const AGREE_M = 0.00635;
    /** The planned rectangle fits three corners within so much where only the fourth is wrong (a choice). */
    private const FITS_M = 0.003175;
    private const ROUNDS = 30;

    /**
     * @param list<array{corner: int, right_m: float, back_m: float}> $moves Of corners from 0: first front, last front, last rear, first rear
     */
    private function __construct(
        /** "unknown", "square", "far_line" off, "again" where tapes disagree, "one" stake to move, or "all". */
        public string $state,
        /** By which the diagonals differ, the first one longer positive. */
        public float $differ_m,
        /** By which the far line is too far right. */
        public float $farLine_m,
        public array $moves,
    ) {
    }

    /**
     * @param float $wide_m Planned, from the first front stake to the last
     * @param float $deep_m Between the lines
     */
    public static function of(Measured $measured, float $wide_m, float $deep_m): self
    {
        [$ac_m, $bd_m] = [$measured->diagonal?->toMetres(), $measured->otherDiagonal?->toMetres()];
        if ($ac_m === null || $bd_m === null) {
            return new self('unknown', 0.0, 0.0, []);
        }
        $differ_m = $ac_m - $bd_m;
        $farLine_m = ($ac_m ** 2 - $bd_m ** 2) / (4 * $wide_m);
        $isSquare = abs($differ_m) <= self::WHOLE_M + 1e-9;
        [$ab, $bc, $cd, $da] = [$measured->front, $measured->right, $measured->rear, $measured->left];
        if ($ab === null || $bc === null || $cd === null || $da === null) {
            return new self($isSquare ? 'square' : 'far_line', $differ_m, $farLine_m, []);
        }
        [$corners, $worst_m] = self::corners([$ab->toMetres(), $bc->toMetres(), $cd->toMetres(), $da->toMetres(), $ac_m, $bd_m], $wide_m, $deep_m);
        if ($worst_m > self::AGREE_M) {
            return new self('again', $differ_m, $farLine_m, []);
        }
        $moves = self::moves($corners, [[0.0, 0.0], [$wide_m, 0.0], [$wide_m, $deep_m], [0.0, $deep_m]]);
        $most_m = max([0.0, ...array_map(static fn (array $move): float => hypot($move['right_m'], $move['back_m']), $moves)]);

        return match (true) {
            $isSquare && $most_m <= self::WHOLE_M => new self('square', $differ_m, $farLine_m, []),
            default => new self(count($moves) === 1 ? 'one' : 'all', $differ_m, $farLine_m, $moves),
        };
    }

    /**
     * Corners that six tapes show, the first at nought and the second beside it: Gauss–Newton from where they are planned.
     *
     * @param list<float> $tapes_m Front, right, rear, left, and both diagonals
     *
     * @return array{list<array{float, float}>, float} And by how much the tape that disagrees most does
     */
    private static function corners(array $tapes_m, float $wide_m, float $deep_m): array
    {
        $at = [$wide_m, $wide_m, $deep_m, 0.0, $deep_m];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $off = self::off($at, $tapes_m);
            $slopes = [];
            foreach ($at as $key => $place_m) {
                $moved = $at;
                $moved[$key] = $place_m + 1e-6;
                $slopes[] = array_map(static fn (float $there, float $here): float => ($there - $here) / 1e-6, self::off(array_values($moved), $tapes_m), $off);
            }
            $at = array_map(static fn (float $place_m, float $step_m): float => $place_m - $step_m, $at, self::solved($slopes, $off));
        }

        return [self::places($at), max([0.0, ...array_map(abs(...), self::off($at, $tapes_m))])];
    }

    /**
     * @param list<float> $at Of the second corner along, of the others along and back
     *
     * @return list<array{float, float}>
     */
    private static function places(array $at): array
    {
        return [[0.0, 0.0], [$at[0], 0.0], [$at[1], $at[2]], [$at[3], $at[4]]];
    }

    /**
     * @param list<float> $at
     * @param list<float> $tapes_m
     *
     * @return list<float> By how much each tape would show more
     */
    private static function off(array $at, array $tapes_m): array
    {
        $corners = self::places($at);
        $off = [];
        foreach ([[0, 1], [1, 2], [2, 3], [3, 0], [0, 2], [1, 3]] as $tape => [$one, $other]) {
            $off[] = hypot($corners[$one][0] - $corners[$other][0], $corners[$one][1] - $corners[$other][1]) - $tapes_m[$tape];
        }

        return $off;
    }

    /**
     * Least squares by the normal equations.
     *
     * @param list<list<float>> $slopes Of each unknown, by tape
     * @param list<float> $off
     *
     * @return list<float>
     */
    private static function solved(array $slopes, array $off): array
    {
        $rows = array_map(
            static fn (array $one): array => [...array_map(static fn (array $other): float => self::dot($one, $other), $slopes), self::dot($one, $off)],
            $slopes,
        );
        $count = count($rows);
        for ($column = 0; $column < $count; ++$column) {
            $pivot = $column;
            for ($row = $column + 1; $row < $count; ++$row) {
                $pivot = abs($rows[$row][$column]) > abs($rows[$pivot][$column]) ? $row : $pivot;
            }
            [$rows[$column], $rows[$pivot]] = [$rows[$pivot], $rows[$column]];
            foreach ($rows as $row => $values) {
                $times = $row === $column || abs($rows[$column][$column]) < 1e-15 ? 0.0 : $values[$column] / $rows[$column][$column];
                $rows[$row] = array_map(static fn (float $value, float $other): float => $value - $times * $other, $values, $rows[$column]);
            }
        }

        return array_map(static fn (int $row): float => abs($rows[$row][$row]) < 1e-15 ? 0.0 : $rows[$row][$count] / $rows[$row][$row], range(0, $count - 1));
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     */
    private static function dot(array $one, array $other): float
    {
        return array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $one, $other));
    }

    /**
     * @param list<array{float, float}> $corners As they stand
     * @param list<array{float, float}> $planned
     *
     * @return list<array{corner: int, right_m: float, back_m: float}> Of the one that does not fit the others, else of all
     */
    private static function moves(array $corners, array $planned): array
    {
        $best = null;
        foreach ([0, 1, 2, 3] as $left) {
            $others = [($left + 1) % 4, ($left + 2) % 4, ($left + 3) % 4];
            $fitted = self::fitted($corners, $planned, $others);
            $over_m = max([
                0.0,
                ...array_map(
                    static fn (int $corner): float => hypot($fitted[$corner][0] - $corners[$corner][0], $fitted[$corner][1] - $corners[$corner][1]),
                    $others,
                ),
            ]);
            $best = $over_m <= self::FITS_M && ($best === null || $over_m < $best[0]) ? [$over_m, $left, $fitted] : $best;
        }
        [$which, $fitted] = $best === null ? [[0, 1, 2, 3], self::fitted($corners, $planned, [0, 1, 2, 3])] : [[$best[1]], $best[2]];

        return array_map(static fn (int $corner): array => [
            'corner' => $corner, 'right_m' => $fitted[$corner][0] - $corners[$corner][0], 'back_m' => $fitted[$corner][1] - $corners[$corner][1],
        ], $which);
    }

    /**
     * The planned rectangle, moved and turned onto some of the corners.
     *
     * @param list<array{float, float}> $corners
     * @param list<array{float, float}> $planned
     * @param non-empty-list<int> $by
     *
     * @return list<array{float, float}>
     */
    private static function fitted(array $corners, array $planned, array $by): array
    {
        [$cx, $cy, $px, $py] = [0.0, 0.0, 0.0, 0.0];
        foreach ($by as $corner) {
            $cx += $corners[$corner][0] / count($by);
            $cy += $corners[$corner][1] / count($by);
            $px += $planned[$corner][0] / count($by);
            $py += $planned[$corner][1] / count($by);
        }
        $along = $across = 0.0;
        foreach ($by as $corner) {
            [$x, $y, $u, $v] = [$planned[$corner][0] - $px, $planned[$corner][1] - $py, $corners[$corner][0] - $cx, $corners[$corner][1] - $cy];
            $along += $x * $u + $y * $v;
            $across += $x * $v - $y * $u;
        }
        $turn = atan2($across, $along);

        return array_map(static fn (array $one): array => [
            $cx + cos($turn) * ($one[0] - $px) - sin($turn) * ($one[1] - $py),
            $cy + sin($turn) * ($one[0] - $px) + cos($turn) * ($one[1] - $py),
        ], $planned);
    }
}

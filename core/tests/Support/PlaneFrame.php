<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

/**
 * A plane frame by the matrix of its stiffness, for tests alone: straight bars that stretch and bend, joined at nodes. Knows nothing of tables.
 *
 * Every node has a place across and up; which of its three ways of moving are one with another node's is said by number, so that a hinge is two rotations.
 */
final class PlaneFrame
{
    /** @var array<int, array<int, float>> */
    private array $stiffness = [];

    /** @var array<int, float> */
    private array $loads = [];

    /** @var list<array{list<int>, float, float, float, float, float}> Ways, length, cosine, sine, EA, EI of each bar */
    private array $bars = [];

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     * @param list<int> $ways Of moving: across, up and turning of one end, and of the other
     */
    public function bar(array $from, array $to, array $ways, float $ea, float $ei): int
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        $this->bars[] = [$ways, $length, ($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length, $ea, $ei];
        foreach ($this->matrix(count($this->bars) - 1) as $row => $cells) {
            foreach ($cells as $column => $value) {
                $this->stiffness[$ways[$row]][$ways[$column]] = ($this->stiffness[$ways[$row]][$ways[$column]] ?? 0.0) + $value;
            }
        }

        return count($this->bars) - 1;
    }

    /** Forces across, up, and a turn, on ways of moving. */
    public function load(int $way, float $force): void
    {
        $this->loads[$way] = ($this->loads[$way] ?? 0.0) + $force;
    }

    /** @return list<list<float>> Of a bar, in the ways of the frame */
    private function matrix(int $bar): array
    {
        [, $length, $cos, $sin, $ea, $ei] = $this->bars[$bar];
        [$axial, $shear, $turn] = [$ea / $length, 12 * $ei / $length ** 3, 6 * $ei / $length ** 2];
        $local = [
            [$axial, 0.0, 0.0, -$axial, 0.0, 0.0], [0.0, $shear, $turn, 0.0, -$shear, $turn], [0.0, $turn, 4 * $ei / $length, 0.0, -$turn, 2 * $ei / $length],
            [-$axial, 0.0, 0.0, $axial, 0.0, 0.0], [0.0, -$shear, -$turn, 0.0, $shear, -$turn], [0.0, $turn, 2 * $ei / $length, 0.0, -$turn, 4 * $ei / $length],
        ];
        $rows = array_map(static fn (array $row): array => self::rotated($row, $cos, $sin), $local);
        $columns = array_map(static fn (int $column): array => self::rotated(array_column($rows, $column), $cos, $sin), range(0, 5));

        return array_map(static fn (int $row): array => array_column($columns, $row), range(0, 5));
    }

    /**
     * @param array<int, float> $of
     *
     * @return list<float>
     */
    private static function rotated(array $of, float $cos, float $sin): array
    {
        [$across, $up, $turn, $farAcross, $farUp, $farTurn] = $of;

        return [$cos * $across - $sin * $up, $sin * $across + $cos * $up, $turn, $cos * $farAcross - $sin * $farUp, $sin * $farAcross + $cos * $farUp, $farTurn];
    }

    /**
     * @param list<int> $held Ways in which nothing moves
     *
     * @return array<int, float> What holds each of those, as a force on the frame
     */
    public function heldBy(array $held): array
    {
        $free = array_values(array_diff(array_keys($this->stiffness), $held));
        $rows = array_map(fn (int $row): array => [...array_map(fn (int $column): float => $this->stiffness[$row][$column] ?? 0.0, $free), $this->loads[$row] ?? 0.0], $free);
        $size = count($free);
        for ($pivot = 0; $pivot < $size; ++$pivot) {
            for ($best = $pivot, $row = $pivot + 1; $row < $size; ++$row) {
                $best = abs($rows[$row][$pivot]) > abs($rows[$best][$pivot]) ? $row : $best;
            }
            [$rows[$pivot], $rows[$best]] = [$rows[$best], $rows[$pivot]];
            for ($row = 0; $row < $size; ++$row) {
                $times = $row === $pivot ? 0.0 : $rows[$row][$pivot] / $rows[$pivot][$pivot];
                for ($column = $pivot; $times !== 0.0 && $column <= $size; ++$column) {
                    $rows[$row][$column] -= $times * $rows[$pivot][$column];
                }
            }
        }
        $moves = [];
        foreach ($free as $index => $way) {
            $moves[$way] = $rows[$index][$size] / $rows[$index][$index];
        }
        $forces = [];
        foreach ($held as $way) {
            $forces[$way] = -($this->loads[$way] ?? 0.0);
            foreach ($this->stiffness[$way] ?? [] as $column => $value) {
                $forces[$way] += $value * ($moves[$column] ?? 0.0);
            }
        }

        return $forces;
    }
}

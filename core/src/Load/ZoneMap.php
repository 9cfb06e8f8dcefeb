<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** The zones of a rectangular surface, as rectangles that tile it exactly. Beyond the surface its outer zones go on. */
final readonly class ZoneMap
{
    /**
     * @param list<array{float, float, list<array{float, float, string}>}> $rows From, to up the slope; in each, from, to along the eave and the zone
     */
    private function __construct(private array $rows)
    {
    }

    /**
     * Cuts the surface along lines and asks the zone of each field, by its middle.
     *
     * @param list<float> $xs_m Where zones may change along the eave; those off the surface do not count
     * @param list<float> $ys_m The same up the slope
     * @param callable(float, float): string $zone
     */
    public static function grid(float $width_m, float $length_m, array $xs_m, array $ys_m, callable $zone): self
    {
        $rows = [];
        $xs_m = self::edges($width_m, $xs_m);
        foreach (self::strips(self::edges($length_m, $ys_m)) as [$y0_m, $y1_m]) {
            $fields = self::fields($xs_m, ($y0_m + $y1_m) / 2, $zone);
            $before = array_pop($rows);
            if ($before !== null && $before[2] === $fields) {
                $rows[] = [$before[0], $y1_m, $fields];
            } else {
                array_push($rows, ...$before === null ? [] : [$before], ...[[$y0_m, $y1_m, $fields]]);
            }
        }

        return new self($rows);
    }

    /**
     * @param non-empty-list<float> $xs_m
     * @param callable(float, float): string $zone
     *
     * @return list<array{float, float, string}> Neighbours of one zone as one field
     */
    private static function fields(array $xs_m, float $y_m, callable $zone): array
    {
        $fields = [];
        foreach (self::strips($xs_m) as [$x0_m, $x1_m]) {
            $name = $zone(($x0_m + $x1_m) / 2, $y_m);
            $before = array_pop($fields);
            if ($before !== null && $before[2] === $name) {
                $fields[] = [$before[0], $x1_m, $name];
            } else {
                array_push($fields, ...$before === null ? [] : [$before], ...[[$x0_m, $x1_m, $name]]);
            }
        }

        return $fields;
    }

    /**
     * The rectangles, from the eave up and the left on.
     *
     * @return list<array{zone: string, x0_m: float, x1_m: float, y0_m: float, y1_m: float}>
     */
    public function rectangles(): array
    {
        $rectangles = [];
        foreach ($this->rows as [$y0_m, $y1_m, $fields]) {
            foreach ($fields as [$x0_m, $x1_m, $zone]) {
                $rectangles[] = ['zone' => $zone, 'x0_m' => $x0_m, 'x1_m' => $x1_m, 'y0_m' => $y0_m, 'y1_m' => $y1_m];
            }
        }

        return $rectangles;
    }

    /**
     * The pieces into which the zone lines cut a rectangle, with their centres; they tile it exactly.
     *
     * @return list<array{zone: string, area_m2: float, x_m: float, y_m: float}>
     */
    public function pieces(float $x0_m, float $y0_m, float $x1_m, float $y1_m): array
    {
        $pieces = [];
        $top = count($this->rows) - 1;
        foreach ($this->rows as $row => [$low_m, $high_m, $fields]) {
            $from_m = $row === 0 ? $y0_m : max($y0_m, $low_m);
            $to_m = $row === $top ? $y1_m : min($y1_m, $high_m);
            if ($to_m - $from_m <= 1e-9) {
                continue;
            }
            $end = count($fields) - 1;
            foreach ($fields as $field => [$left_m, $right_m, $zone]) {
                $start_m = $field === 0 ? $x0_m : max($x0_m, $left_m);
                $stop_m = $field === $end ? $x1_m : min($x1_m, $right_m);
                if ($stop_m - $start_m > 1e-9) {
                    $pieces[] = ['zone' => $zone, 'area_m2' => ($stop_m - $start_m) * ($to_m - $from_m), 'x_m' => ($start_m + $stop_m) / 2, 'y_m' => ($from_m + $to_m) / 2];
                }
            }
        }

        return $pieces;
    }

    /**
     * @param list<float> $inner_m
     *
     * @return non-empty-list<float> Ascending, from 0 to the size
     */
    private static function edges(float $size_m, array $inner_m): array
    {
        sort($inner_m);
        $edges = [0.0];
        foreach ($inner_m as $at_m) {
            if ($at_m > $edges[count($edges) - 1] + 1e-9 && $at_m < $size_m - 1e-9) {
                $edges[] = $at_m;
            }
        }
        $edges[] = $size_m;

        return $edges;
    }

    /**
     * @param non-empty-list<float> $edges_m
     *
     * @return list<array{float, float}>
     */
    private static function strips(array $edges_m): array
    {
        $strips = [];
        for ($index = 1; $index < count($edges_m); ++$index) {
            $strips[] = [$edges_m[$index - 1], $edges_m[$index]];
        }

        return $strips;
    }
}

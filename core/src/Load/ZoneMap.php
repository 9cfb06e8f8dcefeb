<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Geometry\Polygon;

/**
 * The zones of a surface, as convex pieces that tile it exactly: rectangles, or polygons where hips lean in. Beyond the surface
 * its outer zones go on.
 */
final readonly class ZoneMap
{
    /**
     * @param list<array{float, float, list<array{float, float, string}>}> $rows From, to up the slope; in each, from, to along the eave and the zone
     * @param list<array{string, list<array{float, float}>}> $polygons Zone and corners, where there are no rows
     */
    private function __construct(private array $rows, private array $polygons = [])
    {
    }

    /**
     * Cuts the surface along lines and asks the zone of each field, by its middle.
     *
     * @param list<float> $xs_m Where zones may change along the eave; those off the surface do not count
     * @param list<float> $ys_m The same up the slope
     * @param list<array{float, float, float}> $lines The same along lines a·x + b·y = c, beside hips
     * @param callable(float, float): string $zone
     */
    public static function lay(Outline $outline, array $xs_m, array $ys_m, array $lines, callable $zone): self
    {
        if ($outline->isRectangle()) {
            return self::grid($outline->width_m, $outline->length_m, $xs_m, $ys_m, $zone);
        }
        array_push(
            $lines,
            ...array_map(static fn (float $x_m): array => [1.0, 0.0, $x_m], $xs_m),
            ...array_map(static fn (float $y_m): array => [0.0, 1.0, $y_m], $ys_m),
        );

        return self::cut($outline->corners(), $lines, $zone);
    }

    /**
     * Lays strips on an outline of any shape; each piece is asked with the strips that it lies in.
     *
     * @param array<int, list<array{float, float, float}>> $strips Half-planes a·x + b·y ≥ c of each, by edge
     * @param callable(list<int>): string $zone Edges whose strips a piece lies in
     */
    public static function laid(Polygon $outline, array $strips, callable $zone): self
    {
        $fields = [];
        foreach (self::convex($outline) as $field) {
            $fields[] = [$field, []];
        }
        foreach ($strips as $edge => $halves) {
            $next = [];
            foreach ($fields as [$field, $in]) {
                $inside = $field;
                $rest = [];
                foreach ($halves as [$a, $b, $c]) {
                    $off = self::half($inside, -$a, -$b, -$c);
                    if (self::measure($off)[0] > 1e-12) {
                        $rest[] = $off;
                    }
                    $inside = self::half($inside, $a, $b, $c);
                }
                // A strip that only touches cuts nothing.
                if (self::measure($inside)[0] <= 1e-12) {
                    $next[] = [$field, $in];
                    continue;
                }
                $next[] = [$inside, [...$in, $edge]];
                array_push($next, ...array_map(static fn (array $part): array => [$part, $in], $rest));
            }
            $fields = $next;
        }

        return new self([], array_map(static fn (array $field): array => [$zone($field[1]), $field[0]], $fields));
    }

    /**
     * Convex pieces that tile an outline: its box cut by the lines of its edges, each as far as that runs through a piece.
     *
     * @return list<list<array{float, float}>>
     */
    private static function convex(Polygon $outline): array
    {
        [$xs, $ys] = [array_column($outline->corners, 0), array_column($outline->corners, 1)];
        [$left, $right, $low, $high] = [min($xs ?: [0.0]), max($xs ?: [0.0]), min($ys ?: [0.0]), max($ys ?: [0.0])];
        $fields = [[[$left, $low], [$right, $low], [$right, $high], [$left, $high]]];
        foreach ($outline->edges() as $edge) {
            [[$x0, $y0], [$x1, $y1]] = $edge;
            [$a, $b] = [$y0 - $y1, $x1 - $x0];
            $c = $a * $x0 + $b * $y0;
            $next = [];
            foreach ($fields as $field) {
                $parts = array_filter(
                    [self::half($field, $a, $b, $c), self::half($field, -$a, -$b, -$c)],
                    static fn (array $part): bool => self::measure($part)[0] > 1e-12,
                );
                array_push($next, ...self::runsThrough($edge, $field) ? array_values($parts) : [$field]);
            }
            $fields = $next;
        }

        return array_values(array_filter($fields, static function (array $field) use ($outline): bool {
            [, $x_m, $y_m] = self::measure($field);

            return $outline->contains($x_m, $y_m);
        }));
    }

    /**
     * Whether an edge has a length inside a convex piece.
     *
     * @param array{array{float, float}, array{float, float}} $edge
     * @param list<array{float, float}> $field
     */
    private static function runsThrough(array $edge, array $field): bool
    {
        [[$x0, $y0], [$x1, $y1]] = $edge;
        [$from, $to] = [0.0, 1.0];
        foreach ((new Polygon($field))->edges() as [[$px, $py], [$qx, $qy]]) {
            if (abs($qx - $px) + abs($qy - $py) < 1e-9) {
                continue;
            }
            [$a, $b] = [$py - $qy, $qx - $px];
            $start = $a * ($x0 - $px) + $b * ($y0 - $py);
            $slope = $a * ($x1 - $x0) + $b * ($y1 - $y0);
            if (abs($slope) < 1e-12) {
                if ($start < 1e-12) {
                    return false;
                }
            } elseif ($slope > 0) {
                $from = max($from, -$start / $slope);
            } else {
                $to = min($to, -$start / $slope);
            }
        }

        return $to - $from > 1e-9;
    }

    /**
     * Cuts a convex outline along lines.
     *
     * @param list<array{float, float}> $corners Counter-clockwise
     * @param list<array{float, float, float}> $lines
     * @param callable(float, float): string $zone
     */
    public static function cut(array $corners, array $lines, callable $zone): self
    {
        $fields = [$corners];
        foreach ($lines as [$a, $b, $c]) {
            $next = [];
            foreach ($fields as $field) {
                $low = INF;
                $high = -INF;
                foreach ($field as [$x, $y]) {
                    $over = $a * $x + $b * $y - $c;
                    $low = $over < $low ? $over : $low;
                    $high = $over > $high ? $over : $high;
                }
                if ($low >= -1e-9 || $high <= 1e-9) {
                    $next[] = $field;
                    continue;
                }
                foreach ([self::half($field, $a, $b, $c), self::half($field, -$a, -$b, -$c)] as $part) {
                    if (self::measure($part)[0] > 1e-12) {
                        $next[] = $part;
                    }
                }
            }
            $fields = $next;
        }

        return new self([], array_map(static function (array $field) use ($zone): array {
            [, $x_m, $y_m] = self::measure($field);

            return [$zone($x_m, $y_m), $field];
        }, $fields));
    }

    /**
     * @param list<float> $xs_m
     * @param list<float> $ys_m
     * @param callable(float, float): string $zone
     */
    private static function grid(float $width_m, float $length_m, array $xs_m, array $ys_m, callable $zone): self
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

    /** @return list<array{zone: string, corners: list<array{float, float}>}> Counter-clockwise corners */
    public function parts(): array
    {
        $parts = array_map(static fn (array $polygon): array => ['zone' => $polygon[0], 'corners' => $polygon[1]], $this->polygons);
        foreach ($this->rows as [$y0_m, $y1_m, $fields]) {
            foreach ($fields as [$x0_m, $x1_m, $zone]) {
                $parts[] = ['zone' => $zone, 'corners' => [[$x0_m, $y0_m], [$x1_m, $y0_m], [$x1_m, $y1_m], [$x0_m, $y1_m]]];
            }
        }

        return $parts;
    }

    /**
     * The pieces into which the zone lines cut a rectangle, with their centres; they tile it exactly.
     *
     * @return list<array{zone: string, area_m2: float, x_m: float, y_m: float}>
     */
    public function pieces(float $x0_m, float $y0_m, float $x1_m, float $y1_m): array
    {
        if ($this->polygons !== []) {
            return $this->clipped($x0_m, $y0_m, $x1_m, $y1_m);
        }
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
                    $pieces[] = [
                        'zone' => $zone,
                        'area_m2' => ($stop_m - $start_m) * ($to_m - $from_m),
                        'x_m' => ($start_m + $stop_m) / 2,
                        'y_m' => ($from_m + $to_m) / 2,
                    ];
                }
            }
        }

        return $pieces;
    }

    /** @return list<array{zone: string, area_m2: float, x_m: float, y_m: float}> */
    private function clipped(float $x0_m, float $y0_m, float $x1_m, float $y1_m): array
    {
        $pieces = [];
        $left_m2 = ($x1_m - $x0_m) * ($y1_m - $y0_m);
        [$momentX, $momentY] = [$left_m2 * ($x0_m + $x1_m) / 2, $left_m2 * ($y0_m + $y1_m) / 2];
        $nearest = ['', INF];
        foreach ($this->polygons as [$zone, $corners]) {
            $part = self::half(self::half(self::half(self::half($corners, 1.0, 0.0, $x0_m), -1.0, 0.0, -$x1_m), 0.0, 1.0, $y0_m), 0.0, -1.0, -$y1_m);
            [$area_m2, $x_m, $y_m] = self::measure($part);
            if ($area_m2 > 1e-12) {
                $pieces[] = ['zone' => $zone, 'area_m2' => $area_m2, 'x_m' => $x_m, 'y_m' => $y_m];
                $left_m2 -= $area_m2;
                $momentX -= $area_m2 * $x_m;
                $momentY -= $area_m2 * $y_m;
            }
            $distance_m = min(
                array_map(
                    static fn (array $corner): float => hypot($corner[0] - ($x0_m + $x1_m) / 2, $corner[1] - ($y0_m + $y1_m) / 2),
                    $corners === [] ? [[INF, INF]] : $corners,
                ),
            );
            $nearest = $distance_m < $nearest[1] ? [$zone, $distance_m] : $nearest;
        }
        if ($left_m2 > 1e-9) {
            // Beyond the outline, which a finding says.
            $pieces[] = ['zone' => $nearest[0], 'area_m2' => $left_m2, 'x_m' => $momentX / $left_m2, 'y_m' => $momentY / $left_m2];
        }

        return $pieces;
    }

    /**
     * The part of a convex polygon where a·x + b·y ≥ c.
     *
     * @param list<array{float, float}> $corners
     *
     * @return list<array{float, float}>
     */
    private static function half(array $corners, float $a, float $b, float $c): array
    {
        $part = [];
        $before = $corners[count($corners) - 1] ?? null;
        $wasOver = $before === null ? 0.0 : $a * $before[0] + $b * $before[1] - $c;
        foreach ($corners as $corner) {
            $over = $a * $corner[0] + $b * $corner[1] - $c;
            if ($before !== null && (($over > 0.0 && $wasOver < 0.0) || ($over < 0.0 && $wasOver > 0.0))) {
                $share = $wasOver / ($wasOver - $over);
                $part[] = [$before[0] + $share * ($corner[0] - $before[0]), $before[1] + $share * ($corner[1] - $before[1])];
            }
            if ($over >= 0.0) {
                $part[] = $corner;
            }
            [$before, $wasOver] = [$corner, $over];
        }

        return $part;
    }

    /**
     * @param list<array{float, float}> $corners
     *
     * @return array{float, float, float} Area and centroid
     */
    private static function measure(array $corners): array
    {
        $double = $x = $y = 0.0;
        $before = $corners[count($corners) - 1] ?? [0.0, 0.0];
        foreach ($corners as $corner) {
            $cross = $before[0] * $corner[1] - $corner[0] * $before[1];
            $double += $cross;
            $x += ($before[0] + $corner[0]) * $cross;
            $y += ($before[1] + $corner[1]) * $cross;
            $before = $corner;
        }

        return $double > 1e-15 ? [$double / 2, $x / (3 * $double), $y / (3 * $double)] : [0.0, 0.0, 0.0];
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

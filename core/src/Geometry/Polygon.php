<?php

declare(strict_types=1);

namespace Garnetine\Core\Geometry;

/** A polygon by its corners, in metres; where it is simple, counter-clockwise. */
final readonly class Polygon
{
    /** What two lengths may differ by and be the same. */
    private const SAME_M = 1e-9;

    /** @param list<array{float, float}> $corners Three or more */
    public function __construct(public array $corners)
    {
    }

    /** By the shoelace; negative where the corners go clockwise. */
    public function area_m2(): float
    {
        $double = 0.0;
        foreach ($this->edges() as [[$x0, $y0], [$x1, $y1]]) {
            $double += $x0 * $y1 - $x1 * $y0;
        }

        return $double / 2;
    }

    /** @return list<array{array{float, float}, array{float, float}}> From each corner to the next */
    public function edges(): array
    {
        $count = count($this->corners);

        return array_map(fn (int $at): array => [$this->corners[$at], $this->corners[($at + 1) % $count]], array_keys($this->corners));
    }

    /** Whether no two edges cross or touch but neighbours at their corner, and none has no length. */
    public function isSimple(): bool
    {
        $edges = $this->edges();
        $count = count($edges);
        foreach ($edges as $one => [$from, $to]) {
            if (hypot($to[0] - $from[0], $to[1] - $from[1]) < 1e-6) {
                return false;
            }
            for ($other = $one + 1; $other < $count; ++$other) {
                $isNext = $other === $one + 1 || ($one === 0 && $other === $count - 1);
                [$low, $high] = $edges[$other];
                if ($isNext ? self::foldsBack(
                    $edges[$other === $one + 1 ? $one : $other],
                    $edges[$other === $one + 1 ? $other : $one],
                ) : self::meet($from, $to, $low, $high)) {
                    return false;
                }
            }
        }

        return $count >= 3;
    }

    /**
     * Whether an edge runs back over the one before it.
     *
     * @param array{array{float, float}, array{float, float}} $before
     * @param array{array{float, float}, array{float, float}} $next
     */
    private static function foldsBack(array $before, array $next): bool
    {
        [$ux, $uy] = [$before[1][0] - $before[0][0], $before[1][1] - $before[0][1]];
        [$vx, $vy] = [$next[1][0] - $next[0][0], $next[1][1] - $next[0][1]];

        return abs($ux * $vy - $uy * $vx) < 1e-9 * hypot($ux, $uy) * hypot($vx, $vy) && $ux * $vx + $uy * $vy < 0;
    }

    /**
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     * @param array{float, float} $d
     */
    private static function meet(array $a, array $b, array $c, array $d): bool
    {
        if (self::on($a, $b, $c) || self::on($a, $b, $d) || self::on($c, $d, $a) || self::on($c, $d, $b)) {
            return true;
        }

        return (self::side($a, $b, $c) > 0) !== (self::side($a, $b, $d) > 0) && (self::side($c, $d, $a) > 0) !== (self::side($c, $d, $b) > 0);
    }

    /**
     * Twice the area of a triangle: positive where the third corner lies to the left of the way from the first to the second.
     *
     * @param array{float, float} $p
     * @param array{float, float} $q
     * @param array{float, float} $r
     */
    private static function side(array $p, array $q, array $r): float
    {
        return ($q[0] - $p[0]) * ($r[1] - $p[1]) - ($q[1] - $p[1]) * ($r[0] - $p[0]);
    }

    /**
     * Whether the third point lies on the way from the first to the second.
     *
     * @param array{float, float} $p
     * @param array{float, float} $q
     * @param array{float, float} $r
     */
    private static function on(array $p, array $q, array $r): bool
    {
        return abs(self::side($p, $q, $r)) < 1e-9
            && min($p[0], $q[0]) - 1e-9 <= $r[0]
            && $r[0] <= max($p[0], $q[0]) + 1e-9
            && min($p[1], $q[1]) - 1e-9 <= $r[1]
            && $r[1] <= max($p[1], $q[1]) + 1e-9;
    }

    /** Whether a point lies inside; on the boundary it may count either way. */
    public function contains(float $x_m, float $y_m): bool
    {
        $inside = false;
        foreach ($this->edges() as [[$x0, $y0], [$x1, $y1]]) {
            if (($y0 > $y_m) !== ($y1 > $y_m) && $x_m < $x0 + ($y_m - $y0) / ($y1 - $y0) * ($x1 - $x0)) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    /**
     * Where a line up the slope runs inside: from the lowest to the highest crossing.
     *
     * @return array{float, float}|null
     */
    public function upright_m(float $x_m): ?array
    {
        $ys_m = [];
        foreach ($this->edges() as [[$x0, $y0], [$x1, $y1]]) {
            if (min($x0, $x1) - self::SAME_M <= $x_m && $x_m <= max($x0, $x1) + self::SAME_M) {
                array_push($ys_m, ...abs($x1 - $x0) < self::SAME_M ? [$y0, $y1] : [$y0 + ($x_m - $x0) / ($x1 - $x0) * ($y1 - $y0)]);
            }
        }

        return count($ys_m) < 2 ? null : [min($ys_m), max($ys_m)];
    }

    /**
     * Where a ray from a point first leaves.
     *
     * @return array{float, int}|null Distance and edge; null for a point that lies outside
     */
    public function leaves_m(float $x_m, float $y_m, float $dx, float $dy): ?array
    {
        $first = null;
        foreach ($this->edges() as $edge => [[$x0, $y0], [$x1, $y1]]) {
            $across = $dx * ($y1 - $y0) - $dy * ($x1 - $x0);
            if (abs($across) < 1e-12) {
                continue;
            }
            $away = (($x0 - $x_m) * ($y1 - $y0) - ($y0 - $y_m) * ($x1 - $x0)) / $across;
            $along = (($x0 - $x_m) * $dy - ($y0 - $y_m) * $dx) / $across;
            // From within, an edge is left where it lies to the right of the way: a boundary that the ray starts on is left only outward.
            if ($along >= -self::SAME_M && $along <= 1 + self::SAME_M && $away >= -1e-6 && $across > 0 && ($first === null || $away < $first[0])) {
                $first = [max(0.0, $away), $edge];
            }
        }

        return $first;
    }

    /**
     * Clear distance between an edge and a rectangle; 0 where they cross.
     *
     * @param array{array{float, float}, array{float, float}} $edge
     * @param array{float, float, float, float} $box Left, low, right, high
     */
    public static function apart_m(array $edge, array $box): float
    {
        [$left, $low, $right, $high] = $box;
        $least_m = self::crosses($edge, $box) ? 0.0 : INF;
        foreach ([[$left, $low], [$right, $low], [$right, $high], [$left, $high]] as [$x, $y]) {
            $least_m = min($least_m, self::fromEdge_m($edge, $x, $y));
        }
        foreach ($edge as [$x, $y]) {
            $least_m = min($least_m, hypot(max($left - $x, 0.0, $x - $right), max($low - $y, 0.0, $y - $high)));
        }

        return $least_m;
    }

    /** @param array{array{float, float}, array{float, float}} $edge */
    public static function fromEdge_m(array $edge, float $x_m, float $y_m): float
    {
        [[$x0, $y0], [$x1, $y1]] = $edge;
        $along = (($x_m - $x0) * ($x1 - $x0) + ($y_m - $y0) * ($y1 - $y0)) / (($x1 - $x0) ** 2 + ($y1 - $y0) ** 2);
        $along = max(0.0, min(1.0, $along));

        return hypot($x_m - $x0 - $along * ($x1 - $x0), $y_m - $y0 - $along * ($y1 - $y0));
    }

    /**
     * @param array{array{float, float}, array{float, float}} $edge
     * @param array{float, float, float, float} $box
     */
    private static function crosses(array $edge, array $box): bool
    {
        [[$x0, $y0], [$x1, $y1]] = $edge;
        [$from, $to] = [0.0, 1.0];
        foreach ([[$x1 - $x0, $box[0] - $x0, $box[2] - $x0], [$y1 - $y0, $box[1] - $y0, $box[3] - $y0]] as [$way, $near, $far]) {
            if (abs($way) < 1e-12) {
                if ($near > 0 || $far < 0) {
                    return false;
                }
                continue;
            }
            [$from, $to] = [max($from, min($near / $way, $far / $way)), min($to, max($near / $way, $far / $way))];
        }

        return $from < $to;
    }

    /**
     * How far a rectangle reaches out, and over which edge.
     *
     * @param array{float, float, float, float} $box
     *
     * @return array{float, int} 0 where it lies within
     */
    public function beyond_m(array $box): array
    {
        $worst = [0.0, 0];
        [$left, $low, $right, $high] = $box;
        foreach ([[$left, $low], [$right, $low], [$right, $high], [$left, $high]] as [$x, $y]) {
            if ($this->contains($x, $y)) {
                continue;
            }
            $nearest = [INF, 0];
            foreach ($this->edges() as $edge => $ends) {
                $away_m = self::fromEdge_m($ends, $x, $y);
                $nearest = $away_m < $nearest[0] ? [$away_m, $edge] : $nearest;
            }
            $worst = $nearest[0] > $worst[0] ? $nearest : $worst;
        }
        foreach ($this->corners as $edge => [$x, $y]) {
            $in_m = min($x - $left, $right - $x, $y - $low, $high - $y);
            $worst = $in_m > $worst[0] ? [$in_m, $edge] : $worst;
        }

        return $worst;
    }

    /**
     * The strip along an edge that reaches a distance inward, with square ends as far past it: round ends would be within.
     *
     * @param array{array{float, float}, array{float, float}} $edge
     * @param float $slant What a length up the slope is on the level, where the distance is meant there; else 1
     *
     * @return list<array{float, float, float}> Half-planes a·x + b·y ≥ c
     */
    public static function strip(array $edge, float $distance_m, float $slant): array
    {
        [[$x0, $y0], [$x1, $y1]] = $edge;
        $length_m = hypot($x1 - $x0, $slant * ($y1 - $y0));
        [$ux, $uy] = [($x1 - $x0) / $length_m, $slant * ($y1 - $y0) / $length_m];
        // In (x, slant·y): along by (ux, uy), inward by (−uy, ux).
        $half = static fn (float $a, float $b, float $c): array => [$a, $b * $slant, $c];
        $along = $ux * $x0 + $uy * $slant * $y0;
        $inward = -$uy * $x0 + $ux * $slant * $y0;

        return [
            $half($ux, $uy, $along - $distance_m),
            $half(-$ux, -$uy, -$along - $length_m - $distance_m),
            $half($uy, -$ux, -$inward - $distance_m),
            $half(-$uy, $ux, $inward - $distance_m),
        ];
    }

    /**
     * Whether a point lies within a convex region.
     *
     * @param list<array{float, float, float}> $halves
     */
    public static function within(array $halves, float $x_m, float $y_m): bool
    {
        foreach ($halves as [$a, $b, $c]) {
            if ($a * $x_m + $b * $y_m < $c) {
                return false;
            }
        }

        return true;
    }

    /**
     * The outline moved inward by a distance for each edge, for drawing: neighbours meet where their lines do.
     *
     * @param list<float> $distances_m By edge
     *
     * @return list<array{float, float}>
     */
    public function inset(array $distances_m): array
    {
        $lines = [];
        foreach ($this->edges() as $edge => [[$x0, $y0], [$x1, $y1]]) {
            $length_m = hypot($x1 - $x0, $y1 - $y0);
            [$a, $b] = [-($y1 - $y0) / $length_m, ($x1 - $x0) / $length_m];
            $lines[] = [$a, $b, $a * $x0 + $b * $y0 + $distances_m[$edge]];
        }
        $inset = [];
        foreach ($lines as $at => [$a, $b, $c]) {
            [$d, $e, $f] = $lines[($at + count($lines) - 1) % count($lines)];
            $cross = $a * $e - $b * $d;
            $inset[] = abs($cross) < 1e-9
                ? [$this->corners[$at][0] + $a * $distances_m[$at], $this->corners[$at][1] + $b * $distances_m[$at]]
                : [($c * $e - $b * $f) / $cross, ($a * $f - $c * $d) / $cross];
        }

        return $inset;
    }
}

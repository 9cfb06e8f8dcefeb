<?php

declare(strict_types=1);

namespace Garnetine\Core\Geometry;

/**
 * Corners of a plane from what a tape tells: its edges one after the other, and diagonals from the first corner to all but its
 * neighbours. Each further corner is where two arcs meet, counter-clockwise. Source: geometry.
 */
final class FromTape
{
    /** A second diagonal may differ by so much. Source: common practice, no source (½ in). */
    public const CLOSES_M = 0.0127;

    /**
     * @param list<float> $edges_m Three or more, from the lower left corner along the eave
     * @param list<float> $diagonals_m From the first corner to the third, the fourth and so on; three fewer than edges
     *
     * @return list<array{float, float}>|int The corners, the lowest at 0 and the leftmost at 0; or the number of the corner where no two arcs meet
     */
    public static function corners(array $edges_m, array $diagonals_m): array|int
    {
        $count = count($edges_m);
        $corners = [[0.0, 0.0], [$edges_m[0], 0.0]];
        for ($at = 2; $at < $count; ++$at) {
            [$x, $y] = $corners[$at - 1];
            $from_m = hypot($x, $y);
            $reach_m = $at === $count - 1 ? $edges_m[$at] : $diagonals_m[$at - 2];
            $edge_m = $edges_m[$at - 1];
            // Along the line from the first corner to the one before, and to its left.
            $along_m = $from_m < 1e-9 ? INF : ($from_m ** 2 + $reach_m ** 2 - $edge_m ** 2) / (2 * $from_m);
            $square = $reach_m ** 2 - $along_m ** 2;
            if ($square < 1e-12) {
                return $at + 1;
            }
            $left_m = sqrt($square);
            $corners[] = [($along_m * $x - $left_m * $y) / $from_m, ($along_m * $y + $left_m * $x) / $from_m];
        }
        [$left_m, $low_m] = [min(array_column($corners, 0)), min(array_column($corners, 1))];

        return array_map(static fn (array $corner): array => [$corner[0] - $left_m, $corner[1] - $low_m], $corners);
    }
}

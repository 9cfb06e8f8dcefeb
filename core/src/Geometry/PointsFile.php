<?php

declare(strict_types=1);

namespace Garnetine\Core\Geometry;

use Garnetine\Core\Document\DocumentInvalid;

/**
 * Corners of a plane out of a file: a table with a row for each, or a drawing (DXF) with one closed outline. Seen square to the plane, x
 * along the eave; wherever its origin is, and whichever way round it goes.
 *
 * A table's first row names its columns, x and y with their unit (x_mm, y_mm; x_ft …) or without, where each cell has its own; a column
 * "edge" is the kind of the edge from a corner to the next. A drawing says its unit ($INSUNITS); of several outlines that on a layer
 * named ROOF counts.
 */
final class PointsFile
{
    public const MOST_BYTES = 2_000_000;
    private const MOST_CORNERS = 40;

    /** Corners that are nearer to each other are one. */
    private const SAME_M = 0.005;

    /** $INSUNITS of a drawing. */
    private const DRAWING_M = [1 => 0.0254, 2 => 0.3048, 4 => 0.001, 5 => 0.01, 6 => 1.0];

    /**
     * @return array{corners: list<array{float, float}>, edges: list<string>} Corners in metres, counter-clockwise from the lower left, the lowest at 0 and the leftmost at 0; the
     *                                                                        kind of each edge as it is told, or an empty text
     *
     * @throws DocumentInvalid naming the line and what was expected there
     */
    public static function read(string $text, string $at): array
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw DocumentInvalid::at($at, 'a file of at most '.intdiv(self::MOST_BYTES, 1_000_000).' MB', sprintf('%.1f MB', strlen($text) / 1e6));
        }
        [$corners, $edges] = preg_match('/^\s*(999\s.*\s)*0\s+SECTION\b/', substr($text, 0, 4_000)) === 1 ? self::drawing($text, $at) : self::table($text, $at);

        return self::told($corners, $edges, $at);
    }

    /** @return array{list<array{float, float}>, list<string>} */
    private static function table(string $text, string $at): array
    {
        $corners = $edges = [];
        foreach (LengthTable::rows($text, ['x', 'y'], $at, 'edge') as $line => $row) {
            $corners[] = [$row['m']['x'], $row['m']['y']];
            $edges[] = $row['word'];
            if (count($corners) > self::MOST_CORNERS + 1) {
                throw DocumentInvalid::at($at, 'at most '.self::MOST_CORNERS.' corners', "more by line $line");
            }
        }
        if (trim($text) === '') {
            throw DocumentInvalid::at($at, 'a table of corners, or a drawing', 'nothing');
        }

        return [$corners, $edges];
    }

    /** @return array{list<array{float, float}>, list<string>} */
    private static function drawing(string $text, string $at): array
    {
        $lines = preg_split('/\r\n|\r|\n/', rtrim($text)) ?: [];
        $outlines = [];
        $open = null;
        $unit = $variable = null;
        for ($index = 0; $index + 1 < count($lines); $index += 2) {
            [$code, $value] = [trim($lines[$index]), trim($lines[$index + 1])];
            if (preg_match('/^\d{1,4}$/', $code) !== 1) {
                throw DocumentInvalid::at($at, 'the number of a group in line '.($index + 1), '"'.mb_strimwidth($code, 0, 40, '…').'"');
            }
            match (true) {
                $code === '9' => $variable = $value,
                $code === '70' && $variable === '$INSUNITS' && $unit === null => $unit = (int) $value,
                default => null,
            };
            if ($code === '0') {
                $variable = null;
                if ($open !== null && !in_array($value, ['VERTEX'], true)) {
                    $outlines[] = $open;
                    $open = null;
                }
                if (in_array($value, ['POLYLINE', 'LWPOLYLINE'], true)) {
                    $open = ['layer' => '', 'closed' => false, 'bent' => false, 'vertex' => $value === 'LWPOLYLINE', 'x' => [], 'y' => []];
                }
                $open = $value === 'VERTEX' && $open !== null ? ['vertex' => true] + $open : $open;
            } elseif ($open !== null) {
                $open = self::noted($open, (int) $code, $value);
            }
        }
        $closed = array_values(array_filter(
            $outlines,
            static fn (array $one): bool => $one['closed'] && count($one['x']) >= 3 && count($one['x']) === count($one['y']),
        ));
        $onRoof = array_values(array_filter($closed, static fn (array $one): bool => strtoupper($one['layer']) === 'ROOF'));
        $one = count($onRoof) === 1 ? $onRoof[0] : (count($closed) === 1 ? $closed[0] : null);
        if ($one === null) {
            throw DocumentInvalid::at($at, 'one closed outline (polyline), or one on the layer ROOF', count($closed).' closed, '.count($onRoof).' on ROOF');
        }
        $metres = self::DRAWING_M[$unit ?? 0] ?? throw DocumentInvalid::at(
            $at,
            'a drawing that says its unit: $INSUNITS of inches, feet, millimetres, centimetres or metres',
            $unit === null ? 'none' : (string) $unit,
        );
        if ($one['bent']) {
            throw DocumentInvalid::at($at, 'straight edges', 'an arc in the outline');
        }
        $corners = array_map(static fn (float $x, float $y): array => [$x * $metres, $y * $metres], $one['x'], $one['y']);

        return [$corners, array_fill(0, count($corners), '')];
    }

    /**
     * @param array{layer: string, closed: bool, bent: bool, vertex: bool, x: list<float>, y: list<float>} $outline
     *
     * @return array{layer: string, closed: bool, bent: bool, vertex: bool, x: list<float>, y: list<float>} With one group of it
     */
    private static function noted(array $outline, int $code, string $value): array
    {
        return match (true) {
            $code === 8 && $outline['layer'] === '' => ['layer' => $value] + $outline,
            $code === 70 && $outline['x'] === [] => ['closed' => ((int) $value & 1) === 1] + $outline,
            // What stands before the first vertex of an older polyline is no place.
            $code === 10 && $outline['vertex'] => ['x' => [...$outline['x'], (float) $value]] + $outline,
            $code === 20 && $outline['vertex'] => ['y' => [...$outline['y'], (float) $value]] + $outline,
            $code === 42 && abs((float) $value) > 1e-9 => ['bent' => true] + $outline,
            default => $outline,
        };
    }

    /**
     * @param list<array{float, float}> $corners
     * @param list<string> $edges
     *
     * @return array{corners: list<array{float, float}>, edges: list<string>}
     */
    private static function told(array $corners, array $edges, string $at): array
    {
        $kept = $kinds = [];
        foreach ($corners as $index => [$x, $y]) {
            $before = $kept === [] ? null : $kept[count($kept) - 1];
            if ($before === null || hypot($x - $before[0], $y - $before[1]) > self::SAME_M) {
                $kept[] = [$x, $y];
                $kinds[] = $edges[$index];
            } else {
                $kinds[count($kinds) - 1] = $edges[$index];
            }
        }
        // A corner that is told again at the end closes the plane.
        if (count($kept) > 1 && hypot($kept[0][0] - $kept[count($kept) - 1][0], $kept[0][1] - $kept[count($kept) - 1][1]) <= self::SAME_M) {
            array_pop($kept);
            array_pop($kinds);
        }
        if (count($kept) < 3 || count($kept) > self::MOST_CORNERS) {
            throw DocumentInvalid::at($at, 'three to '.self::MOST_CORNERS.' corners', (string) count($kept));
        }
        $twice = 0.0;
        foreach ($kept as $index => [$x, $y]) {
            $next = $kept[($index + 1) % count($kept)];
            $twice += $x * $next[1] - $next[0] * $y;
        }
        if ($twice < 0.0) {
            $kept = array_reverse($kept);
            // The edge from a corner is now that which led to it.
            $kinds = array_reverse($kinds);
            $kinds = [...array_slice($kinds, 1), $kinds[0]];
        }
        [$left, $low] = [min(array_column($kept, 0)), min(array_column($kept, 1))];

        // Round from the lower left, as a tape goes.
        $first = 0;
        foreach ($kept as $index => $one) {
            $isLower = $one[1] < $kept[$first][1] - self::SAME_M;
            $first = $isLower || ($one[1] <= $kept[$first][1] + self::SAME_M && $one[0] < $kept[$first][0]) ? $index : $first;
        }
        $edges = [];
        $round = [];
        foreach (array_keys($kept) as $index) {
            $at = ($first + $index) % count($kept);
            $round[] = [$kept[$at][0] - $left, $kept[$at][1] - $low];
            $edges[] = $kinds[$at];
        }

        return ['corners' => $round, 'edges' => $edges];
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Framing\Members;

/** Makes one rail, or one pair of feet, of what two rows bring to the gap between them. */
final class Sharing
{
    private const SAME_M = 1e-6;

    /**
     * @param list<Run> $halves Each with what one row brings to a line
     *
     * @return list<Run> Along each line from the left, lines from the eave up; each row's weight of rail is left on it, on the safe side
     */
    public static function merged(Design $design, Members $members, array $halves): array
    {
        $byLine = [];
        foreach ($halves as $half) {
            $byLine[$half->line->letter][] = $half;
        }
        $runs = [];
        foreach ($byLine as $ofLine) {
            $line = $ofLine[0]->line;
            usort($ofLine, static fn (Run $one, Run $other): int => $one->x0_m <=> $other->x0_m);
            $joined = $rows = [];
            foreach ($ofLine as $half) {
                $last = count($joined) - 1;
                $isApart = $last < 0 || ($half->isRail ? $half->x0_m > $joined[$last]->x1_m + self::SAME_M
                    : $half->firstColumn !== $joined[$last]->firstColumn);
                $last += $isApart ? 1 : 0;
                $joined[$last] = $isApart ? $half : self::two($design, $members, $joined[$last], $half);
                $rows[$last][$half->line->row] = $half->tributary_m;
            }
            foreach ($joined as $part => $run) {
                $runs[] = Copy::of(
                    $run,
                    id: $line->name().(count($joined) > 1 ? $part + 1 : ''),
                    line: $line,
                    tributary_m: array_sum($rows[$part]),
                    // Feet alone stand anywhere in their zones, and share each module as these have it.
                    single: $run->isRail ? count(array_filter($run->shares, static fn (float $share): bool => $share < 0.75))
                        : (array_sum($run->shares) < 1.5 ? 2 : 0),
                );
            }
        }

        return $runs;
    }

    private static function two(Design $design, Members $members, Run $one, Run $other): Run
    {
        $clamps_m = $one->clamps_m;
        foreach ($other->clamps_m as $at_m) {
            if (self::at($clamps_m, $at_m) === null) {
                $clamps_m[] = $at_m;
            }
        }
        sort($clamps_m);
        $none = array_fill(0, count($clamps_m), 0.0);
        $suctions = $areas_m2 = [];
        foreach ([$one, $other] as $half) {
            foreach ($half->suctions as $index => $suction) {
                $suctions[$suction->key] = $suction;
                $areas_m2[$suction->key] = self::added($areas_m2[$suction->key] ?? $none, $clamps_m, $half->clamps_m, $half->windAreas_m2[$index]);
            }
        }
        ksort($suctions, SORT_STRING);
        ksort($areas_m2, SORT_STRING);
        [$x0_m, $x1_m] = [min($one->x0_m, $other->x0_m), max($one->x1_m, $other->x1_m)];
        // On feet alone both halves have chosen theirs, and alike.
        $isLonger = $x1_m - $x0_m > $one->x1_m - $one->x0_m + self::SAME_M;
        $places = $one->isRail && $isLonger ? FootPlaces::under($design, $members, [$one->line], $x0_m, $x1_m) : null;
        $snow_N = [];
        foreach ($one->snow_N as $code => [$normal_N, $along_N]) {
            $snow_N[$code] = [max($normal_N, $other->snow_N[$code][0]), max($along_N, $other->snow_N[$code][1])];
        }

        return Copy::of(
            $one,
            firstColumn: min($one->firstColumn, $other->firstColumn),
            lastColumn: max($one->lastColumn, $other->lastColumn),
            x0_m: $x0_m,
            x1_m: $x1_m,
            clamps_m: $clamps_m,
            shares: self::added(self::added($none, $clamps_m, $one->clamps_m, $one->shares), $clamps_m, $other->clamps_m, $other->shares),
            suctions: array_values($suctions),
            windAreas_m2: array_values($areas_m2),
            snow_N: $snow_N,
            edges_m: [...$one->edges_m, ...$other->edges_m],
            splices_m: $one->isRail ? Pieces::splices_m($design, $x0_m, $x1_m, false) : [],
            candidates_m: $places->at_m ?? $one->candidates_m,
            members: $places->members ?? $one->members,
            hand: $places->hand ?? $one->hand,
        );
    }

    /**
     * @param list<float> $to By clamp of all
     * @param list<float> $clamps_m All
     * @param list<float> $own_m Those of one half
     * @param list<float> $values By those
     *
     * @return list<float>
     */
    private static function added(array $to, array $clamps_m, array $own_m, array $values): array
    {
        foreach ($values as $clamp => $value) {
            $to[self::at($clamps_m, $own_m[$clamp]) ?? 0] += $value;
        }

        return array_values($to);
    }

    /** @param list<float> $clamps_m */
    private static function at(array $clamps_m, float $at_m): ?int
    {
        foreach ($clamps_m as $clamp => $here_m) {
            if (abs($here_m - $at_m) < self::SAME_M) {
                return $clamp;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/**
 * Patterns of partial snow on a continuous rail: an end span full or half against the rest, two neighbours full and the rest half.
 *
 * An overhang with a clamp is a span; a clamp on a support counts full if either span is.
 *
 * Source: ASCE/SEI 7-16, §7.5.1; recalled, MEDIUM.
 */
final class PartialSnow
{
    /**
     * @param list<float> $feet_m
     * @param list<float> $clamps_m
     *
     * @return list<list<float>> For each pattern, the factor at each clamp
     */
    public static function patterns(array $feet_m, array $clamps_m): array
    {
        $edges = $feet_m;
        if ($clamps_m[0] < $feet_m[0] - 1e-9) {
            array_unshift($edges, $clamps_m[0] - 1.0);
        }
        if ($clamps_m[count($clamps_m) - 1] > $feet_m[count($feet_m) - 1] + 1e-9) {
            $edges[] = $clamps_m[count($clamps_m) - 1] + 1.0;
        }
        $spans = count($edges) - 1;
        if ($spans < 2) {
            return [];
        }
        $places = self::places($edges, $clamps_m);
        $fulls = [];
        foreach ([0, $spans - 1] as $end) {
            $fulls[] = [$end => true];
            $fulls[] = array_diff_key(array_fill(0, $spans, true), [$end => true]);
        }
        for ($span = 1; $span < $spans; ++$span) {
            $fulls[] = [$span - 1 => true, $span => true];
        }
        $patterns = [];
        foreach ($fulls as $full) {
            $pattern = [];
            foreach ($places as [$left, $right]) {
                $pattern[] = isset($full[$left]) || isset($full[$right]) ? 1.0 : 0.5;
            }
            $patterns[] = $pattern;
        }

        return $patterns;
    }

    /**
     * @param list<float> $edges
     * @param list<float> $clamps_m
     *
     * @return list<array{int, int}> The span or the two spans that each clamp belongs to
     */
    private static function places(array $edges, array $clamps_m): array
    {
        $places = [];
        $span = 0;
        $last = count($edges) - 2;
        foreach ($clamps_m as $clamp_m) {
            while ($span < $last && $clamp_m > $edges[$span + 1] + 1e-9) {
                ++$span;
            }
            $places[] = [$span, $span < $last && abs($clamp_m - $edges[$span + 1]) <= 1e-9 ? $span + 1 : $span];
        }

        return $places;
    }
}

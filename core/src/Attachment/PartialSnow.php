<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Rail\BeamState;
use Garnetine\Core\Rail\ContinuousBeam;

/**
 * Patterns of partial snow on a continuous rail: an end span full or half against the rest, two neighbours full and the rest half.
 *
 * An overhang with a clamp is a span; a clamp on a support counts full if either span is. Each span is solved once, and a
 * pattern is half of everything plus half of its full spans.
 *
 * Source: ASCE/SEI 7-16, §7.5.1; recalled, MEDIUM.
 */
final readonly class PartialSnow
{
    /**
     * @param list<non-empty-list<float>> $reactions By foot, then pattern
     * @param list<list<float>> $moments By pattern, then foot
     * @param list<array<int, true>> $full By pattern, the spans that are full; span 0 is the left overhang, 1 the first bay
     * @param list<float> $lows The least moment over each foot
     * @param list<float> $highs The greatest
     */
    private function __construct(public array $reactions, private array $moments, private array $full, public array $lows, public array $highs)
    {
    }

    /**
     * @param list<float> $feet_m
     * @param list<float> $clamps_m
     * @param list<float> $shares
     *
     * @return self|null Null when there is one span only
     */
    public static function under(ContinuousBeam $beam, array $feet_m, array $clamps_m, array $shares, BeamState $whole): ?self
    {
        $feet = count($feet_m);
        $inside = array_fill(0, $feet + 1, [[], []]);
        $onFoot = array_fill(0, $feet, 0.0);
        $span = 0;
        foreach ($clamps_m as $index => $clamp_m) {
            while ($span < $feet && $clamp_m > $feet_m[$span] + 1e-9) {
                ++$span;
            }
            if ($span < $feet && abs($clamp_m - $feet_m[$span]) <= 1e-9) {
                $onFoot[$span] += $shares[$index];
            } else {
                $inside[$span][0][] = $clamp_m;
                $inside[$span][1][] = $shares[$index];
            }
        }
        $first = $inside[0][0] === [] ? 1 : 0;
        $last = $inside[$feet][0] === [] ? $feet - 1 : $feet;
        $moments = $reactions = [];
        for ($span = $first; $span <= $last; ++$span) {
            $state = $beam->under($inside[$span][0], $inside[$span][1]);
            $moments[$span] = $state->moments_Nm;
            $reactions[$span] = $state->reactions_N;
        }

        return self::combined($first, $last, $moments, $reactions, $onFoot, $whole->moments_Nm, $whole->reactions_N);
    }

    /**
     * @param array<int, array<int, float>> $moments By span with snow on it alone, then foot
     * @param array<int, array<int, float>> $reactions The same
     * @param array<int, float> $onFoot Shares of clamps that stand on a foot
     * @param array<int, float> $wholeMoments
     * @param array<int, float> $wholeReactions
     */
    public static function combined(int $first, int $last, array $moments, array $reactions, array $onFoot, array $wholeMoments, array $wholeReactions): ?self
    {
        if ($last <= $first) {
            return null;
        }
        $feet = count($onFoot);
        $byFoot = $over = array_fill(0, $feet, []);
        $byPattern = [];
        $patterns = self::patterns($first, $last);
        foreach ($patterns as $index => $full) {
            // In the order of patterns(): an end, all but that end, the other one, all but that, then neighbours.
            $one = $index < 2 ? $first : ($index < 4 ? $last : $first + $index - 4);
            $two = $index < 4 ? null : $one + 1;
            $without = $index === 1 || $index === 3;
            $momentsOne = $moments[$one];
            $reactionsOne = $reactions[$one];
            $momentsTwo = $two === null ? null : $moments[$two];
            $reactionsTwo = $two === null ? [] : $reactions[$two];
            $row = [];
            for ($foot = 0; $foot < $feet; ++$foot) {
                $moment = $wholeMoments[$foot];
                $reaction = $wholeReactions[$foot];
                if ($without) {
                    $moment += $moment - $momentsOne[$foot];
                    $reaction += $reaction - $onFoot[$foot] - $reactionsOne[$foot];
                } elseif ($momentsTwo === null) {
                    $moment += $momentsOne[$foot];
                    $reaction += $reactionsOne[$foot];
                } else {
                    $moment += $momentsOne[$foot] + $momentsTwo[$foot];
                    $reaction += $reactionsOne[$foot] + $reactionsTwo[$foot];
                }
                if ($onFoot[$foot] > 0.0 && (isset($full[$foot]) || isset($full[$foot + 1]))) {
                    $reaction += $onFoot[$foot];
                }
                $row[] = $over[$foot][] = $moment / 2;
                $byFoot[$foot][] = $reaction / 2;
            }
            $byPattern[] = $row;
        }

        /** @var list<non-empty-list<float>> $byFoot There is a pattern, since there are two spans */
        /** @var list<non-empty-list<float>> $over */
        return new self($byFoot, $byPattern, $patterns, array_map(min(...), $over), array_map(max(...), $over));
    }

    /**
     * The least and the greatest moment over the patterns, in a bay.
     *
     * @param int $bay From 0
     * @param float $share Place as a share of the bay
     * @param float $simple Moment there under all shares, were the bay on two supports
     *
     * @return array{float, float}
     */
    public function extremes(int $bay, float $share, float $simple): array
    {
        $low = INF;
        $high = -INF;
        foreach ($this->moments as $pattern => $over) {
            $moment = (1 - $share) * $over[$bay] + $share * $over[$bay + 1] + (isset($this->full[$pattern][$bay + 1]) ? $simple : $simple / 2);
            if ($moment < $low) {
                $low = $moment;
            }
            if ($moment > $high) {
                $high = $moment;
            }
        }

        return [$low, $high];
    }

    /** @return non-empty-list<array<int, true>> For each pattern, its full spans */
    private static function patterns(int $first, int $last): array
    {
        $all = array_fill($first, $last - $first + 1, true);
        $patterns = [];
        foreach ([$first, $last] as $end) {
            $patterns[] = [$end => true];
            $patterns[] = array_diff_key($all, [$end => true]);
        }
        for ($span = $first + 1; $span <= $last; ++$span) {
            $patterns[] = [$span - 1 => true, $span => true];
        }

        return $patterns;
    }
}

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
     * @param list<list<bool>> $full By pattern, whether each bay between feet is full
     */
    private function __construct(public array $reactions, private array $moments, private array $full, private BeamState $whole)
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
        // Span 0 is the left overhang, spans 1 … feet − 1 the bays, span "feet" the right overhang.
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
        if ($last <= $first) {
            return null;
        }
        $states = [];
        for ($span = $first; $span <= $last; ++$span) {
            $states[$span] = $inside[$span][0] === [] ? null : $beam->under($inside[$span][0], $inside[$span][1]);
        }
        $reactions = array_fill(0, $feet, []);
        $moments = $bays = [];
        foreach (self::patterns($first, $last) as $full) {
            $over = [];
            for ($foot = 0; $foot < $feet; ++$foot) {
                $moment = $whole->moments_Nm[$foot];
                $reaction = $whole->reactions_N[$foot] + (isset($full[$foot]) || isset($full[$foot + 1]) ? $onFoot[$foot] : 0.0);
                foreach ($full as $span => $_) {
                    if ($states[$span] !== null) {
                        $moment += $states[$span]->moments_Nm[$foot];
                        $reaction += $states[$span]->reactions_N[$foot];
                    }
                }
                $over[] = $moment / 2;
                $reactions[$foot][] = $reaction / 2;
            }
            $moments[] = $over;
            $bay = [];
            for ($span = 1; $span < $feet; ++$span) {
                $bay[] = isset($full[$span]);
            }
            $bays[] = $bay;
        }

        /** @var list<non-empty-list<float>> $reactions There is a pattern, since there are two spans */
        return new self($reactions, $moments, $bays, $whole);
    }

    /**
     * Moments at a section: under everything, and the least and the greatest over the patterns.
     *
     * @return array{float, float, float}
     */
    public function extremes(RailSection $section): array
    {
        $span = $section->span;
        $whole = $this->whole->momentInSpan_Nm($span, $section->at_m);
        $share = $section->at_m / $this->whole->length_m($span);
        $simple = $whole - (1 - $share) * $this->whole->moments_Nm[$span] - $share * $this->whole->moments_Nm[$span + 1];
        $low = INF;
        $high = -INF;
        foreach ($this->moments as $pattern => $over) {
            $moment = (1 - $share) * $over[$span] + $share * $over[$span + 1] + ($this->full[$pattern][$span] ? $simple : $simple / 2);
            $low = min($low, $moment);
            $high = max($high, $moment);
        }

        return [$whole, $low, $high];
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

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

use Garnetine\Core\Attachment\Check\Worked;
use Garnetine\Core\Rail\BeamState;
use Garnetine\Core\Rail\ContinuousBeam;

/**
 * Patterns of partial snow on a continuous rail: an end span full or light against the rest, two neighbours full and the rest light.
 *
 * An overhang with a clamp is a span; a clamp on a support counts full if either span is. Each span is solved once, and a
 * pattern is what lies lightly on everything, plus what its full spans have more.
 *
 * Source: ASCE/SEI 7-16, §7.5.1; recalled, MEDIUM.
 */
final class PartialSnow
{
    /** So many spans away nothing is felt: a moment at most halves from foot to foot. */
    public const REACH = 50;

    /** @var list<non-empty-list<float>>|null */
    private ?array $reactions = null;

    /** @var array<int, list<int>>|null By span, the patterns in which it is full */
    private ?array $fullBy = null;

    /**
     * @param list<non-empty-list<float>> $moments By foot, then pattern
     * @param list<array<int, true>> $full By pattern, the spans that are full; span 0 is the left overhang, 1 the first bay
     * @param list<float> $lows The least moment over each foot
     * @param list<float> $highs The greatest
     * @param \Closure(): list<non-empty-list<float>> $reactionsOf See reactions()
     */
    private function __construct(
        private readonly array $moments,
        private readonly array $full,
        public readonly array $lows,
        public readonly array $highs,
        private readonly \Closure $reactionsOf,
        private readonly float $light,
    ) {
    }

    /**
     * Worked out when they are asked for.
     *
     * @return list<non-empty-list<float>> By foot, then pattern
     */
    public function reactions(): array
    {
        return $this->reactions ??= ($this->reactionsOf)();
    }

    /**
     * @param list<float> $feet_m
     * @param list<float> $clamps_m
     * @param list<float> $shares
     *
     * @return self|null Null when there is one span only
     */
    public static function under(ContinuousBeam $beam, array $feet_m, array $clamps_m, array $shares, BeamState $whole, float $light): ?self
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

        return self::combined($first, $last, $moments, static fn (): array => $reactions, $onFoot, $whole->moments_Nm, $whole->reactions_N, $light);
    }

    /**
     * @param array<int, array<int, float>> $moments By span with snow on it alone, then foot
     * @param \Closure(): array<int, array<int, float>> $reactions The same
     * @param array<int, float> $onFoot Shares of clamps that stand on a foot
     * @param array<int, float> $wholeMoments
     * @param array<int, float> $wholeReactions
     */
    public static function combined(
        int $first,
        int $last,
        array $moments,
        \Closure $reactions,
        array $onFoot,
        array $wholeMoments,
        array $wholeReactions,
        float $light,
    ): ?self {
        if ($last <= $first) {
            return null;
        }
        $full = self::patterns($first, $last);
        $over = self::byFoot($first, $last, $full, $moments, $wholeMoments, array_fill(0, count($onFoot), 0.0), $light);

        return new self(
            $over,
            $full,
            array_map(static fn (array $patterns): float => min($patterns), $over),
            array_map(static fn (array $patterns): float => max($patterns), $over),
            static fn (): array => self::byFoot($first, $last, $full, $reactions(), $wholeReactions, $onFoot, $light),
            $light,
        );
    }

    /**
     * @param non-empty-list<array<int, true>> $full By pattern
     * @param array<int, array<int, float>> $spans What each span makes alone, by foot
     * @param array<int, float> $wholes What all make
     * @param array<int, float> $onFoot What clamps on the foot itself make
     *
     * @return list<non-empty-list<float>> By foot, then pattern
     */
    private static function byFoot(int $first, int $last, array $full, array $spans, array $wholes, array $onFoot, float $light): array
    {
        $byFoot = [];
        foreach ($onFoot as $foot => $on) {
            $whole = $wholes[$foot];
            [$one, $other] = [$spans[$first][$foot], $spans[$last][$foot]];
            // What is full: in the order of patterns() an end, all but that end, the other one, all but that, then neighbours; each still without what
            // stands on the foot.
            $sums = [$one, $whole - $on - $one, $other, $whole - $on - $other];
            $from = max($first + 1, $foot - self::REACH);
            $to = min($last, $foot + self::REACH);
            for ($span = $from; $span <= $to; ++$span) {
                $sums[$span - $first + 3] = $spans[$span - 1][$foot] + $spans[$span][$foot];
            }
            $patterns = array_fill(0, count($full), $light * $whole);
            foreach ($sums as $pattern => $sum) {
                $patterns[$pattern] += (1 - $light) * ($on > 0.0 && (isset($full[$pattern][$foot]) || isset($full[$pattern][$foot + 1])) ? $sum + $on : $sum);
            }
            $byFoot[] = array_values($patterns);
        }

        return $byFoot;
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
        $right = $this->moments[$bay + 1];
        foreach ($this->moments[$bay] as $pattern => $left) {
            $moment = (1 - $share) * $left + $share * $right[$pattern] + (isset($this->full[$pattern][$bay + 1]) ? $simple : $this->light * $simple);
            if ($moment < $low) {
                $low = $moment;
            }
            if ($moment > $high) {
                $high = $moment;
            }
        }

        return [$low, $high];
    }

    /**
     * Bounds on that: exact for the few patterns in which the bay is full, rough for the others.
     *
     * @return array{float, float}
     */
    public function range(int $bay, float $share, float $simple): array
    {
        $low = (1 - $share) * $this->lows[$bay] + $share * $this->lows[$bay + 1] + $this->light * $simple;
        $high = (1 - $share) * $this->highs[$bay] + $share * $this->highs[$bay + 1] + $this->light * $simple;
        $left = $this->moments[$bay];
        $right = $this->moments[$bay + 1];
        foreach (($this->fullBy ??= $this->fullBy())[$bay + 1] ?? [] as $pattern) {
            $moment = (1 - $share) * $left[$pattern] + $share * $right[$pattern] + $simple;
            if ($moment < $low) {
                $low = $moment;
            } elseif ($moment > $high) {
                $high = $moment;
            }
        }

        return [$low, $high];
    }

    /** @return array<int, list<int>> */
    private function fullBy(): array
    {
        $by = [];
        foreach ($this->full as $pattern => $spans) {
            foreach ($spans as $span => $_) {
                $by[$span][] = $pattern;
            }
        }

        return $by;
    }

    /**
     * What of the snow lies at each clamp in each pattern, 1 where it is full; a clamp on a support is full if either span is.
     *
     * @param list<float> $feet_m
     * @param list<float> $clamps_m
     *
     * @return list<list<float>> By pattern; none when there is one span only
     */
    public static function onClamps(array $feet_m, array $clamps_m, float $light): array
    {
        $count = count($feet_m);
        [$first, $last] = [$clamps_m[0] < $feet_m[0] - 1e-9 ? 0 : 1, $clamps_m[count($clamps_m) - 1] > $feet_m[$count - 1] + 1e-9 ? $count : $count - 1];
        $onClamps = [];
        foreach ($last <= $first ? [] : self::patterns($first, $last) as $full) {
            $onClamps[] = array_map(static function (float $clamp_m) use ($feet_m, $full, $light): float {
                $span = count(array_filter($feet_m, static fn (float $foot_m): bool => $foot_m < $clamp_m - 1e-9));
                $isOnFoot = array_filter($feet_m, static fn (float $foot_m): bool => abs($foot_m - $clamp_m) <= 1e-9) !== [];

                return isset($full[$span]) || ($isOnFoot && isset($full[$span + 1])) ? 1.0 : $light;
            }, $clamps_m);
        }

        return $onClamps;
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

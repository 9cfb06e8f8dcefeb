<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

use Garnetine\Core\Attachment\Check\RunCheck;

/**
 * Which moments over two neighbouring feet leave any way to the far end of a rail with so many feet: what a chain of feet from the
 * near end must meet, and what rules a count out where it meets nothing.
 *
 * From the far end on. Over three neighbouring feet the three-moment equation makes the moments over the first two an affine image of those over
 * the last two; what keeps the bay's sections and the foot within their capacity cuts a convex part out of it. Whatever the third foot is, the
 * union of these parts is held by its hull: nothing that holds is lost. The down case goes by the shares, the up case by all of it under the winds
 * of a middling bay, so much larger or smaller on each bay and foot as its own area makes them, with a slack for what is not alike in all.
 *
 * Of rails without hinges.
 *
 * @internal
 */
final class Reach
{
    /** Past so many bays with so many feet after them nothing more is worked out. */
    private const STATES = 8_000;

    /** What is not worked out. */
    private const UNKNOWN = [];
    private const CLOSE = 1e-9;

    /** What is at its limit by rounding alone is within it. */
    private const NEARLY = 1 + 1e-9;

    /** In steps of a search. */
    private const COSTS = 2;

    /** @var non-empty-list<non-empty-list<float>> By case, the up one only where anything lifts: of each unit so much */
    private readonly array $factors;

    /**
     * By bay and case: terms left and right, reactions left and right, sections, capacity, see eased().
     *
     * @var array<int, array<int, list<array{float, float, float, float, list<float>, float, array{float, float}}>>>
     */
    private array $bays = [];

    /**
     * By the feet of a bay and those after: polygons by case, of the moments over them in turn.
     *
     * @var array<int, array<int, array<int, list<list<float>>|null>>>
     */
    private array $polygons = [];

    /** @var array<int, array<int, array{float, float}>> By the feet before and after, see eased() */
    private array $feet = [];

    /** @var list<float> On a bay as long as the fewest feet would have it, by unit */
    private readonly array $winds_N;

    private int $states = 0;

    public function __construct(private readonly SearchSpace $space, private readonly RunCheck $check, private readonly float $limit)
    {
        $this->winds_N = $check->winds->bay_N(($space->x_m($space->count - 1) - $space->x_m(0)) / max(1, ($space->start ?? 2) - 1));
        $up = array_map(static fn (float $wind_N): float => $space->up->windUp * $wind_N, $this->winds_N);
        $up[0] -= $space->up->normal_N;
        $down = array_replace(array_fill(0, count($up), 0.0), [0 => 1.0]);
        $this->factors = $space->up->windUp > 0.0 ? [$down, $up] : [$down];
    }

    /** Whether no layout of so many feet can hold. */
    public function isEmpty(int $count): bool
    {
        foreach ($this->space->next as $i => $seconds) {
            $over = $this->space->leftEnds[$i];
            foreach ($over === null ? [] : $seconds as $j) {
                if ($over !== null && $this->space->pieces[$j] === 0 && $this->within($i, $j, $count - 2, $over, 0.0) !== null) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Where moments over the first foot that are known but for a multiple of those over the second lead anywhere.
     *
     * Ranges of the moment over the second: of the shares, and of the up case under the bay's own winds; none where nothing is known, null where nothing
     * leads on.
     *
     * @param list<float> $known By unit: the moment over the first foot, less so much times the one over the second
     *
     * @return list<array{float, float}>|null
     */
    public function within(int $i, int $j, int $left, array $known, float $carry): ?array
    {
        $ranges = [];
        $polygons = $this->polygons($i, $j, $left);
        foreach ($polygons ?? [] as $case => $polygon) {
            $range = self::along($polygon, self::of($this->factors[$case], $known), $carry);
            if ($range === null) {
                return null;
            }
            if ($case > 0) {
                [$times, $slack_Nm] = $this->bay($i, $j)[$case][6];
                $range = [$times * $range[0] - $slack_Nm, $times * $range[1] + $slack_Nm];
            }
            $ranges[] = $range;
        }

        return $polygons === null ? null : $ranges;
    }

    /**
     * @param list<float> $polygon
     *
     * @return array{float, float}|null Of the moment over the second foot, where the one over the first goes with it
     */
    private static function along(array $polygon, float $known, float $carry): ?array
    {
        $slack = self::CLOSE * (1 + abs($known));
        [$low, $high] = [INF, -INF];
        $count = count($polygon);
        $before = $polygon[$count - 2] + $carry * $polygon[$count - 1] - $known;
        for ($at = 0, $from = $count - 2; $at < $count; $from = $at, $at += 2) {
            $off = $polygon[$at] + $carry * $polygon[$at + 1] - $known;
            if (abs($off) <= $slack) {
                [$low, $high] = [min($low, $polygon[$at + 1]), max($high, $polygon[$at + 1])];
            } elseif (($off > 0.0) !== ($before > 0.0) && abs($before) > $slack) {
                $moment = $polygon[$at + 1] + $off / ($off - $before) * ($polygon[$from + 1] - $polygon[$at + 1]);
                [$low, $high] = [min($low, $moment), max($high, $moment)];
            }
            $before = $off;
        }

        return $low > $high ? null : [$low - $slack, $high + $slack];
    }

    /** @return list<list<float>>|null Null where nothing leads on */
    private function polygons(int $i, int $j, int $left): ?array
    {
        if (!isset($this->space->after[$i][$j]) || $this->space->after[$i][$j] > $left) {
            return null;
        }
        if (!isset($this->polygons[$i][$j]) || !array_key_exists($left, $this->polygons[$i][$j])) {
            $this->polygons[$i][$j][$left] = $this->states < self::STATES ? $this->made($i, $j, $left) : self::UNKNOWN;
        }

        return $this->polygons[$i][$j][$left];
    }

    /** @return list<list<float>>|null */
    private function made(int $i, int $j, int $left): ?array
    {
        ++$this->states;
        $this->check->work?->take(self::COSTS);
        $bays = $this->bay($i, $j);
        if ($left === 0) {
            $over = $this->space->rightEnds[$j] ?? [];
            $made = [];
            foreach ($this->factors as $case => $factors) {
                $moment = self::of($factors, $over);
                $capacity = $bays[$case][5];
                $cut = self::kept([-$capacity, $moment, $capacity, $moment], $bays[$case], $this->space->between($i, $j)->bay->sections);
                if ($cut === []) {
                    return null;
                }
                $made[] = $cut;
            }

            return $made;
        }
        $points = array_map(static fn (): array => [], $this->factors);
        foreach ($this->space->following($j, $left, false) as $l) {
            if (!$this->space->piecesMay($i, $j, $l)) {
                continue;
            }
            $after = $this->polygons($j, $l, $left - 1);
            if ($after === self::UNKNOWN) {
                return self::UNKNOWN;
            }
            $parts = $after === null ? null : $this->parts($i, $j, $l, $after);
            foreach ($parts ?? [] as $case => $part) {
                array_push($points[$case], ...$part);
            }
        }

        return $points[0] === [] ? null : array_values(array_map(self::hull(...), $points));
    }

    /**
     * @param list<list<float>> $after Of the bay after the foot in the middle
     *
     * @return list<list<float>>|null Of the bay before it
     */
    private function parts(int $i, int $j, int $l, array $after): ?array
    {
        [$one, $two] = [$this->bay($i, $j), $this->bay($j, $l)];
        [$bay, $next_m] = [$this->space->between($i, $j)->bay, $this->space->between($j, $l)->bay->length_m];
        $length_m = $bay->length_m;
        $bend = 1 / $length_m + 1 / $next_m;
        $caps = $this->foot($i, $l, $bend);
        $parts = [];
        foreach (array_keys($this->factors) as $case) {
            $terms = $one[$case][0] + $two[$case][1];
            $reaction = $one[$case][3] + $two[$case][2];
            $both = 2 * ($length_m + $next_m);
            $polygon = $after[$case];
            $mapped = $over = [];
            for ($at = 0, $count = count($polygon); $at < $count; $at += 2) {
                [$u, $v] = [$polygon[$at], $polygon[$at + 1]];
                $x = (-$terms - $both * $u - $next_m * $v) / $length_m;
                $mapped[] = $x;
                $mapped[] = $u;
                $over[] = $caps[$case] - $reaction - $x / $length_m - $v / $next_m + $bend * $u;
            }
            $mapped = self::clip($mapped, $over);
            $cut = self::kept($mapped, $one[$case], $bay->sections);
            if ($cut === []) {
                return null;
            }
            $parts[] = $cut;
        }

        return $parts;
    }

    /**
     * What keeps both ends and the sections of a bay within its capacity.
     *
     * @param list<float> $polygon
     * @param array{float, float, float, float, list<float>, float, array{float, float}} $bay
     * @param list<float> $shares
     *
     * @return list<float>
     */
    private static function kept(array $polygon, array $bay, array $shares): array
    {
        $capacity = $bay[5];
        $polygon = self::between($polygon, 1.0, 0.0, 0.0, $capacity);
        $polygon = self::between($polygon, 0.0, 1.0, 0.0, $capacity);
        foreach ($bay[4] as $index => $simple) {
            if ($polygon === []) {
                return [];
            }
            $polygon = self::between($polygon, 1 - $shares[$index], $shares[$index], $simple, $capacity);
        }

        return $polygon;
    }

    /**
     * Where a value that is linear in both moments stays within a capacity, either way.
     *
     * @param list<float> $polygon
     *
     * @return list<float>
     */
    private static function between(array $polygon, float $perX, float $perY, float $value, float $capacity): array
    {
        $above = $below = [];
        $isAbove = $isBelow = false;
        for ($at = 0, $count = count($polygon); $at < $count; $at += 2) {
            $one = $value + $perX * $polygon[$at] + $perY * $polygon[$at + 1];
            $above[] = $capacity - $one;
            $below[] = $capacity + $one;
            $isAbove = $isAbove || $one > $capacity;
            $isBelow = $isBelow || $one < -$capacity;
        }
        if ($isAbove) {
            $polygon = self::clip($polygon, $above);
            $below = [];
            for ($at = 0, $count = count($polygon); $isBelow && $at < $count; $at += 2) {
                $below[] = $capacity + $value + $perX * $polygon[$at] + $perY * $polygon[$at + 1];
            }
        }

        return $isBelow ? self::clip($polygon, $below) : $polygon;
    }

    /**
     * The part of a polygon, or of a line, on which something is not negative.
     *
     * @param list<float> $polygon
     * @param list<float> $over That, at its corners
     *
     * @return list<float>
     */
    private static function clip(array $polygon, array $over): array
    {
        $cut = [];
        $count = count($over);
        foreach ($over as $corner => $value) {
            if ($value >= -self::CLOSE) {
                $cut[] = $polygon[2 * $corner];
                $cut[] = $polygon[2 * $corner + 1];
            }
            $to = $corner + 1 < $count ? $corner + 1 : 0;
            $next = $over[$to];
            if (($value > self::CLOSE && $next < -self::CLOSE) || ($value < -self::CLOSE && $next > self::CLOSE)) {
                $share = $value / ($value - $next);
                $cut[] = $polygon[2 * $corner] + $share * ($polygon[2 * $to] - $polygon[2 * $corner]);
                $cut[] = $polygon[2 * $corner + 1] + $share * ($polygon[2 * $to + 1] - $polygon[2 * $corner + 1]);
            }
        }

        return $cut;
    }

    /**
     * @param list<float> $points
     *
     * @return list<float>
     */
    private static function hull(array $points): array
    {
        $pairs = [];
        for ($at = 0, $count = count($points); $at < $count; $at += 2) {
            $pairs[] = [$points[$at], $points[$at + 1]];
        }
        sort($pairs);

        return count($pairs) < 3 ? $points : [...self::half($pairs), ...self::half(array_reverse($pairs))];
    }

    /**
     * One side of a hull, but for its last corner.
     *
     * @param list<array{float, float}> $pairs In order
     *
     * @return list<float>
     */
    private static function half(array $pairs): array
    {
        $xs = $ys = [];
        $last = -1;
        foreach ($pairs as [$x, $y]) {
            while ($last > 0 && ($xs[$last] - $xs[$last - 1]) * ($y - $ys[$last - 1]) <= ($ys[$last] - $ys[$last - 1]) * ($x - $xs[$last - 1])) {
                --$last;
            }
            ++$last;
            [$xs[$last], $ys[$last]] = [$x, $y];
        }
        $half = [];
        for ($at = 0; $at < $last; ++$at) {
            array_push($half, $xs[$at], $ys[$at]);
        }

        return $half;
    }

    /** @return list<array{float, float, float, float, list<float>, float, array{float, float}}> */
    private function bay(int $i, int $j): array
    {
        return $this->bays[$i][$j] ??= $this->madeBay($i, $j);
    }

    /** @return list<array{float, float, float, float, list<float>, float, array{float, float}}> */
    private function madeBay(int $i, int $j): array
    {
        $loaded = $this->space->between($i, $j);
        $bay = $loaded->bay;
        [$times, $slack_Nm] = $this->eased($loaded->winds_N, $this->space->largestFollowed);
        $slack_Nm += abs($times - 1) * $this->space->up->normal_N * $this->limit * $this->space->cap;
        $capacities = [
            self::NEARLY * $this->limit * $this->space->cap,
            self::NEARLY * ($this->limit * $this->space->capUp_Nm + $slack_Nm) / $times,
        ];
        $made = [];
        foreach ($this->factors as $case => $factors) {
            $sections = [];
            foreach (array_keys($bay->sections) as $index) {
                $sections[] = self::of($factors, array_column($bay->unitSections, $index));
            }
            $made[] = [
                self::of($factors, $bay->leftTerms), self::of($factors, $bay->rightTerms),
                self::of($factors, $bay->leftReactions), self::of($factors, $bay->rightReactions), $sections, $capacities[$case], [$times, $slack_Nm],
            ];
        }

        return $made;
    }

    /**
     * What the foot between two others may bear, by case.
     *
     * @param float $bend What a moment of one over any of the three moves its reaction by, at most half of that
     *
     * @return array{float, float}
     */
    private function foot(int $before, int $after, float $bend): array
    {
        $space = $this->space;
        $down = $space->downPerReaction > 0.0 ? $this->limit / $space->downPerReaction : INF;
        [$times, $slack_Nm] = $this->feet[$before][$after] ??= $this->eased($space->footWinds_N($before, $after), $space->largestFollowed);
        // Of the shares no more lies on a foot, nor lifts it, than that.
        $most = max(is_finite($down) ? $down : 0.0, 2 * $bend * $this->limit * $space->cap);

        return [
            self::NEARLY * $down,
            self::NEARLY * ($this->limit * $space->upCapacity_N + abs($times - 1) * $space->up->normal_N * $most + 2 * $bend * $slack_Nm) / $times,
        ];
    }

    /**
     * @param list<float> $winds_N On an area
     * @param list<float> $largest
     *
     * @return array{float, float} So many times those of the largest area in every unit, and what that leaves of a moment
     */
    private function eased(array $winds_N, array $largest): array
    {
        $times = INF;
        foreach ($winds_N as $unit => $wind_N) {
            $times = $this->winds_N[$unit] > 0.0 ? min($times, $wind_N / $this->winds_N[$unit]) : $times;
        }
        $times = is_finite($times) ? $times : 1.0;
        $slack_Nm = 0.0;
        foreach ($winds_N as $unit => $wind_N) {
            $slack_Nm += max(0.0, $wind_N - $times * $this->winds_N[$unit]) * $largest[$unit];
        }

        return [$times, $this->space->up->windUp * $slack_Nm];
    }

    /**
     * @param list<float> $factors
     * @param array<int, float> $units
     */
    private static function of(array $factors, array $units): float
    {
        $sum = 0.0;
        foreach ($factors as $unit => $factor) {
            $sum += $factor * ($units[$unit] ?? 0.0);
        }

        return $sum;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Brick\Math\BigRational;

/** Continuous beams with hinges in exact fractions, by the three-moment equation with one unknown kink for each hinge. */
final class ExactBeam
{
    /**
     * All lengths and loads are whole numbers. EI is one.
     *
     * @param list<int> $supports
     * @param list<int> $hinges
     * @param list<array{int, int}> $loads Place and load
     *
     * @return array{list<float>, list<float>}|null Moments over the supports and reactions; null for a mechanism
     */
    public static function solve(array $supports, array $hinges, array $loads): ?array
    {
        $n = count($supports);
        $zero = BigRational::zero();
        $r = static fn (int $value): BigRational => BigRational::of($value);
        $spanOf = static function (int $x) use ($supports, $n): int {
            for ($i = 0; $i < $n - 1; ++$i) {
                if ($x > $supports[$i] && $x < $supports[$i + 1]) {
                    return $i;
                }
            }

            return -1;
        };
        $left = $right = $zero;
        foreach ($loads as [$x, $p]) {
            $left = $x < $supports[0] ? $left->minus($r($p * ($supports[0] - $x))) : $left;
            $right = $x > $supports[$n - 1] ? $right->minus($r($p * ($x - $supports[$n - 1]))) : $right;
        }
        $size = $n + count($hinges);
        $a = array_fill(0, $size, array_fill(0, $size, $zero));
        $b = array_fill(0, $size, $zero);
        $a[0][0] = $a[$n - 1][$n - 1] = $r(1);
        [$b[0], $b[$n - 1]] = [$left, $right];
        for ($i = 1; $i < $n - 1; ++$i) {
            [$l1, $l2] = [$supports[$i] - $supports[$i - 1], $supports[$i + 1] - $supports[$i]];
            $a[$i][$i - 1] = $a[$i][$i - 1]->plus($l1);
            $a[$i][$i] = $a[$i][$i]->plus(2 * ($l1 + $l2));
            $a[$i][$i + 1] = $a[$i][$i + 1]->plus($l2);
            foreach ($loads as [$x, $p]) {
                if ($x > $supports[$i - 1] && $x < $supports[$i]) {
                    $d = $x - $supports[$i - 1];
                    $b[$i] = $b[$i]->minus($r($p * $d * ($l1 * $l1 - $d * $d))->dividedBy($l1));
                } elseif ($x > $supports[$i] && $x < $supports[$i + 1]) {
                    $d = $supports[$i + 1] - $x;
                    $b[$i] = $b[$i]->minus($r($p * $d * ($l2 * $l2 - $d * $d))->dividedBy($l2));
                }
            }
        }
        foreach ($hinges as $k => $h) {
            $s = $spanOf($h);
            $length = $supports[$s + 1] - $supports[$s];
            $share = $r($h - $supports[$s])->dividedBy($length);
            // The kink turns both ends of its span.
            $a[$s][$n + $k] = $s > 0 ? $a[$s][$n + $k]->plus($r(6)->multipliedBy($r(1)->minus($share))) : $a[$s][$n + $k];
            $a[$s + 1][$n + $k] = $s + 1 < $n - 1 ? $a[$s + 1][$n + $k]->plus($r(6)->multipliedBy($share)) : $a[$s + 1][$n + $k];
            $a[$n + $k][$s] = $r(1)->minus($share);
            $a[$n + $k][$s + 1] = $share;
            $simple = $zero;
            foreach ($loads as [$x, $p]) {
                if ($spanOf($x) === $s) {
                    $x1 = min($x, $h) - $supports[$s];
                    $x2 = $supports[$s + 1] - max($x, $h);
                    $simple = $simple->plus($r($p * $x1 * $x2)->dividedBy($length));
                }
            }
            $b[$n + $k] = $simple->negated();
        }
        $x = self::gauss($a, $b);
        if ($x === null) {
            return null;
        }
        $moments = array_slice($x, 0, $n);
        $reactions = array_fill(0, $n, $zero);
        foreach ($loads as [$at, $p]) {
            $s = $spanOf($at);
            if ($s < 0) {
                $i = $at <= $supports[0] ? 0 : ($at >= $supports[$n - 1] ? $n - 1 : (int) array_search($at, $supports, true));
                $reactions[$i] = $reactions[$i]->plus($p);
                continue;
            }
            $length = $supports[$s + 1] - $supports[$s];
            $reactions[$s] = $reactions[$s]->plus($r($p * ($supports[$s + 1] - $at))->dividedBy($length));
            $reactions[$s + 1] = $reactions[$s + 1]->plus($r($p * ($at - $supports[$s]))->dividedBy($length));
        }
        for ($s = 0; $s < $n - 1; ++$s) {
            $shift = $moments[$s + 1]->minus($moments[$s])->dividedBy($supports[$s + 1] - $supports[$s]);
            $reactions[$s] = $reactions[$s]->plus($shift);
            $reactions[$s + 1] = $reactions[$s + 1]->minus($shift);
        }
        $float = static fn (BigRational $value): float => $value->toFloat();

        return [array_map($float, $moments), array_values(array_map($float, $reactions))];
    }

    /**
     * @param array<int, array<int, BigRational>> $a
     * @param array<int, BigRational> $b
     *
     * @return list<BigRational>|null
     */
    private static function gauss(array $a, array $b): ?array
    {
        $n = count($b);
        for ($c = 0; $c < $n; ++$c) {
            $pivot = null;
            for ($i = $c; $i < $n; ++$i) {
                if (!$a[$i][$c]->isZero()) {
                    $pivot = $i;
                    break;
                }
            }
            if ($pivot === null) {
                return null;
            }
            [$a[$c], $a[$pivot], $b[$c], $b[$pivot]] = [$a[$pivot], $a[$c], $b[$pivot], $b[$c]];
            for ($i = $c + 1; $i < $n; ++$i) {
                if ($a[$i][$c]->isZero()) {
                    continue;
                }
                $f = $a[$i][$c]->dividedBy($a[$c][$c])->simplified();
                for ($j = $c; $j < $n; ++$j) {
                    if (!$a[$c][$j]->isZero()) {
                        $a[$i][$j] = $a[$i][$j]->minus($f->multipliedBy($a[$c][$j]))->simplified();
                    }
                }
                $b[$i] = $b[$i]->minus($f->multipliedBy($b[$c]))->simplified();
            }
        }
        $x = [];
        for ($i = $n - 1; $i >= 0; --$i) {
            $sum = $b[$i];
            for ($j = $i + 1; $j < $n; ++$j) {
                $sum = $sum->minus($a[$i][$j]->multipliedBy($x[$j]));
            }
            $x[$i] = $sum->dividedBy($a[$i][$i])->simplified();
        }
        ksort($x);

        return array_values($x);
    }

    /**
     * A seeded beam: 1 to 12 spans, overhangs, point loads and hinges, all in whole numbers.
     *
     * @return array{list<int>, list<int>, list<array{int, int}>} Supports, hinges, loads
     */
    public static function random(int $seed): array
    {
        mt_srand($seed);
        $spans = mt_rand(1, 12);
        $supports = [mt_rand(0, 40)];
        $hinges = [];
        for ($i = 0; $i < $spans; ++$i) {
            $from = $supports[$i];
            $supports[] = $from + mt_rand(20, 120);
            if ($i > 0 && $i % 2 === 1 && mt_rand(0, 2) === 0) {
                $hinges[] = mt_rand($from + 1, $supports[$i + 1] - 1);
            }
        }
        $end = $supports[$spans] + mt_rand(0, 40);
        $loads = [];
        for ($i = mt_rand(1, 3 * $spans); $i > 0; --$i) {
            $loads[] = [mt_rand(0, $end), mt_rand(-50, 200)];
        }
        sort($loads);

        return [$supports, $hinges, $loads];
    }
}

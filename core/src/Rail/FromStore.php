<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/**
 * Packs pieces into rests that are in store, and what is left into new bars: as few new ones as it finds, and then as few rests. In whole
 * units: a piece with its saw cut, a bar or rest with one more.
 *
 * Each rest takes the set of pieces that fills it best, shortest rests first and longest first; the better of both stays, without the
 * rests that save no bar.
 *
 * @internal
 */
final class FromStore
{
    /** Of more rests none is put back: that takes too long. */
    private const PUT_BACK = 8;

    /** Sets of pieces that are looked at for one rest. */
    private const STEPS = 1_500;

    private int $steps = 0;

    /** @param array<int, int> $pieces By piece, longest first */
    private function __construct(private readonly array $pieces, private readonly int $bar)
    {
    }

    /**
     * @param array<int, int> $pieces Lengths by piece, none longer than a bar
     * @param array<int, int> $rests Lengths by rest
     * @param int $bar A bar and one saw cut more
     *
     * @return array{array<int, list<int>>, list<list<int>>, int} Pieces by rest, by new bar, and the fewest new bars that can do
     */
    public static function of(array $pieces, array $rests, int $bar): array
    {
        arsort($pieces);
        $search = new self($pieces, $bar);
        $best = $search->better($rests);
        // What saves no bar stays in the store.
        while (($fewer = $search->sparing($best, $rests)) !== null) {
            $best = $fewer;
        }

        return [$best[0], $best[1], $search->bound($rests)];
    }

    /**
     * @param array{array<int, list<int>>, list<list<int>>} $packed
     * @param array<int, int> $rests
     *
     * @return array{array<int, list<int>>, list<list<int>>}|null In no more new bars with one rest less; null where there is no such way
     */
    private function sparing(array $packed, array $rests): ?array
    {
        foreach (count($packed[0]) > self::PUT_BACK ? [] : array_keys($packed[0]) as $rest) {
            $fewer = $this->better(array_diff_key(array_intersect_key($rests, $packed[0]), [$rest => 0]));
            if (count($fewer[1]) <= count($packed[1])) {
                return $fewer;
            }
        }

        return null;
    }

    /**
     * @param array<int, int> $rests Filled from the shortest or from the longest on, or not at all
     *
     * @return array{array<int, list<int>>, list<list<int>>} With fewer new bars
     */
    private function better(array $rests): array
    {
        [$up, $down] = [$rests, $rests];
        asort($up);
        arsort($down);
        $best = $this->with([]);
        foreach ($rests === [] ? [] : [$up, $down] as $sorted) {
            $one = $this->with($sorted);
            $best = count($one[1]) < count($best[1]) ? $one : $best;
        }

        return $best;
    }

    /**
     * @param array<int, int> $rests In the order in which they are filled
     *
     * @return array{array<int, list<int>>, list<list<int>>} Pieces by rest, none for those that take nothing, and by new bar
     */
    private function with(array $rests): array
    {
        $left = $this->pieces;
        $taken = [];
        foreach ($rests as $rest => $length) {
            $this->steps = 0;
            $own = $this->filling($left, $length)[1];
            $left = array_diff_key($left, array_flip($own));
            $taken += $own === [] ? [] : [$rest => $own];
        }

        return [$taken, $left === [] ? [] : LeastStock::of($left, $this->bar)[0]];
    }

    /**
     * The set of pieces that fills a length best.
     *
     * @param array<int, int> $pieces Longest first
     *
     * @return array{int, list<int>} How much of it, and which
     */
    private function filling(array $pieces, int $length): array
    {
        $best = [0, []];
        $before = null;
        foreach ($pieces as $piece => $own) {
            unset($pieces[$piece]);
            // Of equal pieces the first stands for all.
            if ($own > $length || $own === $before || ++$this->steps > self::STEPS) {
                continue;
            }
            $before = $own;
            [$more, $others] = $this->filling($pieces, $length - $own);
            if ($own + $more > $best[0]) {
                $best = [$own + $more, [$piece, ...$others]];
            }
            if ($best[0] === $length) {
                break;
            }
        }

        return $best;
    }

    /** @param array<int, int> $rests */
    private function bound(array $rests): int
    {
        $longest = max([0, ...$rests]);
        $beyond = array_filter($this->pieces, static fn (int $piece): bool => $piece > $longest);
        $all = array_sum($this->pieces) - array_sum($rests);

        return max(0, (int) ceil($all / $this->bar - 1e-12), $beyond === [] ? 0 : LeastStock::of($beyond, $this->bar)[1]);
    }
}

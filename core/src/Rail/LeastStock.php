<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/**
 * Packs pieces into as few bars as a search finds, and says below which count none can do. In whole units: a piece with its saw cut, a bar with
 * one more.
 *
 * First-fit, longest first; where that is over the bound, bars are filled one after the other, the longest piece that is left with every
 * set of others beside which nothing more fits, until the bound is met, all is tried or the search ends. The bound is by dual feasible
 * functions, of which total length is one.
 *
 * Source: Fekete and Schepers, new classes of fast lower bounds for bin packing problems (2001); recalled, and tried against enumeration.
 *
 * @internal
 */
final class LeastStock
{
    /** Pieces that are laid beside others at most. */
    private const STEPS = 100_000;

    private const ROUNDINGS = 24;

    private int $steps = 0;

    /** @var array<string, int> Bars taken so far by what is left, as far as that was gone through in vain */
    private array $vain = [];

    /** @var list<int> Lengths that there are, longest first */
    private readonly array $lengths;

    /** @param array<int, int> $pieces Lengths by piece, none longer than a bar */
    private function __construct(private readonly array $pieces, private readonly int $bar)
    {
        $lengths = array_values(array_unique($pieces));
        rsort($lengths);
        $this->lengths = $lengths;
    }

    /**
     * @param array<int, int> $pieces Lengths by piece, each with its saw cut, in the order in which equal ones are taken; none longer than a bar
     * @param int $bar A bar and one saw cut more
     *
     * @return array{list<list<int>>, int} Pieces by bar, and the fewest bars that can do
     */
    public static function of(array $pieces, int $bar): array
    {
        $search = new self($pieces, $bar);
        $bars = $search->firstFit();
        $bound = $search->bound();
        while (count($bars) > $bound) {
            $search->vain = [];
            $counts = array_count_values($pieces);
            $fewer = $search->fill(array_map(static fn (int $length): int => $counts[$length], $search->lengths), count($bars) - 1);
            if ($fewer === null) {
                // Gone through to the end, nothing with fewer bars is left.
                return [$bars, $search->steps > self::STEPS ? $bound : count($bars)];
            }
            $bars = $search->named($fewer);
        }

        return [$bars, $bound];
    }

    /** One step more; false when none is left. */
    private function mayGoOn(): bool
    {
        return ++$this->steps <= self::STEPS;
    }

    /** @return list<list<int>> */
    private function firstFit(): array
    {
        $bars = $rests = [];
        foreach ($this->longestFirst() as $piece) {
            foreach ($rests as $index => $rest) {
                if ($this->pieces[$piece] <= $rest) {
                    $bars[$index][] = $piece;
                    $rests[$index] -= $this->pieces[$piece];
                    continue 2;
                }
            }
            $bars[] = [$piece];
            $rests[] = $this->bar - $this->pieces[$piece];
        }

        return $bars;
    }

    /** @return list<int> */
    private function longestFirst(): array
    {
        $order = array_keys($this->pieces);
        usort($order, fn (int $one, int $other): int => $this->pieces[$other] <=> $this->pieces[$one]);

        return $order;
    }

    /**
     * No packing has fewer bars: pieces by any of several measures, of which no bar takes more than one whole.
     *
     * Measures: pieces shorter than some length count for nothing, those longer than the rest of a bar for a whole one; the others by their
     * part of a bar, or by ⌊(k + 1)·part⌋/k.
     */
    private function bound(): int
    {
        $most = 0;
        foreach ([0, ...array_filter($this->lengths, fn (int $length): bool => 2 * $length <= $this->bar)] as $short) {
            for ($k = 0; $k <= self::ROUNDINGS; ++$k) {
                $sum = 0.0;
                foreach ($this->pieces as $length) {
                    $whole = ($k + 1) * $length;
                    $sum += match (true) {
                        $length < $short => 0.0,
                        $short > 0 && $length > $this->bar - $short => 1.0,
                        $k === 0 || $whole % $this->bar === 0 => $length / $this->bar,
                        default => intdiv($whole, $this->bar) / $k,
                    };
                }
                $most = max($most, (int) ceil($sum - 1e-9));
            }
        }

        return $most;
    }

    /**
     * @param array<int, int> $left How many of each length are left
     *
     * @return list<array<int, int>>|null How many of each length by bar, with so many bars at most; null where none was found
     */
    private function fill(array $left, int $bars): ?array
    {
        $total = 0;
        foreach ($left as $kind => $count) {
            $total += $count * $this->lengths[$kind];
        }
        if ($total === 0) {
            return [];
        }
        $key = implode(',', $left);
        if ($total > $bars * $this->bar || ($this->vain[$key] ?? -1) >= $bars || !$this->mayGoOn()) {
            return null;
        }
        $longest = array_key_first(array_filter($left)) ?? throw new \LogicException('Nothing is left to lay.');
        foreach ($this->beside($left, $longest) as $bar) {
            $then = $left;
            foreach ($bar as $kind => $count) {
                $then[$kind] -= $count;
            }
            $rest = $this->fill($then, $bars - 1);
            if ($rest !== null) {
                return [$bar, ...$rest];
            }
        }
        $this->vain[$key] = max($bars, $this->vain[$key] ?? -1);

        return null;
    }

    /**
     * Bars with a piece of one length beside which nothing more fits, the fullest first.
     *
     * @param array<int, int> $left
     *
     * @return list<array<int, int>>
     */
    private function beside(array $left, int $longest): array
    {
        --$left[$longest];
        $kinds = array_keys(array_filter($left));
        /** @var list<array{int, array<int, int>}> $found Rest and bar */
        $found = [];
        $open = [[0, $this->bar - $this->lengths[$longest], [$longest => 1]]];
        while ($open !== [] && $this->mayGoOn()) {
            [$at, $rest, $bar] = array_pop($open);
            if (isset($kinds[$at])) {
                $kind = $kinds[$at];
                for ($count = 0, $most = min($left[$kind], intdiv($rest, $this->lengths[$kind])); $count <= $most; ++$count) {
                    $open[] = [$at + 1, $rest - $count * $this->lengths[$kind], $count === 0 ? $bar : [$kind => $count + ($bar[$kind] ?? 0)] + $bar];
                }
            } elseif (!$this->takesMore($left, $kinds, $rest, $bar, $longest)) {
                $found[] = [$rest, $bar];
            }
        }
        usort($found, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return array_column($found, 1);
    }

    /**
     * @param array<int, int> $left
     * @param list<int> $kinds
     * @param array<int, int> $bar
     */
    private function takesMore(array $left, array $kinds, int $rest, array $bar, int $longest): bool
    {
        foreach ($kinds as $kind) {
            if ($this->lengths[$kind] <= $rest && $left[$kind] > ($bar[$kind] ?? 0) - ($kind === $longest ? 1 : 0)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<array<int, int>> $bars How many of each length by bar
     *
     * @return list<list<int>> Which pieces
     */
    private function named(array $bars): array
    {
        $of = [];
        foreach ($this->longestFirst() as $piece) {
            $of[$this->pieces[$piece]][] = $piece;
        }

        return array_map(function (array $bar) use (&$of): array {
            ksort($bar);
            $pieces = [];
            foreach ($bar as $kind => $count) {
                array_push($pieces, ...array_splice($of[$this->lengths[$kind]], 0, $count));
            }

            return $pieces;
        }, $bars);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;

/**
 * Pieces of rail with their labels, packed into as few stock lengths as a search finds, beside rests that are in store.
 *
 * "Least" only when the count equals the bound below which none can do.
 */
final readonly class CuttingList
{
    /** What lengths are counted in to be packed, rounded up: sixteenths of an inch and their halves are whole. */
    private const UNIT_M = 1e-7;

    /**
     * @param list<array{label: string, length_m: float}> $pieces
     * @param list<array{stock: int, pieces: list<array{label: string, length_m: float}>, rest_m: float}> $stock New ones
     * @param list<array{length_m: float, pieces: list<array{label: string, length_m: float}>, rest_m: float}> $fromStore Rests that are cut first
     */
    private function __construct(public array $pieces, public array $stock, public int $bound, public array $fromStore)
    {
    }

    /** @param list<Run> $runs */
    public static function of(Design $design, array $runs): self
    {
        $step_m = $design->units->cut_m();
        $stock_m = $design->kit->rail->stockLength->toMetres();
        $kerf_m = $design->kit->rail->kerf->toMetres();
        $pieces = [];
        foreach (array_filter($runs, static fn (Run $run): bool => $run->isRail) as $run) {
            $edges = [$run->x0_m, ...$run->splices_m, $run->x1_m];
            for ($piece = 1; $piece < count($edges); ++$piece) {
                // A piece under one clamp ends by itself, and no piece is longer than its bar.
                $ends = count($run->clamps_m) < 2 ? 0 : (int) ($piece === 1) + (int) ($piece === count($edges) - 1);
                $length_m = ceil(($edges[$piece] - $edges[$piece - 1] + $ends * $design->rules->trim_m()) / $step_m - 1e-6) * $step_m;
                $pieces[] = ['label' => $run->id.'-'.$piece, 'length_m' => min($length_m, $stock_m)];
            }
        }
        $sorted = $pieces;
        usort($sorted, static fn (array $one, array $other): int => [$other['length_m'], $one['label']] <=> [$one['length_m'], $other['label']]);
        $bar = (int) floor(($stock_m + $kerf_m) / self::UNIT_M + 1e-3);
        $cut = static fn (float $length_m): int => min($bar, (int) ceil(($length_m + $kerf_m) / self::UNIT_M - 1e-3));
        $cuts = array_map(static fn (array $piece): int => $cut($piece['length_m']), $sorted);
        $rests_m = self::rests_m($design);
        $rests = array_map(static fn (float $rest_m): int => (int) floor(($rest_m + $kerf_m) / self::UNIT_M + 1e-3), $rests_m);
        [$taken, $bars, $bound] = $rests === [] ? [[], ...LeastStock::of($cuts, $bar)] : FromStore::of($cuts, $rests, $bar);
        $stock = $fromStore = [];
        foreach ($bars as $index => $own) {
            $of = array_map(static fn (int $piece): array => $sorted[$piece], $own);
            $stock[] = ['stock' => $index + 1, 'pieces' => $of, 'rest_m' => self::rest_m($of, $stock_m, $kerf_m)];
        }
        foreach ($taken as $rest => $own) {
            $of = array_map(static fn (int $piece): array => $sorted[$piece], $own);
            $fromStore[] = ['length_m' => $rests_m[$rest], 'pieces' => $of, 'rest_m' => self::rest_m($of, $rests_m[$rest], $kerf_m)];
        }

        return new self($pieces, $stock, $bound, $fromStore);
    }

    /** @param list<array{label: string, length_m: float}> $pieces */
    private static function rest_m(array $pieces, float $long_m, float $kerf_m): float
    {
        return max(0.0, $long_m - array_sum(array_column($pieces, 'length_m')) - (count($pieces) - 1) * $kerf_m);
    }

    /** @return list<float> Each rest that is in store, no longer than a stock length */
    private static function rests_m(Design $design): array
    {
        $rests_m = [];
        foreach ($design->rules->remnants as $remnant) {
            array_push(
                $rests_m,
                ...$remnant->length->toMetres() > $design->kit->rail->stockLength->toMetres() ? [] : array_fill(
                    0,
                    $remnant->count,
                    $remnant->length->toMetres(),
                ),
            );
        }

        return $rests_m;
    }
}

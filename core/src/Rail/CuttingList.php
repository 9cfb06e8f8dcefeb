<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;

/**
 * Pieces of rail with their labels, packed into as few stock lengths as a search finds.
 *
 * "Least" only when the count equals the bound below which none can do.
 */
final readonly class CuttingList
{
    /** What lengths are counted in to be packed, rounded up: sixteenths of an inch and their halves are whole. */
    private const UNIT_M = 1e-7;

    /**
     * @param list<array{label: string, length_m: float}> $pieces
     * @param list<array{stock: int, pieces: list<array{label: string, length_m: float}>, rest_m: float}> $stock
     */
    private function __construct(public array $pieces, public array $stock, public int $bound)
    {
    }

    /** @param list<Run> $runs */
    public static function of(Design $design, array $runs): self
    {
        $step_m = $design->units->cut_m();
        $stock_m = $design->kit->rail->stockLength->toMetres();
        $kerf_m = $design->kit->rail->kerf->toMetres();
        $pieces = [];
        foreach ($runs as $run) {
            $edges = [$run->x0_m, ...$run->splices_m, $run->x1_m];
            for ($piece = 1; $piece < count($edges); ++$piece) {
                $length_m = ceil(($edges[$piece] - $edges[$piece - 1]) / $step_m - 1e-6) * $step_m;
                $pieces[] = ['label' => $run->id.'-'.$piece, 'length_m' => min($length_m, $stock_m)];
            }
        }
        $sorted = $pieces;
        usort($sorted, static fn (array $one, array $other): int => [$other['length_m'], $one['label']] <=> [$one['length_m'], $other['label']]);
        $bar = (int) floor(($stock_m + $kerf_m) / self::UNIT_M + 1e-3);
        $cut = static fn (float $length_m): int => min($bar, (int) ceil(($length_m + $kerf_m) / self::UNIT_M - 1e-3));
        [$bars, $bound] = LeastStock::of(
            array_map(static fn (array $piece): int => $cut($piece['length_m']), $sorted),
            $bar,
        );
        $stock = [];
        foreach ($bars as $index => $bar) {
            $own = array_map(static fn (int $piece): array => $sorted[$piece], $bar);
            $used_m = array_sum(array_column($own, 'length_m')) + (count($own) - 1) * $kerf_m;
            $stock[] = ['stock' => $index + 1, 'pieces' => $own, 'rest_m' => max(0.0, $stock_m - $used_m)];
        }

        return new self($pieces, $stock, $bound);
    }
}

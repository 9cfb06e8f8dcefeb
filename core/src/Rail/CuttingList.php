<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;

/**
 * Pieces of rail with their labels, packed first-fit, longest first, into stock lengths.
 *
 * "Least" only when the count equals the bound of total length over stock length.
 */
final readonly class CuttingList
{
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
        /** @var list<array{stock: int, pieces: list<array{label: string, length_m: float}>, rest_m: float}> $stock */
        $stock = [];
        foreach ($sorted as $piece) {
            foreach ($stock as $index => $bar) {
                if ($piece['length_m'] + $kerf_m <= $bar['rest_m'] + 1e-9) {
                    $stock[$index] = [
                        'stock' => $bar['stock'],
                        'pieces' => [...$bar['pieces'], $piece],
                        'rest_m' => max(0.0, $bar['rest_m'] - $piece['length_m'] - $kerf_m),
                    ];
                    continue 2;
                }
            }
            $rest_m = $stock_m - $piece['length_m'];
            $stock[] = ['stock' => count($stock) + 1, 'pieces' => [$piece], 'rest_m' => max(0.0, $rest_m)];
        }
        $total_m = array_sum(array_column($pieces, 'length_m'));

        return new self($pieces, $stock, (int) ceil($total_m / $stock_m - 1e-9));
    }
}

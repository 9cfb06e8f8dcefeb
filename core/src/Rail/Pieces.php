<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;

/**
 * Splits a run into pieces from stock: full lengths from the left, and a rest that can stand on two members by itself.
 *
 * Source: common practice, no source.
 */
final class Pieces
{
    /**
     * @param bool $isUpSlope Whether its feet stand along the slope
     *
     * @return list<float> Where pieces meet, ascending
     */
    public static function splices_m(Design $design, float $x0_m, float $x1_m, bool $isUpSlope = false): array
    {
        $stock_m = $design->kit->rail->stockLength->toMetres();
        $length_m = $x1_m - $x0_m;
        if ($length_m <= $stock_m + 1e-9) {
            return [];
        }
        $count = (int) ceil($length_m / $stock_m - 1e-9);
        $step_m = $design->units->cut_m();
        $least_m = min($stock_m, 2.5 * ($isUpSlope ? $design->standSpacing() : $design->surface->framing->spacing)->toMetres());
        $rest_m = $length_m - ($count - 1) * $stock_m;
        $splices = [];
        for ($piece = 1; $piece < $count; ++$piece) {
            $splices[] = $x0_m + $piece * $stock_m;
        }
        if ($rest_m < $least_m && $count > 1) {
            // A short rest takes from the piece before it.
            $splices[$count - 2] = $x0_m + floor(($length_m - $least_m) / $step_m) * $step_m;
        }

        return array_values($splices);
    }
}

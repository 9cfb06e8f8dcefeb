<?php

declare(strict_types=1);

namespace Garnetine\Core\Seal;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Foot\Flashing;

/**
 * Tubes of sealant: what fills the holes, each as wide and as long as its fastener, and the bead under each flashing, along its upper edge and both its sides.
 *
 * Source: geometry; that 15 % more are brought is common practice, no source.
 */
final class TubesOf
{
    private const MORE = 1.15;

    /** In cubic metres, with what is wasted. */
    public static function volume_m3(Design $design, int $holes, int $flashed): float
    {
        $fastener = $design->kit->fastener;
        $hole_m3 = M_PI / 4 * $fastener->diameter()->toMetres() ** 2 * $fastener->length()->toMetres();
        $flashing = $design->kit->foot->flashing();
        $bead_m3 = $flashing === null ? 0.0 : M_PI / 4 * ($design->kit->sealant->bead?->toMetres() ?? 0.0) ** 2 * self::round_m($flashing);

        return self::MORE * ($holes * $hole_m3 + $flashed * $bead_m3);
    }

    /** Of a bead in a U that is open down the slope. */
    private static function round_m(Flashing $flashing): float
    {
        return $flashing->width->toMetres() + 2 * ($flashing->below->toMetres() + $flashing->above->toMetres());
    }

    /** @return int|null Null where nobody said what a tube holds, or how thick the bead is that flashings want */
    public static function count(Design $design, int $holes, int $flashed): ?int
    {
        $sealant = $design->kit->sealant;
        $isOpen = $sealant->tubeLitres === null || $design->kit->foot->flashing() !== null && $sealant->bead === null;

        return $isOpen ? null : (int) ceil(1000 * self::volume_m3($design, $holes, $flashed) / $sealant->tubeLitres - 1e-9);
    }
}

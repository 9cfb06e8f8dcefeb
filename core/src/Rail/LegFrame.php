<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Design;

/**
 * The triangle that two legs make under a row, from the pivot of the lower to that of the upper one, c apart on the modules: upper = lower + c·sin ω,
 * feet c·cos ω apart.
 */
final readonly class LegFrame
{
    /** Longer legs are held along the row too. Source: common practice, no source. */
    public const UNBRACED_IN = 12.0;

    private function __construct(
        public int $row,
        /** The lower pivot over the base of its foot. */
        public float $front_m,
        /** The upper one. */
        public float $rear_m,
        /** Between the pivots, on the modules. */
        public float $chord_m,
        /** From foot to foot, on the roof. */
        public float $apart_m,
        public float $over_rad,
    ) {
    }

    /** @return list<self> By row; none where rails lie on their feet */
    public static function all(Design $design, ?RailLines $lines): array
    {
        $legs = $design->block->arrangement;
        if (!$legs instanceof TiltLegs || $lines === null) {
            return [];
        }
        $frames = [];
        foreach ($lines->pairs as $row => [$lower, $upper]) {
            [$apart_m, $front_m, $over] = [$upper->offset_m - $lower->offset_m, $legs->front->toMetres(), $design->overRoof_rad()];
            $frames[] = new self($row, $front_m, $front_m + $apart_m * tan($over), $apart_m / $design->slant(), $apart_m, $over);
        }

        return $frames;
    }
}

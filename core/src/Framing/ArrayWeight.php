<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;

/** What the array itself weighs on the roof. */
final class ArrayWeight
{
    private const G = 9.80665;

    /** Modules with what hangs on them and their rails, in pascals per area of slope. */
    public static function of_Pa(Design $design): float
    {
        $area_m2 = $design->moduleAcross()->toMetres() * $design->moduleUp()->toMetres();
        $module_Pa = ($design->module->mass->toSi() + $design->kit->extra_kg()) * self::G / $area_m2;

        $rail_N = 2 * $design->kit->rail->lineMass->toSi() * self::G;
        // Of rails in two layers as many lower ones as would lie under each column.
        $lower_Pa = $design->block->arrangement instanceof CrossRails ? $rail_N / $design->moduleAcross()->toMetres() : 0.0;

        return $module_Pa + $rail_N / $design->moduleBeside()->toMetres() + $lower_Pa;
    }

    /** Of all blocks of a surface the most. */
    public static function most_Pa(Design $design): float
    {
        return max(array_map(static fn (BlockPart $part): float => self::of_Pa($part->design), $design->parts()));
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Spikes;

use Garnetine\Core\Design\Ground\Racking\Resin;

/**
 * How many spikes one mix sets, and how long they wait: the time to work halves for each 18 °F (10 °C) warmer than 75 °F and is never longer than the paper
 * says, the wait doubles for each 18 °F colder and is never shorter.
 *
 * Source: common practice, no source; the paper's own times govern.
 */
final class ResinPlan
{
    /** 75 °F. */
    private const PAPER_CELSIUS = 215 / 9;
    private const STEP_CELSIUS = 10.0;
    /** Share of the time to work that is planned with. */
    private const USED = 0.8;
    private const WASTE = 1.1;

    public static function pot_min(Resin $resin): float
    {
        return $resin->potMinutes * min(1.0, 2 ** ((self::PAPER_CELSIUS - $resin->day->toCelsius()) / self::STEP_CELSIUS));
    }

    public static function wait_h(Resin $resin): float
    {
        return $resin->waitHours * max(1.0, 2 ** ((self::PAPER_CELSIUS - $resin->day->toCelsius()) / self::STEP_CELSIUS));
    }

    /** Nought where it stiffens before one is set. */
    public static function perMix(Resin $resin): int
    {
        $inTime = (int) floor((self::USED * self::pot_min($resin) - $resin->mixMinutes) / $resin->eachMinutes + 1e-9);

        return max(0, min($inTime, (int) floor($resin->batchLitres / $resin->spikeLitres + 1e-9)));
    }

    public static function mixes(Resin $resin, int $spikes): int
    {
        return (int) ceil($spikes / max(1, self::perMix($resin)));
    }

    public static function litres(Resin $resin, int $spikes): int
    {
        return (int) ceil(self::WASTE * $spikes * $resin->spikeLitres - 1e-9);
    }
}

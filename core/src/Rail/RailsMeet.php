<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\Expansion;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Quantity\Length;

/** Rails of different blocks that would lie on each other, or meet end to end without room for heat. */
final class RailsMeet
{
    /** As wide as any rail with its clamps. Source: common practice, no source (2 in). */
    private const WIDE_IN = 2.0;

    /**
     * @param list<Run> $runs
     *
     * @return list<Finding>
     */
    public static function findings(Design $design, array $runs): array
    {
        $wide_m = Length::ofInches(self::WIDE_IN)->toMetres();
        $findings = [];
        foreach ($runs as $index => $run) {
            foreach (array_slice($runs, 0, $index) as $other) {
                if ($run->line->block === $other->line->block) {
                    continue;
                }
                $apart_m = Expansion::apart(
                    Length::ofMetres($run->x1_m - $run->x0_m),
                    Length::ofMetres($other->x1_m - $other->x0_m),
                    $design->units,
                )->toMetres();
                $apart = max($run->x0_m - $other->x1_m, $other->x0_m - $run->x1_m);
                $isOn = $run->line->isUpSlope === $other->line->isUpSlope
                    ? abs($run->line->at_m - $other->line->at_m) < $wide_m - 1e-9 && $apart < $apart_m - 1e-9
                    : self::isWithin($run, $other->line->at_m, $wide_m) && self::isWithin($other, $run->line->at_m, $wide_m);
                if ($isOn) {
                    $findings[] = Finding::of(Code::RailsMeet, '/block/x_m', ['one' => $other->id, 'other' => $run->id, 'apart_m' => $apart_m]);
                }
            }
        }

        return $findings;
    }

    /** Whether a rail that crosses the way of another reaches it. */
    private static function isWithin(Run $run, float $at_m, float $wide_m): bool
    {
        return $at_m > $run->x0_m - $wide_m && $at_m < $run->x1_m + $wide_m;
    }
}

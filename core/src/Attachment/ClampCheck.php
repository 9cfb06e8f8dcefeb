<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\Combinations;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Rail\Run;

/**
 * The most loaded clamp: pressure on the module quarters that it holds, force by lever.
 *
 * Source: the areas are those of ASCE/SEI 7-16, §26.2; recalled. Other standards know none for clamps; theirs are taken too.
 */
final readonly class ClampCheck
{
    private function __construct(
        public string $run,
        public int $clamp,
        public float $up_N,
        public float $along_N,
        public float $area_m2,
        public ?float $ratio,
    ) {
    }

    /**
     * @param list<Run> $runs
     */
    public static function worst(Design $design, Placement $placement, SiteLoads $loads, array $runs): ?self
    {
        $quarter_m2 = $placement->width_m * $placement->length_m / 4;
        $allowed = $design->kit->clamp;
        $worst = null;
        foreach ($runs as $run) {
            $last = count($run->clamps_m) - 1;
            $along = 0.0;
            foreach ($loads->combinations->strength as $one) {
                foreach ($one->snow === 0.0 ? [[0.0, 0.0]] : $run->snow_N as [, $along_N]) {
                    $along = max($along, $one->dead * $run->deadAlong_N + $one->snow * $along_N);
                }
            }
            foreach ($run->clamps_m as $clamp => $_) {
                $area_m2 = $clamp === 0 || $clamp === $last ? $quarter_m2 : 2 * $quarter_m2;
                $wind_N = 0.0;
                foreach ($run->suctions as $index => $suction) {
                    $wind_N += $suction->at_Pa($area_m2) * $run->windAreas_m2[$index][$clamp];
                }
                $up_N = Combinations::netUp($loads->combinations->strength, $wind_N, $run->deadNormalLeast_N * $run->shares[$clamp]);
                $along_N = $along * $run->shares[$clamp];
                $ratio = $allowed->up === null || $allowed->along === null ? null : max($up_N / $allowed->up->toSi(), $along_N / $allowed->along->toSi());
                if ($worst === null || ($ratio ?? $up_N) > ($worst->ratio ?? $worst->up_N)) {
                    $worst = new self($run->id, $clamp + 1, $up_N, $along_N, $area_m2, $ratio);
                }
            }
        }

        return $worst;
    }
}

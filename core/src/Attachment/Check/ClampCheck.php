<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Combinations;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Rail\Run;

/**
 * The clamp that is pulled most and the one that is pushed along the slope most: pressure on the module quarters that it holds, force by lever.
 *
 * Source: the areas are those of ASCE/SEI 7-16, §26.2; recalled. Other standards know none for clamps; theirs are taken too.
 */
final readonly class ClampCheck
{
    private function __construct(
        public string $run,
        public int $clamp,
        public float $up_N,
        public float $area_m2,
        /** Where the push along the slope is the greatest. */
        public string $alongRun,
        public int $alongClamp,
        public float $along_N,
        /** Demand over allowable in each direction; null where none is entered. */
        public ?float $upRatio,
        public ?float $alongRatio,
    ) {
    }

    /** The worse of both directions; null when either has no allowable. */
    public function ratio(): ?float
    {
        return $this->upRatio === null || $this->alongRatio === null ? null : max($this->upRatio, $this->alongRatio);
    }

    /**
     * @param list<Run> $runs
     */
    public static function worst(Design $design, SiteLoads $loads, array $runs): ?self
    {
        $areas_m2 = $own = [];
        foreach ($design->parts() as $part) {
            [$areas_m2[$part->number], $own[$part->number]] = [$part->design->module_m2(), $part->design->clampAt_m() !== null];
        }
        $allowed = $design->kit->clamp;
        $up = ['', 0, -INF, 0.0];
        $along = ['', 0, -INF];
        foreach ($runs as $run) {
            $last = count($run->clamps_m) - 1;
            $quarter_m2 = $areas_m2[$run->line->block] / 4;
            $perShare_N = self::alongPerShare_N($run, $loads);
            foreach ($run->clamps_m as $clamp => $_) {
                $isEnd = $last > 0 ? $clamp === 0 || $clamp === $last : $run->endClamps() > 0;
                // Of modules that are held by themselves each hangs on half of its rail with two.
                $area_m2 = $own[$run->line->block] ? 2 * $run->shares[$clamp] * $quarter_m2 : ($isEnd ? $quarter_m2 : 2 * $quarter_m2);
                $wind_N = 0.0;
                foreach ($run->suctions as $index => $suction) {
                    $wind_N += $suction->at_Pa($area_m2) * $run->windAreas_m2[$index][$clamp];
                }
                $up_N = Combinations::netUp($loads->combinations->strength, $wind_N, $run->deadNormalLeast_N * $run->shares[$clamp]);
                $up = $up_N > $up[2] + 1e-9 ? [$run->id, $clamp + 1, $up_N, $area_m2] : $up;
                $along_N = $perShare_N * $run->shares[$clamp];
                $along = $along_N > $along[2] + 1e-9 ? [$run->id, $clamp + 1, $along_N] : $along;
            }
        }

        return $runs === [] ? null : new self(
            $up[0],
            $up[1],
            $up[2],
            $up[3],
            $along[0],
            $along[1],
            $along[2],
            self::over($up[2], $allowed->up),
            self::over($along[2], $allowed->along),
        );
    }

    /** The most that one module brings along the slope to this rail. */
    private static function alongPerShare_N(Run $run, SiteLoads $loads): float
    {
        $most_N = 0.0;
        foreach ($loads->combinations->strength as $one) {
            foreach ($one->snow === 0.0 ? [[0.0, 0.0]] : $run->snow_N as [, $along_N]) {
                $most_N = max($most_N, $one->dead * $run->deadAlong_N + $one->snow * $along_N);
            }
        }

        return $most_N;
    }

    private static function over(float $demand_N, ?Force $allowed): ?float
    {
        return $allowed === null ? null : $demand_N / $allowed->toSi();
    }
}

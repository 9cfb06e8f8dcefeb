<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\RunWinds;
use Garnetine\Core\Rail\Run;

/**
 * How long the bays and overhangs of a run may be by its maker's table, under the heaviest load that any clamp brings. It bounds the layouts and
 * is no ratio: of how far a rail stays within its table no reserve is told.
 */
final readonly class SpanLimit
{
    /** So small an area that wind is eased on none. */
    private const SMALL_M = 1e-3;

    private function __construct(
        /** On the width of the table, at its level. */
        public float $load_Pa,
        /** Zero beyond the table. */
        public float $bay_m,
        public float $overhang_m,
        /** For feet off their marks. */
        private float $factor,
    ) {
    }

    /**
     * Null without a table, of pieces under one clamp, and of rails that others lie on: their loads come at points that no table knows.
     *
     * @param list<LoadCase> $down
     * @param list<LoadCase> $up
     */
    public static function of(Run $run, Capacities $capacities, RunWinds $winds, array $down, array $up): ?self
    {
        $table = $capacities->spans;
        if ($table === null || $run->line->isLower || count($run->clamps_m) < 2) {
            return null;
        }
        $most = 0.0;
        $winds_Pa = $winds->pressures_Pa(self::SMALL_M);
        $last = count($run->clamps_m) - 1;
        foreach ($run->clamps_m as $clamp => $x_m) {
            $carries_m = ($run->clamps_m[min($last, $clamp + 1)] - $run->clamps_m[max(0, $clamp - 1)]) / 2;
            $wind_N = array_sum(array_map(static fn (float $wind_Pa, array $areas_m2): float => $wind_Pa * $areas_m2[$clamp], $winds_Pa, $run->windAreas_m2));
            foreach ([...$down, ...$up] as $case) {
                $most = max($most, abs($case->windUp * $wind_N - $case->normal_N * $run->shares[$clamp]) / $carries_m);
            }
        }
        $load_Pa = $most / $table->tributary->toMetres();
        $bay_m = $table->span_m($load_Pa) ?? 0.0;

        return new self($load_Pa, $bay_m, $bay_m * $table->overhangShare, $capacities->placing->factor);
    }

    /** Whether the table ends before its load. */
    public function isBeyondTable(): bool
    {
        return $this->bay_m <= 0.0;
    }

    public function mayBay(float $length_m): bool
    {
        return $length_m * $this->factor <= $this->bay_m + 1e-9;
    }

    public function mayHang(float $length_m): bool
    {
        return $length_m * $this->factor <= $this->overhang_m + 1e-9;
    }

    /**
     * @param list<float> $feet_m Ascending
     * @param float $from_m First and last clamp
     */
    public function allows(array $feet_m, float $from_m, float $to_m): bool
    {
        return $this->beyond($feet_m, $from_m, $to_m) === null;
    }

    /**
     * The first overhang or bay that is too long.
     *
     * @param list<float> $feet_m Ascending
     * @param float $from_m First and last clamp
     *
     * @return array{what: 'span.overhang'|'span.bay', long_m: float, most_m: float}|null
     */
    public function beyond(array $feet_m, float $from_m, float $to_m): ?array
    {
        foreach ([$feet_m[0] - $from_m, $to_m - $feet_m[count($feet_m) - 1]] as $over_m) {
            if (!$this->mayHang($over_m)) {
                return ['what' => 'span.overhang', 'long_m' => $over_m, 'most_m' => $this->overhang_m];
            }
        }
        for ($foot = 1; $foot < count($feet_m); ++$foot) {
            if (!$this->mayBay($feet_m[$foot] - $feet_m[$foot - 1])) {
                return ['what' => 'span.bay', 'long_m' => $feet_m[$foot] - $feet_m[$foot - 1], 'most_m' => $this->bay_m];
            }
        }

        return null;
    }
}

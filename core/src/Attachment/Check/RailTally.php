<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\PartialCase;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\Fastening\LinkRatio;

/** Keeps the worst bending ratio of a run, section by section: fx/Fx + fy/Fy ≤ 1. */
final class RailTally
{
    public float $worst = 0.0;
    public float $at_m = 0.0;
    private float $railWorst = 0.0;

    /** Moments of the worst section, about the strong and the weak axis, by size. */
    public float $normal_Nm = 0.0;
    public float $along_Nm = 0.0;
    private LoadCase $case;
    private float $spliceWorst = 0.0;
    private LoadCase $spliceCase;
    private float $perNormal;
    private float $perAlong;
    private float $perSplice;

    /** The down cases that bend a section, and a splice, most, whatever the share. */
    private LoadCase $downCase;
    private LoadCase $downSpliceCase;

    /**
     * Bounds on the ratio: for a share in the down cases, for a share and for the wind in the up cases, for a share and for the snow's pattern in the
     * partial ones.
     */
    private float $downPerShare = -1.0;
    private float $upPerShare = 0.0;
    private float $perWind = 0.0;
    private float $perWhole = 0.0;
    private float $perSnow = 0.0;

    /**
     * @param non-empty-list<LoadCase> $down
     * @param list<LoadCase> $up
     * @param list<PartialCase> $partials
     */
    public function __construct(private readonly Capacities $capacities, array $down, private readonly array $up, private readonly array $partials)
    {
        $this->case = $this->spliceCase = $down[0];
        $this->perNormal = 1 / $capacities->railNormal_Nm;
        $this->perAlong = 1 / $capacities->railAlong_Nm;
        $this->perSplice = 1 / $capacities->splice_Nm;
        $bound = fn (float $normal_N, float $along_N): float => abs($normal_N) * $this->perNormal + abs($along_N) * $this->perAlong;
        $this->downCase = $this->downSpliceCase = $down[0];
        foreach ($down as $case) {
            if ($bound($case->normal_N, $case->along_N) > $this->downPerShare) {
                [$this->downPerShare, $this->downCase] = [$bound($case->normal_N, $case->along_N), $case];
            }
            if ($case->normal_N + $case->along_N > $this->downSpliceCase->normal_N + $this->downSpliceCase->along_N) {
                $this->downSpliceCase = $case;
            }
        }
        foreach ($up as $case) {
            $this->upPerShare = max($this->upPerShare, $bound($case->normal_N, $case->along_N));
            $this->perWind = max($this->perWind, abs($case->windUp) * $this->perNormal);
        }
        foreach ($partials as $partial) {
            $this->perWhole = max($this->perWhole, $bound($partial->case->normal_N - $partial->snowNormal_N, $partial->case->along_N - $partial->snowAlong_N));
            $this->perSnow = max($this->perSnow, $bound($partial->snowNormal_N, $partial->snowAlong_N));
        }
    }

    /**
     * @param float $share_Nm Of one full share
     * @param float $wind_Nm Of all suctions
     */
    public function section(float $share_Nm, float $wind_Nm, float $x_m, bool $isSplice): void
    {
        $unit_Nm = abs($share_Nm);
        $bound = max($unit_Nm * $this->downPerShare, abs($wind_Nm) * $this->perWind + $unit_Nm * $this->upPerShare);
        if (!$isSplice && $bound <= $this->railWorst) {
            return;
        }
        $case = $isSplice ? $this->downSpliceCase : $this->downCase;
        $this->add($case, $case->normal_N * $unit_Nm, $case->along_N * $unit_Nm, $x_m, $isSplice);
        foreach ($this->up as $case) {
            $this->add($case, abs($case->windUp * $wind_Nm - $case->normal_N * $share_Nm), $case->along_N * $unit_Nm, $x_m, $isSplice);
        }
    }

    /**
     * Whether a pattern of snow can be worse than what is known: the ratio is convex in its moment, so that bounds on that tell.
     *
     * @param float $full_Nm Of one full share
     * @param float $wind_Nm Of all suctions
     * @param array{float, float} $range Bounds on what a pattern makes of the share
     */
    public function mayGovern(float $full_Nm, float $wind_Nm, array $range, bool $isSplice): bool
    {
        if ($isSplice || abs($full_Nm) * $this->perWhole + max(-$range[0], $range[1]) * $this->perSnow > $this->railWorst) {
            return true;
        }
        foreach ($this->partials as $partial) {
            if ($partial->case->windUp > 0.0) {
                $up_Nm = $partial->case->windUp * $wind_Nm - ($partial->case->normal_N - $partial->snowNormal_N) * $full_Nm;
                $most_Nm = max(abs($up_Nm - $partial->snowNormal_N * $range[0]), abs($up_Nm - $partial->snowNormal_N * $range[1]));
                $along_Nm = ($partial->case->along_N - $partial->snowAlong_N) * abs($full_Nm) + $partial->snowAlong_N * max(-$range[0], $range[1]);
                if ($most_Nm * $this->perNormal + $along_Nm * $this->perAlong > $this->railWorst) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The partial cases, with one pattern.
     *
     * @param float $full_Nm Of one full share
     * @param float $wind_Nm Of all suctions
     * @param float $snow_Nm Of the share in the pattern
     */
    public function patterns(float $full_Nm, float $wind_Nm, float $snow_Nm, float $x_m, bool $isSplice): void
    {
        foreach ($this->partials as $partial) {
            [$normal_Nm, $along_Nm] = $partial->loads($full_Nm, $snow_Nm);
            $this->add($partial->case, abs($partial->case->windUp * $wind_Nm - $normal_Nm), abs($along_Nm), $x_m, $isSplice);
        }
    }

    private function add(LoadCase $case, float $normal_Nm, float $along_Nm, float $x_m, bool $isSplice): void
    {
        if ($isSplice) {
            $this->splice($case, $normal_Nm + $along_Nm);

            return;
        }
        $ratio = $normal_Nm * $this->perNormal + $along_Nm * $this->perAlong;
        if ($ratio > $this->railWorst) {
            [$this->railWorst, $this->case, $this->at_m, $this->normal_Nm, $this->along_Nm] = [$ratio, $case, $x_m, $normal_Nm, $along_Nm];
            $this->worst = max($this->worst, $ratio);
        }
    }

    public function worstRail(): LinkRatio
    {
        return new LinkRatio($this->railWorst, Link::Rail, $this->case, $this->railWorst, 1.0, $this->capacities->placing);
    }

    /** Null when no splice with an allowable moment stands in a bay. */
    public function worstSplice(): ?LinkRatio
    {
        return $this->spliceWorst > 0.0
            ? new LinkRatio(
                $this->spliceWorst,
                Link::Splice,
                $this->spliceCase,
                $this->spliceWorst / $this->perSplice,
                1 / $this->perSplice,
                $this->capacities->placing,
            )
            : null;
    }

    private function splice(LoadCase $case, float $moment_Nm): void
    {
        if ($moment_Nm * $this->perSplice > $this->spliceWorst) {
            [$this->spliceWorst, $this->spliceCase] = [$moment_Nm * $this->perSplice, $case];
            $this->worst = max($this->worst, $this->spliceWorst);
        }
    }
}

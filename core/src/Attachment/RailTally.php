<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/** Keeps the worst bending ratio of a run, section by section: fx/Fx + fy/Fy ≤ 1. */
final class RailTally
{
    public float $worst = 0.0;
    public float $at_m = 0.0;
    private float $railWorst = 0.0;
    private LoadCase $case;
    private float $spliceWorst = 0.0;
    private LoadCase $spliceCase;
    private float $perNormal;
    private float $perAlong;
    private float $perSplice;

    /**
     * @param non-empty-list<LoadCase> $down
     * @param list<LoadCase> $up
     */
    public function __construct(Capacities $capacities, private readonly array $down, private readonly array $up)
    {
        $this->case = $this->spliceCase = $down[0];
        $this->perNormal = 1 / $capacities->railNormal_Nm;
        $this->perAlong = 1 / $capacities->railAlong_Nm;
        $this->perSplice = 1 / $capacities->splice_Nm;
    }

    /**
     * @param list<float> $moments_Nm Of one share, then of one unit of each suction
     * @param list<float> $winds_N Force of that unit, for each suction
     */
    public function section(array $moments_Nm, array $winds_N, float $misfit_Nm, float $x_m, bool $isSplice): void
    {
        $unit_Nm = abs($moments_Nm[0]);
        $wind_Nm = 0.0;
        foreach ($winds_N as $index => $wind_N) {
            $wind_Nm += $wind_N * $moments_Nm[$index + 1];
        }
        foreach ($this->down as $case) {
            $this->add($case, $case->normal_N * $unit_Nm + $misfit_Nm, $case->along_N * $unit_Nm, $x_m, $isSplice);
        }
        foreach ($this->up as $case) {
            $this->add($case, abs($case->windUp * $wind_Nm - $case->normal_N * $moments_Nm[0]) + $misfit_Nm, $case->along_N * $unit_Nm, $x_m, $isSplice);
        }
    }

    public function partial(PartialCase $partial, float $full_Nm, float $snow_Nm, RailSection $section): void
    {
        [$normal_Nm, $along_Nm] = $partial->loads($full_Nm, $snow_Nm);
        $this->add($partial->case, abs($normal_Nm) + $section->misfit_Nm, abs($along_Nm), $section->x_m, $section->isSplice);
    }

    private function add(LoadCase $case, float $normal_Nm, float $along_Nm, float $x_m, bool $isSplice): void
    {
        if ($isSplice) {
            $this->splice($case, $normal_Nm + $along_Nm);

            return;
        }
        $ratio = $normal_Nm * $this->perNormal + $along_Nm * $this->perAlong;
        if ($ratio > $this->railWorst) {
            [$this->railWorst, $this->case, $this->at_m] = [$ratio, $case, $x_m];
            $this->worst = max($this->worst, $ratio);
        }
    }

    public function worstRail(): LinkRatio
    {
        return new LinkRatio($this->railWorst, Link::Rail, $this->case, $this->railWorst, 1.0);
    }

    /** Null when no splice with an allowable moment stands in a bay. */
    public function worstSplice(): ?LinkRatio
    {
        return $this->spliceWorst > 0.0
            ? new LinkRatio($this->spliceWorst, Link::Splice, $this->spliceCase, $this->spliceWorst / $this->perSplice, 1 / $this->perSplice)
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

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Load\Asce7\PanelPressure;
use Garnetine\Core\Rail\BeamState;
use Garnetine\Core\Rail\ContinuousBeam;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Rail\SingularBeam;

/**
 * Checks every link of a run over given feet: the rail as a continuous (and, over splices without capacity, hinged) beam
 * with point loads at its clamps, splices, bolts, feet and lags, in every combination and every partial snow.
 *
 * Each bay of rail has its own effective area L·max(b, L/3), each attachment its tributary length times b.
 */
final class RunCheck
{
    /** @var list<LoadCase> */
    public readonly array $down;

    /** @var list<LoadCase> */
    public readonly array $up;

    /** Worst Σ of bending stresses over allowables in the down cases, for one newton metre under a unit share. */
    public readonly float $downPerMoment;

    private readonly LoadCase $downCase;

    /** @var list<array{float, Link, LoadCase}> Ratio of each link for a reaction of one share, worst down case */
    private readonly array $downPerReaction;

    public readonly float $downPerReactionWorst;

    /** @var list<list<float>> Load vectors: shares, then one for each gust */
    private readonly array $units;

    public function __construct(
        private readonly Run $run,
        public readonly Capacities $capacities,
        private readonly PanelPressure $pressure,
        CombinationFactors $factors,
    ) {
        [$this->down, $this->up] = LoadCase::of($run, $factors);
        $this->units = [$run->shares, ...$run->windAreas_m2];
        $worst = -1.0;
        $case = $this->down[0];
        foreach ($this->down as $candidate) {
            $ratio = $candidate->normal_N / $capacities->railNormal_Nm + $candidate->along_N / $capacities->railAlong_Nm;
            if ($ratio > $worst) {
                [$worst, $case] = [$ratio, $candidate];
            }
        }
        [$this->downPerMoment, $this->downCase] = [max($worst, 0.0), $case];
        $this->downPerReaction = $this->worstDownLinks();
        $this->downPerReactionWorst = max(array_column($this->downPerReaction, 0));
    }

    /**
     * @param list<float> $feet_m Ascending
     * @param float       $limit  A ratio beyond which the caller is not interested; the check may then stop early
     */
    public function of(array $feet_m, float $limit = INF): RunVerdict
    {
        if (count($feet_m) < 2 || !$this->everyPieceStands($feet_m)) {
            return RunVerdict::failed(INF);
        }
        $verdict = $this->check($feet_m, [], $limit);
        if (!$this->run->spliceIsHinge || $this->run->splices_m === [] || $verdict->worst > $limit) {
            return $verdict;
        }
        $hinged = $this->check($feet_m, $this->run->splices_m, $limit);

        return $hinged->rail === null ? $hinged : self::worse($verdict, $hinged);
    }

    /**
     * Each piece between splices stands on at least two attachments strictly inside it.
     *
     * @param list<float> $feet_m
     */
    public function everyPieceStands(array $feet_m): bool
    {
        $edges = [$this->run->x0_m - 1.0, ...$this->run->splices_m, $this->run->x1_m + 1.0];
        for ($piece = 1; $piece < count($edges); ++$piece) {
            $inside = 0;
            foreach ($feet_m as $x_m) {
                $inside += $x_m > $edges[$piece - 1] + 1e-9 && $x_m < $edges[$piece] - 1e-9 ? 1 : 0;
            }
            if ($inside < 2) {
                return false;
            }
        }

        return true;
    }

    /** Effective wind area of a bay of rail. */
    public function bayArea_m2(float $length_m): float
    {
        return $length_m * max($this->run->tributary_m, $length_m / 3);
    }

    /** @return list<float> For each gust */
    public function pressures_Pa(float $area_m2): array
    {
        $pressures = [];
        foreach ($this->run->gusts as $gust) {
            $pressures[] = $this->pressure->up_Pa($gust, $area_m2);
        }

        return $pressures;
    }

    public function misfit_Nm(float $length_m): float
    {
        return $this->capacities->misfit_Nm3 / ($length_m * $length_m);
    }

    /**
     * @param list<float> $feet_m
     * @param list<float> $hinges_m
     */
    private function check(array $feet_m, array $hinges_m, float $limit): RunVerdict
    {
        try {
            $beam = new ContinuousBeam($feet_m, $hinges_m);
        } catch (SingularBeam) {
            return RunVerdict::failed(INF);
        }
        $states = [];
        foreach ($this->units as $unit) {
            $states[] = $beam->under($this->run->clamps_m, $unit);
        }
        $redundant = count($feet_m) - 2 - count($hinges_m) > 0;
        $rail = new RailTally($this->capacities, $this->downPerMoment, $this->downCase, $this->up);
        $this->bays($feet_m, $states, $redundant, $rail);
        if ($rail->worst > $limit) {
            return RunVerdict::failed($rail->worst);
        }
        $attachments = $this->attachments($feet_m, $states);
        $worst = $rail->worst;
        foreach ($attachments as $attachment) {
            $worst = max($worst, $attachment->worst->ratio);
        }
        if ($worst > $limit) {
            return RunVerdict::failed($worst);
        }

        return $this->withPartialSnow($feet_m, $beam, $redundant, $rail, $attachments, $worst);
    }

    /**
     * Goes through the bays and overhangs and hands each section's unit moments to the tally.
     *
     * @param list<float>     $feet_m
     * @param list<BeamState> $states Of the shares, then of each gust
     */
    private function bays(array $feet_m, array $states, bool $redundant, RailTally $rail): void
    {
        $last = count($feet_m) - 1;
        $clamps_m = $this->run->clamps_m;
        $leftOverhang_m = $feet_m[0] - $clamps_m[0];
        $rightOverhang_m = $clamps_m[count($clamps_m) - 1] - $feet_m[$last];
        foreach ([[$leftOverhang_m, 0], [$rightOverhang_m, $last]] as [$length_m, $foot]) {
            if ($length_m > 1e-9) {
                $moments = array_map(static fn (BeamState $state): float => $state->moments_Nm[$foot], $states);
                $rail->section($moments, $this->pressures_Pa($this->bayArea_m2($length_m)), 0.0, $feet_m[$foot], false);
            }
        }
        $clamp = 0;
        $count = count($clamps_m);
        foreach ($feet_m as $span => $from_m) {
            if ($span === $last) {
                break;
            }
            $length_m = $feet_m[$span + 1] - $from_m;
            $pressures = $this->pressures_Pa($this->bayArea_m2($length_m));
            $misfit_Nm = $redundant ? $this->misfit_Nm($length_m) : 0.0;
            foreach ([$span, $span + 1] as $foot) {
                $moments = [];
                foreach ($states as $state) {
                    $moments[] = $state->moments_Nm[$foot];
                }
                $rail->section($moments, $pressures, $misfit_Nm, $feet_m[$foot], false);
            }
            while ($clamp < $count && $clamps_m[$clamp] <= $from_m) {
                ++$clamp;
            }
            for ($at = $clamp; $at < $count && $clamps_m[$at] < $feet_m[$span + 1]; ++$at) {
                $rail->section(self::momentsAt($states, $span, $clamps_m[$at] - $from_m), $pressures, $misfit_Nm, $clamps_m[$at], false);
            }
            if (!$this->run->spliceIsHinge) {
                foreach ($this->run->splices_m as $splice_m) {
                    if ($splice_m > $from_m && $splice_m < $feet_m[$span + 1]) {
                        $rail->section(self::momentsAt($states, $span, $splice_m - $from_m), $pressures, $misfit_Nm, $splice_m, true);
                    }
                }
            }
        }
    }

    /**
     * @param list<BeamState> $states
     *
     * @return list<float>
     */
    private static function momentsAt(array $states, int $span, float $x_m): array
    {
        $moments = [];
        foreach ($states as $state) {
            $moments[] = $state->momentInSpan_Nm($span, $x_m);
        }

        return $moments;
    }

    /**
     * @param list<float>     $feet_m
     * @param list<BeamState> $states
     *
     * @return list<AttachmentVerdict>
     */
    private function attachments(array $feet_m, array $states): array
    {
        $verdicts = [];
        foreach ($feet_m as $foot => $x_m) {
            $tributary_m = $this->tributary_m($feet_m, $foot);
            $pressures = $this->pressures_Pa($tributary_m * $this->run->tributary_m);
            $share = $states[0]->reactions_N[$foot];
            $wind_N = 0.0;
            foreach ($pressures as $index => $pressure_Pa) {
                $wind_N += $pressure_Pa * $states[$index + 1]->reactions_N[$foot];
            }
            $tally = new FootTally($this->capacities);
            if ($share >= 0.0) {
                $tally->down($share, $this->downPerReaction, $this->down);
            } else {
                foreach ($this->down as $case) {
                    $tally->add($case, -$case->normal_N * $share, $case->along_N * $share, 0.0);
                }
            }
            foreach ($this->up as $case) {
                $tally->add($case, $case->windUp * $wind_N - $case->normal_N * $share, $case->along_N * $share, 0.0);
            }
            $verdicts[] = $tally->verdict($x_m, $tributary_m, $share);
        }

        return $verdicts;
    }

    /** @param list<float> $feet_m */
    private function tributary_m(array $feet_m, int $foot): float
    {
        $clamps_m = $this->run->clamps_m;
        $left_m = $foot === 0 ? max(0.0, $feet_m[0] - $clamps_m[0]) : ($feet_m[$foot] - $feet_m[$foot - 1]) / 2;
        $right_m = $foot === count($feet_m) - 1
            ? max(0.0, $clamps_m[count($clamps_m) - 1] - $feet_m[$foot])
            : ($feet_m[$foot + 1] - $feet_m[$foot]) / 2;

        return $left_m + $right_m;
    }

    /**
     * Balanced snow on some spans in full and on the rest half; the worse of it and of full snow stays.
     *
     * @param list<float>             $feet_m
     * @param list<AttachmentVerdict> $attachments
     */
    private function withPartialSnow(array $feet_m, ContinuousBeam $beam, bool $redundant, RailTally $rail, array $attachments, float $worst): RunVerdict
    {
        $normal_N = $this->run->snow_N['balanced'][0] ?? 0.0;
        if ($normal_N > 0.0) {
            $along_N = $this->run->snow_N['balanced'][1];
            $full = $beam->under($this->run->clamps_m, $this->run->shares);
            foreach (PartialSnow::patterns($feet_m, $this->run->clamps_m) as $pattern) {
                $loads = [];
                foreach ($this->run->shares as $index => $share) {
                    $loads[] = $share * $pattern[$index];
                }
                $snow = $beam->under($this->run->clamps_m, $loads);
                foreach ($this->down as $case) {
                    if ($case->snow === 'balanced') {
                        $partial = new PartialCase($case, $case->snowFactor * $normal_N, $case->snowFactor * $along_N);
                        $this->partialBays($feet_m, $full, $snow, $partial, $redundant, $rail);
                        foreach ($attachments as $foot => $verdict) {
                            $attachments[$foot] = $this->partialFoot($verdict, $full->reactions_N[$foot], $snow->reactions_N[$foot], $partial);
                            $worst = max($worst, $attachments[$foot]->worst->ratio);
                        }
                    }
                }
            }
        }

        return new RunVerdict(max($worst, $rail->worst), $attachments, $rail->worstRail(), $rail->at_m, $rail->worstSplice());
    }

    /** @param list<float> $feet_m */
    private function partialBays(array $feet_m, BeamState $full, BeamState $snow, PartialCase $partial, bool $redundant, RailTally $rail): void
    {
        $last = count($feet_m) - 1;
        foreach ($feet_m as $foot => $x_m) {
            // At a support the shorter of its bays has the larger misfit.
            $misfit_Nm = 0.0;
            if ($redundant) {
                $shorter_m = min($foot > 0 ? $x_m - $feet_m[$foot - 1] : INF, $foot < $last ? $feet_m[$foot + 1] - $x_m : INF);
                $misfit_Nm = $this->misfit_Nm($shorter_m);
            }
            $rail->partial($partial, $full->moments_Nm[$foot], $snow->moments_Nm[$foot], $misfit_Nm, $x_m, false);
        }
        $span = 0;
        foreach ($this->run->clamps_m as $clamp_m) {
            while ($span < $last && $clamp_m >= $feet_m[$span + 1]) {
                ++$span;
            }
            if ($span === $last) {
                break;
            }
            if ($clamp_m > $feet_m[$span]) {
                $this->partialSection($feet_m, $span, $clamp_m, $full, $snow, $partial, $redundant, $rail, false);
            }
        }
        if (!$this->run->spliceIsHinge) {
            foreach ($this->run->splices_m as $splice_m) {
                for ($span = 0; $span < $last; ++$span) {
                    if ($splice_m > $feet_m[$span] && $splice_m < $feet_m[$span + 1]) {
                        $this->partialSection($feet_m, $span, $splice_m, $full, $snow, $partial, $redundant, $rail, true);
                    }
                }
            }
        }
    }

    /** @param list<float> $feet_m */
    private function partialSection(array $feet_m, int $span, float $x_m, BeamState $full, BeamState $snow, PartialCase $partial, bool $redundant, RailTally $rail, bool $isSplice): void
    {
        $misfit_Nm = $redundant ? $this->misfit_Nm($feet_m[$span + 1] - $feet_m[$span]) : 0.0;
        $at_m = $x_m - $feet_m[$span];
        $rail->partial($partial, $full->momentInSpan_Nm($span, $at_m), $snow->momentInSpan_Nm($span, $at_m), $misfit_Nm, $x_m, $isSplice);
    }

    private function partialFoot(AttachmentVerdict $verdict, float $full, float $snow, PartialCase $partial): AttachmentVerdict
    {
        $tally = new FootTally($this->capacities, $verdict);
        [$normal_N, $along_N] = $partial->loads($full, $snow);
        $heel_N = max(0.0, ($partial->case->heel_N - $partial->snowNormal_N) * $full + $partial->snowNormal_N * $snow);
        $tally->add($partial->case, -$normal_N, $along_N, $normal_N > 0 ? min($heel_N, $normal_N) : 0.0);

        return $tally->verdict($verdict->x_m, $verdict->tributary_m, $verdict->modules);
    }

    /** @return non-empty-list<array{float, Link, LoadCase}> */
    private function worstDownLinks(): array
    {
        $worst = [];
        foreach ($this->down as $case) {
            $tally = new FootTally($this->capacities);
            foreach ($tally->ratios($case, -$case->normal_N, $case->along_N, $case->heel_N) as [$link, $demand_N, $capacity_N]) {
                $ratio = $demand_N / $capacity_N;
                if (!isset($worst[$link->value]) || $ratio > $worst[$link->value][0]) {
                    $worst[$link->value] = [$ratio, $link, $case];
                }
            }
        }

        return array_values($worst) ?: throw new \LogicException('There is always a down case.');
    }

    private static function worse(RunVerdict $one, RunVerdict $other): RunVerdict
    {
        if ($one->rail === null || $other->rail === null) {
            return RunVerdict::failed(max($one->worst, $other->worst));
        }
        $attachments = [];
        foreach ($one->attachments as $index => $verdict) {
            $attachments[] = $verdict->worst->ratio >= $other->attachments[$index]->worst->ratio ? $verdict : $other->attachments[$index];
        }
        $governing = $one->rail->ratio >= $other->rail->ratio ? $one : $other;

        return new RunVerdict(max($one->worst, $other->worst), $attachments, $governing->rail, $governing->railAt_m, null);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Load\Combination;
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
    /** @var non-empty-list<LoadCase> */
    public readonly array $down;

    /** @var list<LoadCase> */
    public readonly array $up;

    /** Worst Σ of bending stresses over allowables in the down cases, for one newton metre under a unit share. */
    public readonly float $downPerMoment;

    /** Worst ratio of all links in the down cases, for a reaction of one share: every link grows with the reaction. */
    public readonly float $downPerReaction;

    /** @var list<PartialCase> */
    public readonly array $partials;

    /** The rail under unit loads, common to all runs whose clamps stand alike. */
    public readonly RunShape $shape;

    private ?QuickCheck $quick = null;

    /** @var list<float> What a unit of each suction stands for */
    private readonly array $sizes_m2;

    /** @var array<int, list<float>> By length in ten millionths of a metre */
    private array $bayWinds_N = [];

    /** @var array<int, list<float>> */
    private array $footWinds_N = [];

    /** @param list<Combination> $combinations */
    public function __construct(
        private readonly Run $run,
        public readonly Capacities $capacities,
        array $combinations,
        CombinationFactors $factors,
        ?RunShape $shape = null,
    ) {
        [$this->down, $this->up] = LoadCase::of($run, $combinations, $factors);
        $this->shape = $shape ?? RunShape::of($run);
        $this->sizes_m2 = RunShape::sizes_m2($run);
        $this->downPerMoment = max(array_map(
            static fn (LoadCase $case): float => $case->normal_N / $capacities->railNormal_Nm + $case->along_N / $capacities->railAlong_Nm,
            $this->down,
        ));
        $tally = new FootTally($capacities);
        foreach ($this->down as $candidate) {
            $tally->add($candidate, -$candidate->normal_N, $candidate->along_N, $candidate->heel_N);
        }
        $this->downPerReaction = $tally->ratio();
        $snow = $run->snow_N['balanced'] ?? [0.0, 0.0];
        $this->partials = array_values(array_map(
            static fn (LoadCase $case): PartialCase => new PartialCase($case, $case->snowFactor * $snow[0], $case->snowFactor * $snow[1]),
            array_filter($this->down, static fn (LoadCase $case): bool => $case->snow === 'balanced' && $snow[0] > 0.0),
        ));
    }

    /**
     * The whole check, with what governs every foot.
     *
     * @param list<float> $feet_m Ascending
     */
    public function of(array $feet_m): RunVerdict
    {
        if (count($feet_m) < 2 || !$this->everyPieceStands($feet_m)) {
            return RunVerdict::failed(INF);
        }
        $verdict = $this->check($feet_m, []);
        if (!$this->run->spliceIsHinge || $this->run->splices_m === []) {
            return $verdict;
        }

        return self::worse($verdict, $this->check($feet_m, $this->run->splices_m));
    }

    /**
     * The worst ratio alone: the same checks, without keeping what governs, and no further than a limit.
     *
     * @param list<float> $feet_m Ascending
     *
     * @return float Beyond the limit not exact
     */
    public function worst(array $feet_m, float $limit = INF): float
    {
        if (count($feet_m) < 2 || !$this->everyPieceStands($feet_m)) {
            return INF;
        }
        $this->quick ??= new QuickCheck($this);

        return $this->quick->worst($feet_m, $limit);
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

    /** @return list<float> Upward force of one unit of each suction, at an effective area */
    public function wind_N(float $area_m2): array
    {
        $forces = [];
        foreach ($this->run->suctions as $index => $suction) {
            $forces[] = $suction->at_Pa($area_m2) * $this->sizes_m2[$index];
        }

        return $forces;
    }

    /** @return list<float> The same for a bay of rail of a length */
    public function bayWind_N(float $length_m): array
    {
        return $this->bayWinds_N[(int) round($length_m * 1e7)] ??= $this->wind_N($this->bayArea_m2($length_m));
    }

    /** @return list<float> The same for an attachment of a tributary length */
    public function footWind_N(float $tributary_m): array
    {
        return $this->footWinds_N[(int) round($tributary_m * 1e7)] ??= $this->wind_N($tributary_m * $this->run->tributary_m);
    }

    public function misfit_Nm(float $length_m): float
    {
        return $this->capacities->misfit_Nm3 / ($length_m * $length_m);
    }

    /**
     * @param list<float> $feet_m
     * @param list<float> $hinges_m
     */
    private function check(array $feet_m, array $hinges_m): RunVerdict
    {
        try {
            $beam = new ContinuousBeam($feet_m, $hinges_m);
        } catch (SingularBeam) {
            return RunVerdict::failed(INF);
        }
        $states = [];
        foreach ($this->shape->units as $unit) {
            $states[] = $beam->under($this->run->clamps_m, $unit);
        }
        $sections = $this->sections($feet_m, count($feet_m) - 2 - count($hinges_m) > 0);
        $rail = new RailTally($this->capacities, $this->down, $this->up);
        $this->bays($feet_m, $states, $sections, $rail);
        $snow = $this->partialSnow($feet_m, $beam, $states[0]);
        if ($snow !== null) {
            $this->partialRail($sections, $snow, $states[0], $rail);
        }
        $attachments = [];
        $worst = $rail->worst;
        foreach ($feet_m as $foot => $x_m) {
            $share = $states[0]->reactions_N[$foot];
            $tally = new FootTally($this->capacities);
            $this->tallyDown($tally, $share);
            $this->tallyUp($tally, $feet_m, $foot, $states);
            if ($snow !== null) {
                $tally->patterns($this->partials, $share, $snow->reactions()[$foot]);
            }
            $attachments[] = $tally->verdict($x_m, $this->tributary_m($feet_m, $foot), $share);
            $worst = max($worst, $tally->ratio());
        }

        return new RunVerdict($worst, $attachments, $rail->worstRail(), $rail->at_m, $rail->worstSplice());
    }

    /**
     * Hands the unit moments of every section to the tally; an overhang is a bay of its own, from the foot to the last clamp.
     *
     * @param list<float> $feet_m
     * @param list<BeamState> $states Of the shares, then of each suction
     * @param list<RailSection> $sections
     */
    private function bays(array $feet_m, array $states, array $sections, RailTally $rail): void
    {
        $last = count($feet_m) - 1;
        $clamps_m = $this->run->clamps_m;
        foreach ([[$feet_m[0] - $clamps_m[0], 0], [$clamps_m[count($clamps_m) - 1] - $feet_m[$last], $last]] as [$length_m, $foot]) {
            if ($length_m > 1e-9) {
                $moments = array_map(static fn (BeamState $state): float => $state->moments_Nm[$foot], $states);
                $rail->section($moments, $this->wind_N($this->bayArea_m2($length_m)), 0.0, $feet_m[$foot], false);
            }
        }
        $span = -1;
        $winds_N = [];
        foreach ($sections as $section) {
            if ($section->span !== $span) {
                $span = $section->span;
                $winds_N = $this->bayWind_N($feet_m[$span + 1] - $feet_m[$span]);
            }
            $moments = [];
            foreach ($states as $state) {
                $moments[] = $state->momentInSpan_Nm($span, $section->at_m);
            }
            $rail->section($moments, $winds_N, $section->misfit_Nm, $section->x_m, $section->isSplice);
        }
    }

    private function tallyDown(FootTally $tally, float $share): void
    {
        foreach ($this->down as $case) {
            $tally->add($case, -$case->normal_N * $share, $case->along_N * $share, max(0.0, $case->heel_N * $share));
        }
    }

    /**
     * @param list<float> $feet_m
     * @param list<BeamState> $states
     */
    private function tallyUp(FootTally $tally, array $feet_m, int $foot, array $states): void
    {
        $share = $states[0]->reactions_N[$foot];
        $wind_N = 0.0;
        foreach ($this->footWind_N($this->tributary_m($feet_m, $foot)) as $index => $force_N) {
            $wind_N += $force_N * $states[$index + 1]->reactions_N[$foot];
        }
        foreach ($this->up as $case) {
            $tally->add($case, $case->windUp * $wind_N - $case->normal_N * $share, $case->along_N * $share, 0.0);
        }
    }

    /**
     * Half of each neighbouring bay, with the overhang at an end.
     *
     * @param list<float> $feet_m
     */
    private function tributary_m(array $feet_m, int $foot): float
    {
        $clamps_m = $this->run->clamps_m;
        $left_m = $foot === 0 ? max(0.0, $feet_m[0] - $clamps_m[0]) : (($feet_m[$foot] ?? 0.0) - ($feet_m[$foot - 1] ?? 0.0)) / 2;
        $right_m = $foot === count($feet_m) - 1
            ? max(0.0, $clamps_m[count($clamps_m) - 1] - $feet_m[$foot])
            : (($feet_m[$foot + 1] ?? 0.0) - ($feet_m[$foot] ?? 0.0)) / 2;

        return $left_m + $right_m;
    }

    /**
     * Balanced snow on some spans in full and on the rest half; null without snow, or with one span.
     *
     * @param list<float> $feet_m
     */
    private function partialSnow(array $feet_m, ContinuousBeam $beam, BeamState $whole): ?PartialSnow
    {
        return $this->partials === [] ? null : PartialSnow::under($beam, $feet_m, $this->run->clamps_m, $this->run->shares, $whole);
    }

    /** @param list<RailSection> $sections */
    private function partialRail(array $sections, PartialSnow $snow, BeamState $whole, RailTally $rail): void
    {
        foreach ($sections as $section) {
            // The ratio is convex in the pattern's moment, so that its extremes over the patterns are enough.
            $share = $section->at_m / $whole->length_m($section->span);
            $moment = $whole->momentInSpan_Nm($section->span, $section->at_m);
            $simple = $moment - (1 - $share) * $whole->moments_Nm[$section->span] - $share * $whole->moments_Nm[$section->span + 1];
            [$low, $high] = $snow->extremes($section->span, $share, $simple);
            foreach ($this->partials as $partial) {
                $rail->partial($partial, $moment, $low, $section);
                $rail->partial($partial, $moment, $high, $section);
            }
        }
    }

    /**
     * Every place where the rail is checked, span by span.
     *
     * @param list<float> $feet_m
     *
     * @return list<RailSection>
     */
    private function sections(array $feet_m, bool $redundant): array
    {
        $sections = [];
        $last = count($feet_m) - 1;
        $splices_m = $this->run->spliceIsHinge ? [] : $this->run->splices_m;
        $clamp = 0;
        $clamps_m = $this->run->clamps_m;
        $count = count($clamps_m);
        for ($span = 0; $span < $last; ++$span) {
            $from_m = $feet_m[$span];
            $to_m = $feet_m[$span + 1];
            $misfit_Nm = $redundant ? $this->misfit_Nm($to_m - $from_m) : 0.0;
            $sections[] = new RailSection($span, 0.0, $misfit_Nm, $from_m, false);
            $sections[] = new RailSection($span, $to_m - $from_m, $misfit_Nm, $to_m, false);
            while ($clamp < $count && $clamps_m[$clamp] < $to_m) {
                if ($clamps_m[$clamp] > $from_m) {
                    $sections[] = new RailSection($span, $clamps_m[$clamp] - $from_m, $misfit_Nm, $clamps_m[$clamp], false);
                }
                ++$clamp;
            }
            foreach ($splices_m as $splice_m) {
                if ($splice_m > $from_m && $splice_m < $to_m) {
                    $sections[] = new RailSection($span, $splice_m - $from_m, $misfit_Nm, $splice_m, true);
                }
            }
        }

        return $sections;
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

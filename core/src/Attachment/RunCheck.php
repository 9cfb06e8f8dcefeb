<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Load\Combination;
use Garnetine\Core\Rail\Run;

/**
 * Checks every link of a run over given feet: the rail as a continuous (and, over splices without capacity, hinged) beam
 * with point loads at its clamps, splices, bolts, feet and lags, in every combination and every partial snow.
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

    private readonly FootTally $onOneShare;

    /** @var list<PartialCase> */
    public readonly array $partials;

    /** The rail under unit loads, common to all runs whose clamps stand alike. */
    public readonly RunShape $shape;

    private ?QuickCheck $quick = null;

    public readonly RunWinds $winds;

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
        $this->winds = new RunWinds($run);
        $this->downPerMoment = max(array_map(
            static fn (LoadCase $case): float => $case->normal_N / $capacities->railNormal_Nm + $case->along_N / $capacities->railAlong_Nm,
            $this->down,
        ));
        $this->onOneShare = $this->pressed(1.0);
        $this->downPerReaction = $this->onOneShare->ratio();
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
        $verdict = $this->check($this->shape->layout($feet_m));
        if (!$this->shape->hasHinges()) {
            return $verdict;
        }
        $hinged = $this->shape->hinged($feet_m);

        return self::worse($verdict, $hinged === null ? RunVerdict::failed(INF) : $this->check($hinged));
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

    private function check(UnitLayout $layout): RunVerdict
    {
        $snow = $this->partials === [] ? null : $layout->snow();
        $rail = new RailTally($this->capacities, $this->down, $this->up, $this->partials);
        $this->overhangs($layout, $rail);
        foreach ($layout->bays as $index => $bay) {
            $this->bay($layout, $index, $bay, $snow, $rail);
        }
        $attachments = [];
        $worst = $rail->worst;
        foreach ($layout->feet_m as $foot => $x_m) {
            $share = $layout->reactions[0][$foot];
            $tributary_m = $layout->tributary_m($foot);
            $tally = $share > 0.0 ? $this->onOneShare->times($share) : $this->pressed($share);
            $wind_N = 0.0;
            foreach ($this->winds->foot_N($tributary_m) as $unit => $force_N) {
                $wind_N += $force_N * $layout->reactions[$unit][$foot];
            }
            foreach ($this->up as $case) {
                $tally->add($case, $case->windUp * $wind_N - $case->normal_N * $share, $case->along_N * $share, 0.0);
            }
            if ($snow !== null) {
                $tally->patterns($this->partials, $share, $snow->reactions()[$foot]);
            }
            $attachments[] = $tally->verdict($x_m, $tributary_m, $share);
            $worst = max($worst, $tally->ratio());
        }

        return new RunVerdict($worst, $attachments, $rail->worstRail(), $rail->at_m, $rail->worstSplice());
    }

    /** A foot in the down cases. */
    private function pressed(float $share): FootTally
    {
        $tally = new FootTally($this->capacities);
        foreach ($this->down as $case) {
            $tally->add($case, -$case->normal_N * $share, $case->along_N * $share, max(0.0, $case->heel_N * $share));
        }

        return $tally;
    }

    /** An overhang is a bay of its own, from the foot to the last clamp. */
    private function overhangs(UnitLayout $layout, RailTally $rail): void
    {
        $last = count($layout->bays);
        foreach ([[$layout->overhangLeft_m, 0], [$layout->overhangRight_m, $last]] as [$length_m, $foot]) {
            if ($length_m > 1e-9) {
                $wind_Nm = 0.0;
                foreach ($this->winds->bay_N($length_m) as $unit => $wind_N) {
                    $wind_Nm += $wind_N * $layout->moments[$unit][$foot];
                }
                $rail->section($layout->moments[0][$foot], $wind_Nm, 0.0, $layout->feet_m[$foot], false);
            }
        }
    }

    /** Hands every section of a bay to the tally: its two ends, its clamps and its splices. */
    private function bay(UnitLayout $layout, int $index, Bay $bay, ?PartialSnow $snow, RailTally $rail): void
    {
        $winds_N = $this->winds->bay_N($bay->length_m);
        $misfit_Nm = $layout->isRedundant ? $this->capacities->misfit_Nm($bay->length_m) : 0.0;
        $units = $layout->sections($index);
        $shares = [0.0, 1.0, ...$bay->sections, ...$bay->splices];
        $simples = [0.0, 0.0, ...$bay->unitSections[0], ...$bay->unitSplices[0]];
        foreach ($shares as $section => $share) {
            $isSplice = $section >= 2 + count($bay->sections);
            $x_m = $layout->feet_m[$index] + $share * $bay->length_m;
            $share_Nm = $units[0][$section];
            $wind_Nm = 0.0;
            foreach ($winds_N as $unit => $wind_N) {
                $wind_Nm += $wind_N * $units[$unit][$section];
            }
            $rail->section($share_Nm, $wind_Nm, $misfit_Nm, $x_m, $isSplice);
            if ($snow !== null && $rail->mayGovern($share_Nm, $snow->range($index, $share, $simples[$section]), $misfit_Nm, $isSplice)) {
                // The ratio is convex in the pattern's moment, so that its extremes over the patterns are enough.
                foreach ($snow->extremes($index, $share, $simples[$section]) as $moment) {
                    $rail->patterns($share_Nm, $moment, $misfit_Nm, $x_m, $isSplice);
                }
            }
        }
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

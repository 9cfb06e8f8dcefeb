<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Beam\Bay;
use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\PartialCase;
use Garnetine\Core\Attachment\Beam\PartialSnow;
use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Beam\RunWinds;
use Garnetine\Core\Attachment\Beam\UnitLayout;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\Fastening\SpanLimit;
use Garnetine\Core\Attachment\Search\FootMoves;
use Garnetine\Core\Attachment\Search\Work;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Rail\Run;

/**
 * Checks every link of a run over given feet: the rail as a continuous (and, over splices without capacity, hinged) beam
 * with point loads at its clamps, splices, bolts, feet and lags, in every combination and every partial snow.
 */
class RunCheck
{
    /** @var non-empty-list<LoadCase> */
    public readonly array $down;

    /** @var list<LoadCase> */
    public readonly array $up;

    /** Worst Σ of bending stresses over allowables in the down cases, for one newton metre under a unit share. */
    public readonly float $downPerMoment;

    /** Worst ratio of all links in the down cases, for a reaction of one share: every link grows with the reaction. */
    public readonly float $downPerReaction;

    /** The same of its stronger feet; infinite where it has none. */
    public readonly float $edgePerReaction;

    private readonly FootTally $onOneShare;

    /** Its stronger feet at the edges. */
    public readonly ?EdgeFeet $edge;

    /** @var list<PartialCase> Every combination with balanced snow, whether the wind presses or pulls */
    public readonly array $partials;

    /** The rail under unit loads, common to all runs whose clamps stand alike. */
    public readonly RunShape $shape;

    private ?QuickCheck $quick = null;

    private ?FootMoves $moves = null;

    /** @var array<string, bool> By feet, see holdsMoved() */
    private array $moved = [];

    public readonly RunWinds $winds;

    public readonly ?SpanLimit $spans;

    /** @param list<Combination> $combinations */
    public function __construct(
        protected readonly Run $run,
        public readonly Capacities $capacities,
        array $combinations,
        CombinationFactors $factors,
        ?RunShape $shape = null,
        /** What is left of the surface's; none where a run is checked by itself */
        public readonly ?Work $work = null,
        /** Of rails on legs the check of the other one, whose feet stand above or below these: it has to hold too. */
        public readonly ?self $other = null,
    ) {
        [$this->down, $this->up] = LoadCase::of($run, $combinations, $factors);
        $this->shape = $shape ?? RunShape::of($run);
        $this->winds = new RunWinds($run);
        $this->spans = SpanLimit::of($run, $capacities, $this->winds, $this->down, $this->up);
        $this->downPerMoment = max(array_map(
            static fn (LoadCase $case): float => $case->normal_N / $capacities->railNormal_Nm + $case->along_N / $capacities->railAlong_Nm,
            $this->down,
        ));
        $this->onOneShare = $this->pressed($capacities, 1.0);
        $this->downPerReaction = $this->onOneShare->ratio();
        $this->edge = EdgeFeet::of($run, $capacities);
        $this->edgePerReaction = $this->edge === null ? INF : $this->pressed($this->edge->capacities, 1.0)->ratio();
        $snow = $run->snow_N['balanced'] ?? [0.0, 0.0];
        $this->partials = array_values(array_map(
            static fn (LoadCase $case): PartialCase => new PartialCase($case, $case->snowFactor * $snow[0], $case->snowFactor * $snow[1]),
            array_filter([...$this->down, ...$this->up], static fn (LoadCase $case): bool => $case->snow === 'balanced' && $snow[0] > 0.0),
        ));
    }

    /**
     * The check of a run: of one up the slope its own.
     *
     * @param list<Combination> $combinations
     * @param Run|null $other Of rails on legs the other one
     */
    public static function for(
        Run $run,
        Capacities $capacities,
        array $combinations,
        CombinationFactors $factors,
        ?RunShape $shape = null,
        ?Work $work = null,
        ?Run $other = null,
    ): self {
        $on = static fn (Run $one): Capacities => match (true) {
            $one->legs !== null => $capacities->onLegs($one->legs),
            !$one->isRail => $capacities->alone(),
            default => $capacities,
        };
        $with = $other === null ? null : new self($other, $on($other), $combinations, $factors, $shape, $work);

        return $run->upSlope === null
            ? new self($run, $on($run), $combinations, $factors, $shape, $work, $with)
            : new AxialCheck($run, $capacities->upSlope(), $combinations, $factors, $shape, $work);
    }

    /**
     * The whole check, with what governs every foot.
     *
     * @param list<float> $feet_m Ascending
     * @param bool $byLink With the worst of every link of a foot, not of the worst one alone
     */
    public function of(array $feet_m, bool $byLink = false): RunVerdict
    {
        if (count($feet_m) < 2 || !$this->everyPieceStands($feet_m) || !$this->staysInTable($feet_m)) {
            return RunVerdict::failed(INF);
        }
        $verdict = $this->check($this->shape->layout($feet_m), $byLink);
        if (!$this->shape->hasHinges()) {
            return $verdict;
        }
        $hinged = $this->shape->hinged($feet_m);

        return self::worse($verdict, $hinged === null ? RunVerdict::failed(INF) : $this->check($hinged, $byLink));
    }

    /** Whether a place may be the first that holds the rail, or the last: by what presses on the rail beyond it, whatever the others are. */
    public function mayEnd(float $foot_m, bool $isLeft): bool
    {
        return $this->mayHang(
            $foot_m,
            $isLeft,
        ) && abs($this->shape->beyond($foot_m, $isLeft)[0][0]) * $this->downPerMoment <= $this->capacities->placing->limit;
    }

    /** Whether two may follow one another: over a bay half of the moment of a simple beam stays somewhere, be it at its ends. */
    public function maySpan(float $from_m, float $to_m): bool
    {
        return ($this->spans?->mayBay($to_m - $from_m) ?? true) && $this->shape->bay(
            $from_m,
            $to_m,
        )->most * $this->downPerMoment / 2 <= $this->capacities->placing->limit;
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
        if (count($feet_m) < 2 || !$this->everyPieceStands($feet_m) || !$this->staysInTable($feet_m)) {
            return INF;
        }
        $this->quick ??= new QuickCheck($this);
        $this->work?->take(count($feet_m));
        $worst = $this->quick->worst($feet_m, $limit);

        return $this->other === null || $worst > $limit ? $worst : max($worst, $this->other->worst($feet_m, $limit));
    }

    /**
     * Whether a layout holds: with the feet on their marks and something left for the placing tolerance, and with each foot off its mark.
     *
     * @param list<float> $feet_m Ascending
     */
    public function holds(array $feet_m): bool
    {
        $limit = $this->capacities->placing->limit;

        $worst = $this->worst($feet_m, $limit);

        return $worst <= $limit && $this->holdsMoved($feet_m, $worst);
    }

    /**
     * Whether every ratio by itself stays at 1 with each foot alone off its mark by the placing tolerance, either way.
     *
     * @param list<float> $feet_m Ascending
     * @param float $worst Their worst ratio on their marks
     */
    public function holdsMoved(array $feet_m, float $worst): bool
    {
        return $this->moved[pack('d*', ...$feet_m)] ??= $this->holdsAnyMoved($feet_m, $worst);
    }

    /** @param list<float> $feet_m */
    protected function holdsAnyMoved(array $feet_m, float $worst): bool
    {
        if ($this->other?->holdsAnyMoved($feet_m, $worst) === false) {
            return false;
        }
        $this->work?->take(2 * count($feet_m) ** 2);
        $this->quick ??= new QuickCheck($this);
        $quick = $this->quick;
        $this->moves ??= new FootMoves($this);
        $layout = $this->shape->layout($feet_m);
        $bounds = $this->moves->bounds($layout, $worst, static fn (): float => $quick->worstRail($layout));
        $hinged = $this->shape->hasHinges() ? $this->shape->hinged($feet_m) : null;
        foreach ($hinged === null ? [] : $this->moves->bounds($hinged, $worst, static fn (): float => $quick->worstRail($hinged)) as $place => $bound) {
            $bounds[$place] = max($bounds[$place], $bound);
        }
        foreach ($feet_m as $place => $x_m) {
            foreach ($bounds[$place] <= Placing::MOVED && $this->run->splices_m === [] ? [] : [-1, 1] as $side) {
                $moved_m = $feet_m;
                $moved_m[$place] = $x_m + $side * $this->capacities->placing->tolerance_m;
                $moved_m = array_values($moved_m);
                if (!$this->everyPieceStands($moved_m) || ($bounds[$place] > Placing::MOVED && $this->quick->exceeds($moved_m, Placing::MOVED))) {
                    return false;
                }
            }
        }

        return true;
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

    /**
     * Whether no bay and no overhang is longer than the maker's table lets it be.
     *
     * @param list<float> $feet_m
     */
    protected function staysInTable(array $feet_m): bool
    {
        return $this->spans?->allows($feet_m, $this->run->clamps_m[0], $this->run->clamps_m[count($this->run->clamps_m) - 1]) ?? true;
    }

    /** Whether a rail may hang over so far beyond a foot, by its maker's table. */
    public function mayHang(float $foot_m, bool $isLeft): bool
    {
        $clamps_m = $this->run->clamps_m;

        return $this->spans?->mayHang($isLeft ? $foot_m - $clamps_m[0] : $clamps_m[count($clamps_m) - 1] - $foot_m) ?? true;
    }

    protected function check(UnitLayout $layout, bool $byLink): RunVerdict
    {
        $onOneShare = $byLink ? $this->pressed($this->capacities, 1.0, true) : $this->onOneShare;
        $atEdge = $this->edge?->among($layout->feet_m, $this->capacities->placing->tolerance_m) ?? [];
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
            $isEdge = $this->edge !== null && isset($atEdge[$foot]);
            $tally = $share > 0.0 && !$isEdge ? $onOneShare->times($share) : $this->pressed(
                $isEdge ? $this->edge->capacities : $this->capacities,
                $share,
                $byLink,
            );
            $wind_N = 0.0;
            foreach ($this->winds->foot_N($tributary_m) as $unit => $force_N) {
                $wind_N += $force_N * $layout->reactions[$unit][$foot];
            }
            foreach ($this->up as $case) {
                $tally->add($case, $case->windUp * $wind_N - $case->normal_N * $share, $case->along_N * $share, 0.0);
            }
            if ($snow !== null) {
                $tally->patterns($this->partials, $share, $wind_N, $snow->reactions()[$foot]);
            }
            $attachments[] = $tally->verdict($x_m, $tributary_m, $share, $isEdge);
            $worst = max($worst, $tally->ratio());
        }

        return new RunVerdict($worst, $attachments, $rail->worstRail(), $rail->at_m, $rail->worstSplice(), $rail->normal_Nm, $rail->along_Nm);
    }

    /** A foot in the down cases. */
    private function pressed(Capacities $capacities, float $share, bool $byLink = false): FootTally
    {
        $tally = new FootTally($capacities, $byLink);
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
                $rail->section($layout->moments[0][$foot], $wind_Nm, $layout->feet_m[$foot], false);
            }
        }
    }

    /** Hands every section of a bay to the tally: its two ends, its clamps and its splices. */
    private function bay(UnitLayout $layout, int $index, Bay $bay, ?PartialSnow $snow, RailTally $rail): void
    {
        $winds_N = $this->winds->bay_N($bay->length_m);
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
            $rail->section($share_Nm, $wind_Nm, $x_m, $isSplice);
            if ($snow !== null && $rail->mayGovern($share_Nm, $wind_Nm, $snow->range($index, $share, $simples[$section]), $isSplice)) {
                // The ratio is convex in the pattern's moment, so that its extremes over the patterns are enough.
                foreach ($snow->extremes($index, $share, $simples[$section]) as $moment) {
                    $rail->patterns($share_Nm, $wind_Nm, $moment, $x_m, $isSplice);
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
            $attachments[] = $verdict->worse($other->attachments[$index]);
        }
        $governing = $one->rail->ratio >= $other->rail->ratio ? $one : $other;

        return new RunVerdict(
            max($one->worst, $other->worst),
            $attachments,
            $governing->rail,
            $governing->railAt_m,
            null,
            $governing->railNormal_Nm,
            $governing->railAlong_Nm,
        );
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Beam\PartialSnow;
use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Beam\RunWinds;
use Garnetine\Core\Attachment\Beam\UnitLayout;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Foot\Lever;
use Garnetine\Core\Rail\OnLegs;

/**
 * The worst ratio of a run over given feet, as RunCheck finds it, but without what governs, and from layouts solved once for
 * all runs of a shape. Written apart from RunCheck; the tests hold the two, and a third, against each other.
 *
 * @internal
 */
final class QuickCheck
{
    /** @var list<array{float, float, float, float, float, float}> Of each up case: wind, normal, along, heel, withdrawal, lateral */
    private readonly array $up;

    /** @var list<array{float, float, float, float, float, float}> */
    private readonly array $down;

    /** @var list<array{float, float, float, float, float, float, float}> Of each partial case that presses: what is full, normal, along and heel; the snow, normal and along; withdrawal, lateral */
    private readonly array $partials;

    /** @var list<array{float, float, float, float, float, float, float}> Of each that pulls: wind; what is full, normal and along; the snow, normal and along; withdrawal, lateral */
    private readonly array $partialsUp;

    /** @var list<array{float, float, float, float|null, float, float, float, float}> Of both, see inPattern() */
    private readonly array $allPartials;

    private readonly float $perNormal;
    private readonly float $perAlong;
    private readonly float $perSplice;
    private readonly float $perUp;
    private readonly float $perDown;
    private readonly float $perFootAlong;
    private readonly float $perArm;
    private readonly float $armPerAlong;
    private readonly Lever $lever;
    private readonly ?OnLegs $legs;
    private readonly float $perLegUp;
    private readonly float $perLegDown;
    private readonly float $perLegAlong;
    private readonly float $leverPerUp;
    private readonly float $leverPerDown;
    private readonly float $leverPerAlong;
    private readonly float $lateralShare;

    /** Bounds on the ratio in the up cases: of the rail and of a foot, for a share and for the wind's force. */
    private readonly float $railPerShare;
    private readonly float $railLeastPerShare;
    private readonly float $railAlongPerShare;
    private readonly float $railPerWind;
    private readonly float $footPerShare;
    private readonly float $footLeastPerShare;
    private readonly float $footAlongPerShare;
    private readonly float $footPerWind;

    /** Bounds on the ratio in the partial cases: of the rail for a unit moment of all shares and of the snow's pattern, of a foot for such reactions. */
    private readonly float $perWhole;
    private readonly float $perSnow;
    private readonly float $perWholeReaction;
    private readonly float $perSnowReaction;

    private readonly bool $addsUp;

    private readonly float $together;

    private readonly RunShape $shape;
    private readonly RunWinds $winds;
    private readonly float $downPerMoment;
    private readonly float $downPerReaction;

    /** The stronger feet at the edges, and the same check of these. */
    private readonly ?EdgeFeet $edge;
    private readonly ?self $atEdge;
    private readonly float $tolerance_m;

    /**
     * Keeps nothing of the check itself, which keeps this: the two would wait for the cycle collector.
     *
     * @param Capacities|null $of Of the feet that it is for, where they are not the run's own
     */
    public function __construct(RunCheck $check, ?Capacities $of = null)
    {
        [$this->shape, $this->winds] = [$check->shape, $check->winds];
        [$this->downPerMoment, $this->downPerReaction] = [$check->downPerMoment, $of === null ? $check->downPerReaction : $check->edgePerReaction];
        $c = $of ?? $check->capacities;
        $this->edge = $of === null ? $check->edge : null;
        $this->atEdge = $this->edge === null ? null : new self($check, $this->edge->capacities);
        $this->tolerance_m = $c->placing->tolerance_m;
        $this->perNormal = 1 / $c->railNormal_Nm;
        $this->perAlong = 1 / $c->railAlong_Nm;
        $this->perSplice = 1 / $c->splice_Nm;
        $this->perUp = max(1 / $c->boltUp_N, 1 / $c->footUp_N, 1 / $c->armEnd_N);
        [$this->perArm, $this->armPerAlong] = [1 / $c->armEnd_N, $c->armPerAlong];
        [$this->perDown, $this->perFootAlong] = [1 / $c->footDown_N, max(1 / $c->boltAlong_N, 1 / $c->footAlong_N)];
        $this->lever = $c->lever;
        [$this->leverPerUp, $this->leverPerDown] = [$c->lever->mostPerUp(), $c->lever->mostPerDown()];
        [$this->leverPerAlong, $this->lateralShare, $this->addsUp, $this->together] = [
            $c->lever->perAlong(), $c->lever->lateralShare(), $c->addsUp, $c->together,
        ];
        [$this->legs, $this->perLegUp, $this->perLegDown, $this->perLegAlong] = [$c->legs, 1 / $c->legUp_N, 1 / $c->legDown_N, 1 / $c->legAlong_N];
        $row = static fn (LoadCase $case): array => [
            $case->windUp, $case->normal_N, $case->along_N, $case->heel_N,
            $c->withdrawal_N($case->cd), $c->lateral_N($case->cd),
        ];
        $this->up = array_map($row, $check->up);
        $this->down = array_map($row, $check->down);
        $partials = $partialsUp = $all = [];
        foreach ($check->partials as $partial) {
            [$windUp, $normal_N, $along_N, $heel_N, $withdrawal_N, $lateral_N] = $row($partial->case);
            [$normal_N, $along_N, $heel_N] = [$normal_N - $partial->snowNormal_N, $along_N - $partial->snowAlong_N, $heel_N - $partial->snowNormal_N];
            $all[] = [$windUp, $normal_N, $along_N, $windUp > 0.0 ? null : $heel_N, $partial->snowNormal_N, $partial->snowAlong_N, $withdrawal_N, $lateral_N];
            if ($windUp > 0.0) {
                $partialsUp[] = [$windUp, $normal_N, $along_N, $partial->snowNormal_N, $partial->snowAlong_N, $withdrawal_N, $lateral_N];
            } else {
                $partials[] = [$normal_N, $along_N, $heel_N, $partial->snowNormal_N, $partial->snowAlong_N, $withdrawal_N, $lateral_N];
            }
        }
        [$this->partials, $this->partialsUp, $this->allPartials] = [$partials, $partialsUp, $all];
        [
            $this->railPerShare, $this->railLeastPerShare, $this->railAlongPerShare, $this->railPerWind,
            $this->footPerShare, $this->footLeastPerShare, $this->footAlongPerShare, $this->footPerWind,
        ] = $this->mostOfAll();
        [$this->perWhole, $this->perSnow, $this->perWholeReaction, $this->perSnowReaction] = $this->partialBounds();
    }

    /**
     * What a share asks most and least of the rail, along it, and the wind; the same of a foot.
     *
     * @return array{float, float, float, float, float, float, float, float}
     */
    private function mostOfAll(): array
    {
        $railPerShare = $railAlongPerShare = $railPerWind = $footPerShare = $footAlongPerShare = $footPerWind = 0.0;
        $railLeastPerShare = $footLeastPerShare = INF;
        foreach ($this->up as [$windUp, $normal_N, $along_N, , $withdrawal_N, $lateral_N]) {
            $railPerShare = max($railPerShare, abs($normal_N) * $this->perNormal);
            $railLeastPerShare = min($railLeastPerShare, $normal_N * $this->perNormal);
            $railAlongPerShare = max($railAlongPerShare, abs($along_N) * $this->perAlong);
            $railPerWind = max($railPerWind, abs($windUp) * $this->perNormal);
            // No link is worse than its parts together.
            $perUp = max(
                $this->perUp,
                $this->perDown,
                $this->perLegUp,
                $this->perLegDown,
                $this->leverPerUp / $withdrawal_N,
                $this->leverPerDown / $withdrawal_N,
            );
            $perAlong = max($this->perLegAlong, $this->mostPerAlong($withdrawal_N, $lateral_N));
            // On legs each of both brings something of both to a foot.
            [$perUp, $perAlong] = $this->legs === null ? [$perUp, $perAlong] : [
                abs($this->legs->upPerUp) * $perUp + abs($this->legs->alongPerUp) * $perAlong,
                abs($this->legs->upPerAlong) * $perUp + abs($this->legs->alongPerAlong) * $perAlong,
            ];
            $footPerShare = max($footPerShare, abs($normal_N) * $perUp);
            $footLeastPerShare = min($footLeastPerShare, $normal_N * $perUp);
            $footAlongPerShare = max($footAlongPerShare, abs($along_N) * $perAlong);
            $footPerWind = max($footPerWind, abs($windUp) * $perUp);
        }

        return [
            $railPerShare, $railLeastPerShare, $railAlongPerShare, $railPerWind, $footPerShare, $footLeastPerShare, $footAlongPerShare, $footPerWind,
        ];
    }

    /** @return array{float, float, float, float} Of the partial cases that press, for a unit moment or reaction of all shares and of the snow's pattern */
    private function partialBounds(): array
    {
        $perWhole = $perSnow = $perWholeReaction = $perSnowReaction = 0.0;
        foreach ($this->partials as [$normal_N, $along_N, , $snowNormal_N, $snowAlong_N, $withdrawal_N, $lateral_N]) {
            $perWhole = max($perWhole, abs($normal_N) * $this->perNormal + abs($along_N) * $this->perAlong);
            $perSnow = max($perSnow, abs($snowNormal_N) * $this->perNormal + abs($snowAlong_N) * $this->perAlong);
            // A pull in the lag comes from the lever alone as long as the foot is pressed down on its base, and no link is worse than its parts together.
            $perShare = fn (float $down_N, float $along_N): float => $down_N < 0.0 || $this->legs !== null ? INF : max(
                $down_N * $this->perDown,
                $down_N * max($this->perArm, $this->leverPerDown / $withdrawal_N) + abs($along_N) * $this->mostPerAlong($withdrawal_N, $lateral_N),
            );
            $perWholeReaction = max($perWholeReaction, $perShare($normal_N, $along_N));
            $perSnowReaction = max($perSnowReaction, $perShare($snowNormal_N, $snowAlong_N));
        }

        return [$perWhole, $perSnow, $perWholeReaction, $perSnowReaction];
    }

    /** What a newton along the slope adds to the ratio of any link at most. */
    private function mostPerAlong(float $withdrawal_N, float $lateral_N): float
    {
        return max($this->perFootAlong, $this->armPerAlong * $this->perArm, $this->leverPerAlong / $withdrawal_N + $this->lateralShare / $lateral_N);
    }

    /**
     * @param list<float> $feet_m Ascending, at least two
     *
     * @return float Beyond the limit not exact
     */
    public function worst(array $feet_m, float $limit): float
    {
        $shape = $this->shape;
        $worst = $this->of($shape->layout($feet_m), $limit, 0.0, $this->tolerance_m);
        if ($worst > $limit || !$shape->hasHinges()) {
            return $worst;
        }
        $hinged = $shape->hinged($feet_m);

        return $hinged === null ? INF : max($worst, $this->of($hinged, $limit, 0.0, $this->tolerance_m));
    }

    /**
     * Whether any ratio of feet off their marks is beyond a limit: bounds pass over nearly all that a layout has. Which of them are stronger
     * ones is asked without the room for that: none is taken for one that is not.
     *
     * @param list<float> $feet_m Ascending, at least two
     */
    public function exceeds(array $feet_m, float $limit): bool
    {
        if ($this->of($this->shape->layout($feet_m), $limit, $limit, 0.0) > $limit) {
            return true;
        }
        $hinged = $this->shape->hasHinges() ? $this->shape->hinged($feet_m) : null;

        return $this->shape->hasHinges() && ($hinged === null || $this->of($hinged, $limit, $limit, 0.0) > $limit);
    }

    /** The worst ratio of the rail and its splices alone. */
    public function worstRail(UnitLayout $layout): float
    {
        $worst = $this->rail($layout, INF, 0.0);
        $snow = $this->allPartials === [] ? null : $layout->snow();

        return $snow === null ? $worst : $this->partialRail($layout, $snow, $worst);
    }

    /**
     * @param float $worst What is known already: only what is worse is looked for
     * @param float $margin_m See EdgeFeet
     */
    private function of(UnitLayout $layout, float $limit, float $worst, float $margin_m): float
    {
        $worst = $this->rail($layout, $limit, $worst);
        if ($worst > $limit) {
            return $worst;
        }
        $strong = $this->edge?->among($layout->feet_m, $margin_m);
        $worst = $this->feet($layout, $worst, $strong, false);
        $worst = $this->atEdge?->feet($layout, $worst, $strong, true) ?? $worst;
        if ($worst > $limit || $this->allPartials === []) {
            return $worst;
        }
        $snow = $layout->snow();
        if ($snow === null) {
            return $worst;
        }
        $worst = $this->partialRail($layout, $snow, $worst);
        if ($worst > $limit) {
            return $worst;
        }
        $worst = $this->partialFeet($layout, $snow, $worst, $strong, false);

        return $this->atEdge?->partialFeet($layout, $snow, $worst, $strong, true) ?? $worst;
    }

    private function rail(UnitLayout $layout, float $limit, float $worst): float
    {
        $last = count($layout->bays);
        foreach ([[$layout->overhangLeft_m, 0], [$layout->overhangRight_m, $last]] as [$length_m, $foot]) {
            if ($length_m > 1e-9) {
                $over = array_map(static fn (array $moments): array => [$moments[$foot]], $layout->moments);
                $worst = $this->sections($over, 1, $this->winds->bay_N($length_m), $worst);
            }
        }
        foreach ($layout->longestFirst as $index) {
            $bay = $layout->bays[$index];
            $worst = $this->sections($layout->sections($index), 2 + count($bay->sections), $this->winds->bay_N($bay->length_m), $worst);
            if ($worst > $limit) {
                return $worst;
            }
        }

        return $worst;
    }

    /**
     * The worst so far, or of a bay's sections.
     *
     * @param list<list<float>> $moments By unit, then section
     * @param int $splice Where the splices begin
     * @param list<float> $winds_N
     */
    private function sections(array $moments, int $splice, array $winds_N, float $worst): float
    {
        foreach ($moments[0] as $index => $share) {
            $size = $share < 0.0 ? -$share : $share;
            $wind_Nm = 0.0;
            foreach ($winds_N as $unit => $wind_N) {
                $wind_Nm += $wind_N * $moments[$unit][$index];
            }
            if ($index >= $splice) {
                $worst = max($worst, $this->splice($share, $size, $wind_Nm));
                continue;
            }
            $ratio = $size * $this->downPerMoment;
            if ($ratio > $worst) {
                $worst = $ratio;
            }
            // A bound on all the up cases: of wind and weight that act against each other the larger is left, or less.
            $wind = ($wind_Nm < 0.0 ? -$wind_Nm : $wind_Nm) * $this->railPerWind;
            $most = $size * $this->railPerShare;
            $bound = $share * $wind_Nm > 0.0 ? max($wind - $size * $this->railLeastPerShare, $most) : $wind + $most;
            if ($bound + $size * $this->railAlongPerShare <= $worst) {
                continue;
            }
            foreach ($this->up as [$windUp, $normal_N, $along_N]) {
                $normal_Nm = $windUp * $wind_Nm - $normal_N * $share;
                $ratio = ($normal_Nm < 0.0 ? -$normal_Nm : $normal_Nm) * $this->perNormal + $along_N * $size * $this->perAlong;
                if ($ratio > $worst) {
                    $worst = $ratio;
                }
            }
        }

        return $worst;
    }

    private function splice(float $share, float $size, float $wind_Nm): float
    {
        $worst = 0.0;
        foreach ($this->down as [, $normal_N, $along_N]) {
            $worst = max($worst, ($normal_N + $along_N) * $size);
        }
        foreach ($this->up as [$windUp, $normal_N, $along_N]) {
            $worst = max($worst, abs($windUp * $wind_Nm - $normal_N * $share) + $along_N * $size);
        }

        return $worst * $this->perSplice;
    }

    /** @param array<int, true>|null $strong By foot: of which are looked at those, or the others; null for all */
    private function feet(UnitLayout $layout, float $worst, ?array $strong, bool $isStrong): float
    {
        $reactions = $layout->reactions;
        foreach ($reactions[0] as $foot => $share) {
            if ($strong !== null && isset($strong[$foot]) !== $isStrong) {
                continue;
            }
            $wind_N = 0.0;
            foreach ($this->winds->foot_N($layout->tributary_m($foot)) as $unit => $force_N) {
                $wind_N += $force_N * $reactions[$unit][$foot];
            }
            if ($share > 0.0) {
                $ratio = $share * $this->downPerReaction;
                $worst = $ratio > $worst ? $ratio : $worst;
                $wind = abs($wind_N) * $this->footPerWind;
                $most = $share * $this->footPerShare;
                $across = $wind_N > 0.0 && $this->legs === null ? max($wind - $share * $this->footLeastPerShare, $most) : $wind + $most;
                if ($across + $share * $this->footAlongPerShare <= $worst) {
                    continue;
                }
            }
            foreach ($this->up as [$windUp, $normal_N, $along_N, , $withdrawal_N, $lateral_N]) {
                $worst = max($worst, $this->foot($windUp * $wind_N - $normal_N * $share, $along_N * $share, 0.0, $withdrawal_N, $lateral_N));
            }
            if ($share < 0.0) {
                foreach ($this->down as [, $normal_N, $along_N, , $withdrawal_N, $lateral_N]) {
                    $worst = max($worst, $this->foot(-$normal_N * $share, $along_N * $share, 0.0, $withdrawal_N, $lateral_N));
                }
            }
        }

        return $worst;
    }

    /**
     * The worst link of one attachment; see FootTally.
     *
     * @param float $up_N Of the rail, as all of it
     */
    private function foot(float $up_N, float $along_N, float $heel_N, float $withdrawal_N, float $lateral_N): float
    {
        $onLeg = 0.0;
        if ($this->legs !== null) {
            [$up_N, $along_N, $heel_N] = $this->legs->turned($up_N, $along_N, $heel_N);
            $onLeg = max($up_N * $this->perLegUp, -$up_N * $this->perLegDown, abs($along_N) * $this->perLegAlong);
        }
        $along_N = $along_N < 0.0 ? -$along_N : $along_N;
        $tension_N = $this->lever->tension_N($up_N, $along_N, $heel_N);
        $each_N = $along_N * $this->lateralShare;
        $worst = max(
            $onLeg,
            $up_N > 0.0 ? $up_N * $this->perUp : max(-$up_N * $this->perDown, ($along_N * $this->armPerAlong - $up_N) * $this->perArm),
            $along_N * $this->perFootAlong,
            $tension_N / $withdrawal_N,
            $each_N / $lateral_N,
        );
        if ($tension_N > 0.0 && $each_N > 0.0) {
            $worst = max($worst, $this->addsUp
                ? ($each_N / $lateral_N + $tension_N / $withdrawal_N) / $this->together
                : ($each_N ** 2 / $lateral_N + $tension_N ** 2 / $withdrawal_N) / hypot($tension_N, $each_N));
        }

        return $worst;
    }

    /** The worst so far, or what partial snow makes of the rail. Bounds tell first where that need not be looked at. */
    private function partialRail(UnitLayout $layout, PartialSnow $snow, float $worst): float
    {
        foreach ($layout->longestFirst as $index) {
            $bay = $layout->bays[$index];
            $moments = $layout->sections($index);
            $winds_N = $this->partialsUp === [] ? [] : $this->winds->bay_N($bay->length_m);
            $splice = 2 + count($bay->sections);
            foreach ($moments[0] as $section => $whole) {
                $share = (float) $section;
                $simple = 0.0;
                if ($section < 2) {
                    [$low, $high] = $extremes = [$snow->lows[$index + $section], $snow->highs[$index + $section]];
                } else {
                    [$share, $simple] = $section < $splice ? [$bay->sections[$section - 2], $bay->unitSections[0][$section - 2]] : [
                        $bay->splices[$section - $splice], $bay->unitSplices[0][$section - $splice],
                    ];
                    [$low, $high] = $snow->range($index, $share, $simple);
                    $extremes = null;
                }
                $wind_Nm = 0.0;
                foreach ($winds_N as $unit => $wind_N) {
                    $wind_Nm += $wind_N * $moments[$unit][$section];
                }
                // The ratio is convex in the pattern's moment: bounds on that give a bound on it.
                $size = $whole < 0.0 ? -$whole : $whole;
                $most = $high > -$low ? $high : -$low;
                $bound = $size * $this->perWhole + $most * $this->perSnow;
                foreach ($bound > $worst ? [] : $this->partialsUp as [$windUp, $normal_N, $along_N, $snowNormal_N, $snowAlong_N]) {
                    $one = $windUp * $wind_Nm - $normal_N * $whole - $snowNormal_N * $low;
                    $other = $windUp * $wind_Nm - $normal_N * $whole - $snowNormal_N * $high;
                    $bound = max($bound, max($one, -$one, $other, -$other) * $this->perNormal + ($along_N * $size + $snowAlong_N * $most) * $this->perAlong);
                }
                if ($section >= $splice || $bound > $worst) {
                    $worst = max($worst, $this->partialSection($whole, $extremes ?? $snow->extremes($index, $share, $simple), $wind_Nm, $section >= $splice));
                }
            }
        }

        return $worst;
    }

    /** @param array{float, float} $extremes */
    private function partialSection(float $whole, array $extremes, float $wind_Nm, bool $isSplice): float
    {
        $worst = 0.0;
        foreach ($this->allPartials as [$windUp, $normal_N, $along_N, , $snowNormal_N, $snowAlong_N]) {
            foreach ($extremes as $moment) {
                $normal_Nm = abs($windUp * $wind_Nm - $normal_N * $whole - $snowNormal_N * $moment);
                $along_Nm = abs($along_N * $whole + $snowAlong_N * $moment);
                $worst = max($worst, $isSplice ? ($normal_Nm + $along_Nm) * $this->perSplice : $normal_Nm * $this->perNormal + $along_Nm * $this->perAlong);
            }
        }

        return $worst;
    }

    /** @param array<int, true>|null $strong See feet() */
    private function partialFeet(UnitLayout $layout, PartialSnow $snow, float $worst, ?array $strong, bool $isStrong): float
    {
        foreach ($layout->reactions[0] as $foot => $whole) {
            if ($strong !== null && isset($strong[$foot]) !== $isStrong) {
                continue;
            }
            [$low, $high] = $layout->reactionRange($snow, $foot);
            $wind_N = 0.0;
            foreach ($this->partialsUp === [] ? [] : $this->winds->foot_N($layout->tributary_m($foot)) as $unit => $force_N) {
                $wind_N += $force_N * $layout->reactions[$unit][$foot];
            }
            if ($low >= 0.0 && $whole >= 0.0 && $wind_N >= 0.0 && $whole * $this->perWholeReaction + $high * $this->perSnowReaction <= $worst
                && $this->pulledBound($whole, $high, $wind_N) <= $worst) {
                continue;
            }
            $worst = $this->partialFoot($snow->reactions()[$foot], $whole, $wind_N, $worst);
        }

        return $worst;
    }

    /** A ratio that a foot does not exceed in any pattern of those that pull. */
    private function pulledBound(float $whole, float $high, float $wind_N): float
    {
        $bound = $this->legs === null ? 0.0 : INF;
        foreach ($this->partialsUp as [$windUp, $normal_N, $along_N, $snowNormal_N, $snowAlong_N, $withdrawal_N, $lateral_N]) {
            $along = $along_N * $whole + $snowAlong_N * $high;
            $down = $normal_N * $whole + $snowNormal_N * $high;
            $bound = max(
                $bound,
                $windUp * $wind_N * $this->perUp,
                $down * $this->perDown,
                // No interaction is worse than the plain sum.
                max($windUp * $wind_N * $this->leverPerUp / $withdrawal_N, $down * $this->leverPerDown / $withdrawal_N, $down * $this->perArm)
                    + $along * $this->mostPerAlong($withdrawal_N, $lateral_N),
            );
        }

        return $bound;
    }

    /**
     * The worst so far, or of a foot in any pattern.
     *
     * @param non-empty-list<float> $patterns Reactions
     */
    private function partialFoot(array $patterns, float $whole, float $wind_N, float $worst): float
    {
        $ends = [min($patterns), max($patterns)];
        foreach ($this->allPartials as $row) {
            $bound = 0.0;
            foreach ($ends as $reaction) {
                [$ratio, $sum] = $this->inPattern($row, $whole, $reaction, $wind_N);
                $worst = max($worst, $ratio);
                $bound = max($bound, $sum);
            }
            if ($bound > $worst) {
                // With a pull in the lag the interaction is not convex along the patterns: look at each.
                foreach ($patterns as $reaction) {
                    $worst = max($worst, $this->inPattern($row, $whole, $reaction, $wind_N)[0]);
                }
            }
        }

        return $worst;
    }

    /**
     * @param array{float, float, float, float|null, float, float, float, float} $row Wind, normal, along, heel (null where nothing presses it), snow normal and along, withdrawal, lateral
     *
     * @return array{float, float} The ratio, and a bound on the interaction of these forces or smaller ones
     */
    private function inPattern(array $row, float $whole, float $snow, float $wind_N): array
    {
        [$windUp, $normal, $along, $heel, $snowNormal_N, $snowAlong_N, $withdrawal_N, $lateral_N] = $row;
        $up_N = $windUp * $wind_N - $normal * $whole - $snowNormal_N * $snow;
        $along_N = $along * $whole + $snowAlong_N * $snow;
        $heel_N = $heel !== null && $up_N < 0.0 ? min(-$up_N, max(0.0, $heel * $whole + $snowNormal_N * $snow)) : 0.0;
        $ratio = $this->foot($up_N, $along_N, $heel_N, $withdrawal_N, $lateral_N);
        [$up_N, $along_N, $heel_N] = $this->legs?->turned($up_N, $along_N, $heel_N) ?? [$up_N, $along_N, $heel_N];
        $along_N = abs($along_N);
        $most_N = $this->lever->bound_N($up_N, $along_N, $heel_N);

        return [$ratio, $most_N > 0.0 ? $most_N / $withdrawal_N + $along_N * $this->lateralShare / $lateral_N : 0.0];
    }
}

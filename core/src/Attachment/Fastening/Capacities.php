<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Attachment\Check\Placing;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Kit\EdgeFoot;
use Garnetine\Core\Design\Kit\SpanTable;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Foot\Lever;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Rail\OnLegs;

/**
 * What the links of one attachment and of the rail hold, in numbers for the checks. A missing allowable is infinite here
 * and a stop in the findings.
 */
final readonly class Capacities
{
    /** How well feet are brought into line, unless the company says otherwise. Source: common practice, no source. */
    public const USUAL_LINE_IN = 0.125;

    public const IN_LINE_MOST_IN = 0.5;

    public function __construct(
        public float $railNormal_Nm,
        public float $railAlong_Nm,
        public float $splice_Nm,
        /** How far out of line a foot bends the rail to its allowable stress, over the square of the bay: Fb·Sx / (3·E·Ix). */
        public float $linePerSquare_per_m,
        public float $boltUp_N,
        public float $boltAlong_N,
        public float $footUp_N,
        public float $footDown_N,
        public float $footAlong_N,
        /** The load at the end of a hook's arm that bends it to its allowable stress; infinite where there is none. */
        public float $armEnd_N,
        /** So many newtons there bend it like one along the slope. */
        public float $armPerAlong,
        public float $railHeight_m,
        public float $heel_m,
        /** How forces on a foot pull its fasteners. */
        public Lever $lever,
        private float $withdrawal_N,
        /** An entered value: the duration of the loads does not change it. */
        private bool $withdrawalIsFinal,
        private float $lateral_N,
        private bool $lateralIsFinal,
        /** Whether pull and push in the screw add up in a straight line, by its clause or for want of one: on the safe side. */
        public bool $addsUp,
        /** And what that sum may come to. */
        public float $together,
        /** How far feet may stand from their marks, which all of this is held to. */
        public Placing $placing,
        /** The same of feet under rails up the slope. */
        private ?Lever $underRailUp = null,
        /** Whether what holds is another rail, and no foot. */
        public bool $onRail = false,
        /** Where legs are between a rail and its feet: what they make of its forces. */
        public ?OnLegs $legs = null,
        public float $legUp_N = INF,
        public float $legDown_N = INF,
        public float $legAlong_N = INF,
        public ?SpanTable $spans = null,
        private ?EdgeFoot $edgeFoot = null,
    ) {
    }

    /** The same under a rail up the slope. */
    public function upSlope(): self
    {
        return Copy::of($this, lever: $this->underRailUp ?? $this->lever);
    }

    /** The same of the stronger foot at the edges; null where the kit has none. */
    public function atEdge(): ?self
    {
        $foot = $this->edgeFoot;

        return $foot === null ? null : Copy::of(
            $this,
            footUp_N: $foot->up?->toSi() ?? INF,
            footDown_N: $foot->down?->toSi() ?? INF,
            footAlong_N: $foot->along?->toSi() ?? INF,
            armEnd_N: INF,
            withdrawal_N: INF,
            lateral_N: INF,
        );
    }

    /** The same where a module lies on the foot itself: what its frame bears its rating tells, and its clamp is checked by itself. */
    public function alone(): self
    {
        return Copy::of($this, railNormal_Nm: INF, railAlong_Nm: INF, splice_Nm: INF, boltUp_N: INF, boltAlong_N: INF, spans: null);
    }

    /** The same under a leg. */
    public function onLegs(OnLegs $on): self
    {
        return Copy::of(
            $this,
            railHeight_m: $on->legs->front->toMetres(),
            lever: $on->lever,
            legs: $on,
            legUp_N: $on->legs->up?->toSi() ?? INF,
            legDown_N: $on->legs->down?->toSi() ?? INF,
            legAlong_N: $on->legs->along?->toSi() ?? INF,
        );
    }

    /** Where a rail lies on another: what holds the two together, in the place of bolt, foot and screw. */
    public function crossing(CrossRails $crossing): self
    {
        return Copy::of(
            $this,
            boltUp_N: INF,
            boltAlong_N: INF,
            footUp_N: $crossing->up?->toSi() ?? INF,
            footDown_N: $crossing->down?->toSi() ?? INF,
            footAlong_N: $crossing->along?->toSi() ?? INF,
            armEnd_N: INF,
            withdrawal_N: INF,
            lateral_N: INF,
            onRail: true,
            edgeFoot: null,
        );
    }

    /** What the screw holds against pulling out, at a factor for the duration. */
    public function withdrawal_N(float $cd): float
    {
        return $this->withdrawalIsFinal ? $this->withdrawal_N : $this->withdrawal_N * $cd;
    }

    public function lateral_N(float $cd): float
    {
        return $this->lateralIsFinal ? $this->lateral_N : $this->lateral_N * $cd;
    }

    public static function of(Design $design, ?FastenerInMember $held): self
    {
        $rail = $design->kit->rail;
        $foot = $design->kit->foot->limits();
        $bolt = $design->kit->bolt;
        $isBolted = $design->kit->foot->isBolted();
        $stress_Pa = $rail->allowableStress?->toSi() ?? INF;
        $isAllowable = $design->kit->capacities === CapacityFormat::Allowable;
        // What a foot holds in a deck was tested with its screws.
        $deck = $design->onDeck() ? $design->kit->foot->missed($isAllowable) : null;

        return new self(
            $rail->sectionModulusX->toSi() * $stress_Pa,
            $rail->sectionModulusY->toSi() * $stress_Pa,
            $rail->spliceMoment?->toSi() ?? INF,
            $rail->sectionModulusX->toSi() * $stress_Pa / (3 * $rail->elasticModulus->toSi() * $rail->secondMomentX->toSi()),
            $isBolted ? $bolt->up?->toSi() ?? INF : INF,
            $isBolted ? $bolt->along?->toSi() ?? INF : INF,
            min($foot->up_N, $deck?->deckUp?->toSi() ?? INF),
            $foot->down_N,
            min($foot->along_N, $deck?->deckAlong?->toSi() ?? INF),
            $foot->arm?->end_N() ?? INF,
            $foot->arm?->perAlong() ?? 0.0,
            $foot->railHeight_m,
            $foot->heel_m,
            $foot->lever(),
            // A screw that grips nothing holds nothing, but the ratio must stay a number.
            $design->kit->foot->holes() !== [] && !$design->onDeck() ? max(1e-3, $held?->withdrawal?->toSi() ?? 0.0) : INF,
            ($held->withdrawalIsEntered ?? false) || ($held->isSteel ?? false),
            max(1e-3, $held?->lateral?->toSi() ?? INF),
            ($held->lateralIsMakers ?? false) || ($held->isSteel ?? false),
            self::addsUp($design),
            $held->together ?? 1.0,
            Placing::of($design),
            $design->kit->foot->underRailUp()?->lever,
            // One that cannot be used is a stop, and bounds nothing.
            spans: $rail->spans?->open($design->kit->capacities) === null && $rail->spans?->disorder() === null ? $rail->spans : null,
            edgeFoot: $design->kit->edgeFoot,
        );
    }

    /** A lag has a clause of its own for allowable stresses, and for wood screws it is the plain sum. */
    public static function addsUp(Design $design): bool
    {
        return $design->kit->capacities === CapacityFormat::Design || !$design->kit->fastener instanceof LagScrew;
    }

    /**
     * How far out of line a foot may stand before it bends the rail to its allowable stress, δ = Fb·Sx·L²/(3·E·Ix), at most ½ in.
     *
     * No load: an imposed deformation in ductile metal limits itself, and ASCE 7 keeps self-straining effects apart. It tells
     * how well the feet want to be aligned.
     *
     * Source: statics, a beam built in at the neighbouring foot; the cap is common practice, no source.
     */
    public function inLine_m(float $shortestBay_m): float
    {
        return min(Length::ofInches(self::IN_LINE_MOST_IN)->toMetres(), $this->linePerSquare_per_m * $shortestBay_m ** 2);
    }
}

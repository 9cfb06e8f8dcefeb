<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\CapacityFormat;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Quantity\Length;

/**
 * What the links of one attachment and of the rail hold, in numbers for the checks. A missing allowable is infinite here
 * and a stop in the findings.
 */
final readonly class Capacities
{
    /** Feet out of line by an eighth of an inch at most; the step says so. */
    public const MISFIT_IN = 0.125;

    private function __construct(
        public float $railNormal_Nm,
        public float $railAlong_Nm,
        /** Moment from misfit times the square of the bay, 3·E·I·δ. */
        public float $misfit_Nm3,
        public float $splice_Nm,
        public float $boltUp_N,
        public float $boltAlong_N,
        public float $footUp_N,
        public float $footDown_N,
        public float $footAlong_N,
        public float $railHeight_m,
        public float $heel_m,
        private float $withdrawal_N,
        /** An entered value: the duration of the loads does not change it. */
        private bool $withdrawalIsFinal,
        private float $lateral_N,
        private bool $lateralIsFinal,
        /** Whether pull and push in the lag add up in a straight line, for want of a clause: on the safe side. */
        public bool $addsUp,
    ) {
    }

    /** What the lag holds against pulling out, at a factor for the duration. */
    public function withdrawal_N(float $cd): float
    {
        return $this->withdrawalIsFinal ? $this->withdrawal_N : $this->withdrawal_N * $cd;
    }

    public function lateral_N(float $cd): float
    {
        return $this->lateralIsFinal ? $this->lateral_N : $this->lateral_N * $cd;
    }

    public static function of(Design $design, ?LagInMember $lag): self
    {
        $rail = $design->kit->rail;
        $foot = $design->kit->foot;
        $bolt = $design->kit->bolt;
        $stress_Pa = $rail->allowableStress?->toSi() ?? INF;

        return new self(
            $rail->sectionModulusX->toSi() * $stress_Pa,
            $rail->sectionModulusY->toSi() * $stress_Pa,
            3 * $rail->elasticModulus->toSi() * $rail->secondMomentX->toSi() * Length::ofInches(self::MISFIT_IN)->toMetres(),
            $rail->spliceMoment?->toSi() ?? INF,
            $bolt->up?->toSi() ?? INF,
            $bolt->along?->toSi() ?? INF,
            $foot->up?->toSi() ?? INF,
            $foot->down?->toSi() ?? INF,
            $foot->along?->toSi() ?? INF,
            $foot->railHeight->toMetres(),
            $foot->heel->toMetres(),
            // A lag that grips nothing holds nothing, but the ratio must stay a number.
            max(1e-3, $lag?->withdrawal?->toSi() ?? 0.0),
            $lag->withdrawalIsEntered ?? false,
            max(1e-3, $lag?->lateral?->toSi() ?? INF),
            $lag->lateralIsMakers ?? false,
            $design->kit->capacities === CapacityFormat::Design,
        );
    }

    /** What a foot that stands too high or low bends into the rail beside it, in a bay of a length. */
    public function misfit_Nm(float $length_m): float
    {
        return $this->misfit_Nm3 / ($length_m * $length_m);
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/**
 * A beam of constant stiffness on rigid supports, with overhangs and at most one hinge in each span, under point loads.
 *
 * Slope-deflection: one rotation a support, a hinged span condensed to its two end rotations, so that the system stays
 * tridiagonal and symmetric. It is factored once; each load case costs one substitution. Sagging moments are positive,
 * loads act downward, reactions upward; units are the caller's, consistently.
 *
 * Source: statics; slope-deflection equations of any textbook on structural analysis.
 */
final class ContinuousBeam
{
    /** @var list<float> Lengths of the spans */
    private array $lengths = [];

    /** @var list<float|null> Hinge in each span, from its left support */
    private array $hinges = [];

    /** @var list<float> */
    private array $diagonal = [];

    /** @var list<float> Multipliers of the elimination */
    private array $factors = [];

    /**
     * @param list<float> $supports_m Ascending
     * @param list<float> $hinges_m Ascending, inside spans
     *
     * @throws SingularBeam if the supports do not carry the beam
     */
    public function __construct(private readonly array $supports_m, array $hinges_m = [])
    {
        $count = count($supports_m);
        if ($count < 2) {
            throw SingularBeam::tooFewSupports($count);
        }
        for ($i = 1; $i < $count; ++$i) {
            if ($supports_m[$i] <= $supports_m[$i - 1]) {
                throw SingularBeam::supportsNotAscending($supports_m[$i - 1], $supports_m[$i]);
            }
            $this->lengths[] = $supports_m[$i] - $supports_m[$i - 1];
            $this->hinges[] = null;
        }
        foreach ($hinges_m as $hinge_m) {
            $span = $this->spanOf($hinge_m);
            if ($span === null || $this->hinges[$span] !== null) {
                throw SingularBeam::hinge($hinge_m);
            }
            $this->hinges[$span] = $hinge_m - $supports_m[$span];
        }
        $this->factor();
    }

    private function spanOf(float $x_m): ?int
    {
        foreach ($this->lengths as $span => $length_m) {
            if ($x_m > $this->supports_m[$span] && $x_m < $this->supports_m[$span] + $length_m) {
                return $span;
            }
        }

        return null;
    }

    /** @return array{float, float, float} Stiffness of one span: left, coupling, right */
    private function stiffness(int $span): array
    {
        $length = $this->lengths[$span];
        $hinge = $this->hinges[$span];
        if ($hinge === null) {
            return [4 / $length, 2 / $length, 4 / $length];
        }
        $rest = $length - $hinge;
        $k = 3 / ($hinge ** 3 + $rest ** 3);

        return [$k * $hinge * $hinge, $k * $hinge * $rest, $k * $rest * $rest];
    }

    private function factor(): void
    {
        $diagonal = array_fill(0, count($this->supports_m), 0.0);
        $coupling = [];
        foreach (array_keys($this->lengths) as $span) {
            [$left, $coupling[$span], $right] = $this->stiffness($span);
            $diagonal[$span] += $left;
            $diagonal[$span + 1] += $right;
        }
        $this->diagonal[0] = $diagonal[0];
        foreach ($coupling as $span => $value) {
            if ($this->diagonal[$span] < 1e-9 * $diagonal[$span]) {
                throw SingularBeam::mechanism($this->supports_m[$span]);
            }
            $this->factors[] = $value / $this->diagonal[$span];
            $this->diagonal[] = $diagonal[$span + 1] - $this->factors[$span] * $value;
        }
        $last = count($diagonal) - 1;
        if ($this->diagonal[$last] < 1e-9 * $diagonal[$last]) {
            throw SingularBeam::mechanism($this->supports_m[$last]);
        }
    }

    /**
     * @param list<float> $xs_m Where the loads act, ascending
     * @param list<float> $loads_N Same order as $xs_m
     */
    public function under(array $xs_m, array $loads_N): BeamState
    {
        $count = count($this->supports_m);
        $first_m = $this->supports_m[0];
        $last_m = $this->supports_m[$count - 1];
        $tipLeft = $tipRight = 0.0;
        $reactions = array_fill(0, $count, 0.0);
        $fixedLeft = $fixedRight = array_fill(0, $count - 1, 0.0);
        $bySpan = array_fill(0, $count - 1, []);
        $span = 0;
        foreach ($xs_m as $index => $x_m) {
            $load = $loads_N[$index];
            if ($load === 0.0) {
                continue;
            }
            if ($x_m <= $first_m) {
                $tipLeft -= $load * ($first_m - $x_m);
                $reactions[0] += $load;
                continue;
            }
            if ($x_m >= $last_m) {
                $tipRight -= $load * ($x_m - $last_m);
                $reactions[$count - 1] += $load;
                continue;
            }
            while ($x_m > $this->supports_m[$span + 1]) {
                ++$span;
            }
            $bySpan[$span][] = [$x_m - $this->supports_m[$span], $load];
        }
        foreach ($bySpan as $span => $loads) {
            if ($loads !== []) {
                [$fixedLeft[$span], $fixedRight[$span]] = $this->endMomentsAtNoRotation($span, $loads);
            }
        }
        $moments = $this->moments($fixedLeft, $fixedRight, $tipLeft, $tipRight);
        foreach ($this->lengths as $span => $length) {
            $shift = ($moments[$span + 1] - $moments[$span]) / $length;
            $reactions[$span] += $shift;
            $reactions[$span + 1] -= $shift;
            foreach ($bySpan[$span] as [$a, $load]) {
                $reactions[$span] += $load * ($length - $a) / $length;
                $reactions[$span + 1] += $load * $a / $length;
            }
        }

        return new BeamState($this->supports_m, $moments, $reactions, $bySpan);
    }

    /**
     * Sagging moments over the supports, where those of the spans, held without rotation, are known.
     *
     * @param array<int, float> $fixedLeft At the left end of each span
     * @param array<int, float> $fixedRight At its right end
     *
     * @return array<int, float>
     */
    private function moments(array $fixedLeft, array $fixedRight, float $tipLeft, float $tipRight): array
    {
        $count = count($this->supports_m);
        // Moments left and right of each support agree when the rotations are right; tips are known.
        $fixed = array_fill(0, $count, 0.0);
        $fixed[0] = $fixedLeft[0] - $tipLeft;
        for ($i = 1; $i < $count - 1; ++$i) {
            $fixed[$i] = $fixedLeft[$i] - $fixedRight[$i - 1];
        }
        $fixed[$count - 1] = $tipRight - $fixedRight[$count - 2];
        $turns = $this->solve($fixed);

        $moments = [$tipLeft];
        foreach ($this->lengths as $span => $length) {
            [, $coupling, $right] = $this->stiffness($span);
            $moments[$span + 1] = $fixedRight[$span] + $coupling * $turns[$span] + $right * $turns[$span + 1];
        }
        $moments[$count - 1] = $tipRight;

        return $moments;
    }

    /**
     * Sagging moments at the two ends of a span whose ends do not rotate.
     *
     * @param list<array{float, float}> $loads Distance from the left support and load
     *
     * @return array{float, float}
     */
    private function endMomentsAtNoRotation(int $span, array $loads): array
    {
        $length = $this->lengths[$span];
        $hinge = $this->hinges[$span];
        $left = $right = 0.0;
        if ($hinge === null) {
            foreach ($loads as [$a, $load]) {
                $b = $length - $a;
                $left -= $load * $a * $b * $b / ($length * $length);
                $right -= $load * $a * $a * $b / ($length * $length);
            }

            return [$left, $right];
        }
        $rest = $length - $hinge;
        $gap = 0.0;
        foreach ($loads as [$a, $load]) {
            if ($a <= $hinge) {
                $left -= $load * $a;
                $gap += $load * $a * $a * (3 * $hinge - $a) / 6;
            } else {
                $b = $length - $a;
                $right -= $load * $b;
                $gap -= $load * $b * $b * (3 * $rest - $b) / 6;
            }
        }
        $shear = 3 * $gap / ($hinge ** 3 + $rest ** 3);

        return [$left + $shear * $hinge, $right - $shear * $rest];
    }

    /**
     * @param array<int, float> $right
     *
     * @return array<int, float>
     */
    private function solve(array $right): array
    {
        $count = count($right);
        for ($i = 1; $i < $count; ++$i) {
            $right[$i] -= $this->factors[$i - 1] * $right[$i - 1];
        }
        for ($i = $count - 1; $i >= 0; --$i) {
            $right[$i] /= $this->diagonal[$i];
        }
        for ($i = $count - 2; $i >= 0; --$i) {
            $right[$i] -= $this->factors[$i] * $right[$i + 1];
        }

        return $right;
    }
}

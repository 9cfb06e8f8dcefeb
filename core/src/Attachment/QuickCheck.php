<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Rail\Run;

/**
 * The worst ratio of a layout on a rail without hinges, from bays that are worked out once and met again in many layouts.
 *
 * The three-moment equations give the moments over the feet; every section, foot and snow pattern follows from them. It says
 * the same as RunCheck::of(), which keeps what governs; the tests hold both against a separately written check.
 *
 * @internal
 */
final class QuickCheck
{
    /** @var array<int, array<int, Bay>> By the ends, in ten millionths of a metre */
    private array $bays = [];

    /** @var array<int, list<array{float, float}>> For each place, unit moment and sum of the loads left of it */
    private array $left = [];

    /** @var array<int, list<array{float, float}>> The same to the right of it */
    private array $right = [];

    private readonly float $perNormal;
    private readonly float $perAlong;
    private readonly float $perSplice;

    public function __construct(private readonly Run $run, private readonly RunCheck $check)
    {
        $this->perNormal = 1 / $check->capacities->railNormal_Nm;
        $this->perAlong = 1 / $check->capacities->railAlong_Nm;
        $this->perSplice = 1 / $check->capacities->splice_Nm;
    }

    public function bay(float $from_m, float $to_m): Bay
    {
        return $this->bays[(int) round($from_m * 1e7)][(int) round($to_m * 1e7)] ??= $this->newBay($from_m, $to_m);
    }

    private function newBay(float $from_m, float $to_m): Bay
    {
        $length_m = $to_m - $from_m;
        $at = $indices = [];
        foreach ($this->run->clamps_m as $index => $clamp_m) {
            if ($clamp_m > $from_m && $clamp_m < $to_m) {
                $at[] = $clamp_m - $from_m;
                $indices[] = $index;
            }
        }
        $bay = new Bay($length_m, $this->check->pressures_Pa($this->check->bayArea_m2($length_m)));
        $splices = [];
        foreach ($this->run->spliceIsHinge ? [] : $this->run->splices_m as $splice_m) {
            if ($splice_m > $from_m && $splice_m < $to_m) {
                $splices[] = $splice_m - $from_m;
            }
        }
        foreach ($this->check->units as $unit) {
            $bay->addUnit($at, array_map(static fn (int $index): float => $unit[$index], $indices), $splices);
        }
        $bay->sections = array_map(static fn (float $x_m): float => $x_m / $length_m, $at);
        $bay->splices = array_map(static fn (float $x_m): float => $x_m / $length_m, $splices);
        $bay->misfit_Nm = $this->check->misfit_Nm($length_m);

        return $bay;
    }

    /**
     * Unit moments over a place from the loads beyond it, and their sums; clamps on the place itself count in the sum.
     *
     * @return list<array{float, float}>
     */
    private function beyond(float $foot_m, bool $isLeft): array
    {
        $ends = [];
        foreach ($this->check->units as $unit) {
            $moment = $sum = 0.0;
            foreach ($this->run->clamps_m as $index => $clamp_m) {
                $arm_m = $isLeft ? $foot_m - $clamp_m : $clamp_m - $foot_m;
                if ($arm_m >= 0.0) {
                    $moment -= $unit[$index] * $arm_m;
                    $sum += $unit[$index];
                }
            }
            $ends[] = [$moment, $sum];
        }

        return $ends;
    }

    /**
     * @param list<float> $feet_m Ascending, at least two
     *
     * @return float Beyond the limit not exact
     */
    public function worst(array $feet_m, float $limit): float
    {
        $last = count($feet_m) - 1;
        $bays = [];
        for ($i = 0; $i < $last; ++$i) {
            $bays[] = $this->bay($feet_m[$i], $feet_m[$i + 1]);
        }
        $left = $this->left[(int) round($feet_m[0] * 1e7)] ??= $this->beyond($feet_m[0], true);
        $right = $this->right[(int) round($feet_m[$last] * 1e7)] ??= $this->beyond($feet_m[$last], false);
        $onFoot = $this->onFeet($feet_m);
        // Elimination of the three-moment equations, common to all loads.
        $pivots = $carries = [0 => 0.0];
        for ($i = 1; $i < $last; ++$i) {
            $pivots[$i] = 2 * ($bays[$i - 1]->length_m + $bays[$i]->length_m) - $bays[$i - 1]->length_m * $carries[$i - 1];
            $carries[$i] = $bays[$i]->length_m / $pivots[$i];
        }
        $moments = $reactions = [];
        foreach ($left as $unit => [$tip]) {
            $terms = [];
            for ($i = 1; $i < $last; ++$i) {
                $terms[$i] = -($bays[$i - 1]->leftTerms[$unit] + $bays[$i]->rightTerms[$unit]);
            }
            $over = self::solve($bays, $pivots, $carries, $tip, $right[$unit][0], $terms);
            $moments[] = $over;
            $forces = [];
            for ($i = 0; $i <= $last; ++$i) {
                $forces[] = ($i > 0 ? $bays[$i - 1]->rightReactions[$unit] + ($over[$i - 1] - $over[$i]) / $bays[$i - 1]->length_m : $left[$unit][1])
                    + ($i < $last ? $bays[$i]->leftReactions[$unit] + ($over[$i + 1] - $over[$i]) / $bays[$i]->length_m : $right[$unit][1])
                    + ($i > 0 && $i < $last ? $onFoot[$unit][$i] : 0.0);
            }
            $reactions[] = $forces;
        }
        $worst = max($this->railWorst($feet_m, $bays, $moments), 0.0);
        if ($worst > $limit) {
            return $worst;
        }
        $tally = new FootTally($this->check->capacities);
        $this->feet($feet_m, $reactions, $tally);
        $worst = max($worst, $tally->ratio());
        if ($worst > $limit || $this->check->partials === []) {
            return $worst;
        }
        $snow = $this->snow($bays, $pivots, $carries, $moments[0], $reactions[0], $left[0], $right[0], $onFoot[0]);
        if ($snow === null) {
            return $worst;
        }
        $worst = max($worst, $this->partialWorst($bays, $moments[0], $snow));
        foreach ($reactions[0] as $foot => $share) {
            $tally->patterns($this->check->partials, $share, $snow->reactions[$foot]);
        }

        return max($worst, $tally->ratio());
    }

    /**
     * @param list<Bay> $bays
     * @param array<int, float> $pivots
     * @param array<int, float> $carries
     * @param array<int, float> $terms Right sides, for the inner feet
     *
     * @return array<int, float> Moments over the feet
     */
    private static function solve(array $bays, array $pivots, array $carries, float $tipLeft, float $tipRight, array $terms): array
    {
        $last = count($bays);
        $known = [$tipLeft];
        for ($i = 1; $i < $last; ++$i) {
            $known[$i] = (($terms[$i] ?? 0.0) - $bays[$i - 1]->length_m * $known[$i - 1]) / $pivots[$i];
        }
        $known[$last] = $tipRight;
        for ($i = $last - 1; $i > 0; --$i) {
            $known[$i] -= $carries[$i] * $known[$i + 1];
        }

        return $known;
    }

    /**
     * Loads of clamps that stand exactly on an inner foot, which no bay holds.
     *
     * @param list<float> $feet_m
     *
     * @return list<list<float>> By unit, then foot
     */
    private function onFeet(array $feet_m): array
    {
        $on = array_fill(0, count($this->check->units), array_fill(0, count($feet_m), 0.0));
        foreach ($this->run->clamps_m as $clamp => $clamp_m) {
            $foot = array_search($clamp_m, $feet_m, true);
            if ($foot !== false) {
                foreach ($this->check->units as $unit => $loads) {
                    $on[$unit][$foot] += $loads[$clamp];
                }
            }
        }

        return array_map(array_values(...), $on);
    }

    /**
     * @param list<float> $feet_m
     * @param list<Bay> $bays
     * @param list<array<int, float>> $moments By unit, over the feet
     */
    private function railWorst(array $feet_m, array $bays, array $moments): float
    {
        $clamps_m = $this->run->clamps_m;
        $last = count($bays);
        $worst = 0.0;
        foreach ([[$feet_m[0] - $clamps_m[0], 0], [$clamps_m[count($clamps_m) - 1] - $feet_m[$last], $last]] as [$length_m, $foot]) {
            if ($length_m > 1e-9) {
                $worst = max($worst, $this->section(array_column($moments, $foot), $this->check->pressures_Pa($this->check->bayArea_m2($length_m)), 0.0));
            }
        }
        foreach ($bays as $i => $bay) {
            $misfit_Nm = $last > 1 ? $bay->misfit_Nm : 0.0;
            $from = array_column($moments, $i);
            $to = array_column($moments, $i + 1);
            $worst = max($worst, $this->section($from, $bay->pressures_Pa, $misfit_Nm), $this->section($to, $bay->pressures_Pa, $misfit_Nm));
            foreach ($bay->sections as $section => $share) {
                $at = [];
                foreach ($bay->unitSections as $unit => $simple) {
                    $at[] = $simple[$section] + $from[$unit] + $share * ($to[$unit] - $from[$unit]);
                }
                $worst = max($worst, $this->section($at, $bay->pressures_Pa, $misfit_Nm));
            }
            foreach ($bay->splices as $splice => $share) {
                $at = [];
                foreach ($bay->unitSplices as $unit => $simple) {
                    $at[] = $simple[$splice] + $from[$unit] + $share * ($to[$unit] - $from[$unit]);
                }
                $worst = max($worst, $this->splice($at, $bay->pressures_Pa, $misfit_Nm));
            }
        }

        return $worst;
    }

    /**
     * @param array<int, float> $moments By unit
     * @param list<float> $pressures_Pa
     */
    private function section(array $moments, array $pressures_Pa, float $misfit_Nm): float
    {
        $unit_Nm = abs($moments[0]);
        $worst = $unit_Nm * $this->check->downPerMoment + $misfit_Nm * $this->perNormal;
        $wind_Nm = 0.0;
        foreach ($pressures_Pa as $gust => $pressure_Pa) {
            $wind_Nm += $pressure_Pa * $moments[$gust + 1];
        }
        foreach ($this->check->up as $case) {
            $ratio = (abs($case->windUp * $wind_Nm - $case->normal_N * $moments[0]) + $misfit_Nm) * $this->perNormal + $case->along_N * $unit_Nm * $this->perAlong;
            if ($ratio > $worst) {
                $worst = $ratio;
            }
        }

        return $worst;
    }

    /**
     * @param array<int, float> $moments By unit
     * @param list<float> $pressures_Pa
     */
    private function splice(array $moments, array $pressures_Pa, float $misfit_Nm): float
    {
        $unit_Nm = abs($moments[0]);
        $wind_Nm = $worst = 0.0;
        foreach ($pressures_Pa as $gust => $pressure_Pa) {
            $wind_Nm += $pressure_Pa * $moments[$gust + 1];
        }
        foreach ($this->check->down as $case) {
            $worst = max($worst, ($case->normal_N + $case->along_N) * $unit_Nm + $misfit_Nm);
        }
        foreach ($this->check->up as $case) {
            $worst = max($worst, abs($case->windUp * $wind_Nm - $case->normal_N * $moments[0]) + $misfit_Nm + $case->along_N * $unit_Nm);
        }

        return $worst * $this->perSplice;
    }

    /**
     * @param list<float> $feet_m
     * @param list<list<float>> $reactions By unit, then foot
     */
    private function feet(array $feet_m, array $reactions, FootTally $tally): void
    {
        foreach ($reactions[0] as $foot => $share) {
            $wind_N = 0.0;
            foreach ($this->check->pressures_Pa($this->check->tributary_m($feet_m, $foot) * $this->run->tributary_m) as $gust => $pressure_Pa) {
                $wind_N += $pressure_Pa * $reactions[$gust + 1][$foot];
            }
            foreach ($this->check->up as $case) {
                $tally->add($case, $case->windUp * $wind_N - $case->normal_N * $share, $case->along_N * $share, 0.0);
            }
            if ($share * $this->check->downPerReaction > $tally->ratio() || $share < 0.0) {
                $this->check->tallyDown($tally, $share);
            }
        }
    }

    /**
     * @param list<Bay> $bays
     * @param array<int, float> $pivots
     * @param array<int, float> $carries
     * @param array<int, float> $wholeMoments
     * @param list<float> $wholeReactions
     * @param array{float, float} $left
     * @param array{float, float} $right
     * @param list<float> $onFoot
     */
    private function snow(array $bays, array $pivots, array $carries, array $wholeMoments, array $wholeReactions, array $left, array $right, array $onFoot): ?PartialSnow
    {
        $last = count($bays);
        $first = $left[1] - $onFoot[0] > 1e-12 ? 0 : 1;
        $end = $right[1] - $onFoot[$last] > 1e-12 ? $last + 1 : $last;
        $moments = $reactions = [];
        for ($span = $first; $span <= $end; ++$span) {
            $bay = $span - 1;
            $terms = $span === 0 || $span > $last ? [] : [$bay => -$bays[$bay]->rightTerms[0], $bay + 1 => -$bays[$bay]->leftTerms[0]];
            $over = self::solve($bays, $pivots, $carries, $span === 0 ? $left[0] : 0.0, $span > $last ? $right[0] : 0.0, $terms);
            $forces = [];
            for ($i = 0; $i <= $last; ++$i) {
                $forces[] = ($i > 0 ? ($over[$i - 1] - $over[$i]) / $bays[$i - 1]->length_m : 0.0) + ($i < $last ? ($over[$i + 1] - $over[$i]) / $bays[$i]->length_m : 0.0);
            }
            if ($span === 0) {
                $forces[0] += $left[1] - $onFoot[0];
            } elseif ($span > $last) {
                $forces[$last] += $right[1] - $onFoot[$last];
            } else {
                $forces[$bay] += $bays[$bay]->leftReactions[0];
                $forces[$bay + 1] += $bays[$bay]->rightReactions[0];
            }
            $moments[$span] = $over;
            $reactions[$span] = $forces;
        }

        return PartialSnow::combined($first, $end, $moments, $reactions, $onFoot, $wholeMoments, $wholeReactions);
    }

    /**
     * @param list<Bay> $bays
     * @param array<int, float> $over Moments over the feet, under all shares
     */
    private function partialWorst(array $bays, array $over, PartialSnow $snow): float
    {
        $worst = 0.0;
        $last = count($bays);
        foreach ($bays as $i => $bay) {
            $misfit_Nm = $last > 1 ? $bay->misfit_Nm : 0.0;
            $places = [[0.0, 0.0, false], [1.0, 0.0, false]];
            foreach ($bay->sections as $section => $share) {
                $places[] = [$share, $bay->unitSections[0][$section], false];
            }
            foreach ($bay->splices as $splice => $share) {
                $places[] = [$share, $bay->unitSplices[0][$splice], true];
            }
            foreach ($places as [$share, $simple, $isSplice]) {
                $whole = $simple + $over[$i] + $share * ($over[$i + 1] - $over[$i]);
                foreach ($snow->extremes($i, $share, $simple) as $moment) {
                    foreach ($this->check->partials as $partial) {
                        $normal_Nm = abs(($partial->case->normal_N - $partial->snowNormal_N) * $whole + $partial->snowNormal_N * $moment) + $misfit_Nm;
                        $along_Nm = abs(($partial->case->along_N - $partial->snowAlong_N) * $whole + $partial->snowAlong_N * $moment);
                        $ratio = $isSplice ? ($normal_Nm + $along_Nm) * $this->perSplice : $normal_Nm * $this->perNormal + $along_Nm * $this->perAlong;
                        if ($ratio > $worst) {
                            $worst = $ratio;
                        }
                    }
                }
            }
        }

        return $worst;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Rail\Run;

/**
 * What a search for the fewest feet of a run knows beforehand: the bays between candidates, the overhangs, and how many feet
 * are needed at least after each bay. Everything here is a necessary condition: no layout that holds is ever lost.
 *
 * @internal
 */
final class SearchSpace
{
    public const LIMIT = 1.0 + 1e-9;

    /** @var array<int, array<int, Bay|null>> */
    private array $bays = [];

    /** @var array<int, array<int, int>> Least count of further feet after the second of a pair */
    public array $after = [];

    /** @var array<int, list<int>> Second feet that may follow a first one */
    public array $next = [];

    /** @var array<int, list<float>|null> Unit moments over a first (left) foot, null when the overhang fails */
    public array $leftEnds = [];

    /** @var array<int, list<float>|null> */
    public array $rightEnds = [];

    /** @var list<float> Bound on the unit moment over any foot, for each gust */
    private array $largest = [];

    /** Fewest feet that the bays allow at all; null when none do. */
    public readonly ?int $start;

    /** The uplift case that the search looks at; complete layouts go through all of them. */
    public readonly LoadCase $up;

    public readonly float $upCapacity_N;

    public readonly int $count;

    public function __construct(private readonly Run $run, private readonly RunCheck $check)
    {
        $this->up = $check->up[0];
        $this->upCapacity_N = min($check->capacities->boltUp_N, $check->capacities->footUp_N, $check->capacities->withdrawal_N * $this->up->cd);
        $this->count = count($run->candidates_m);
        if ($this->count >= 2) {
            $this->prepare();
        }
        $this->start = $this->count >= 2 ? $this->leastCount() : null;
    }

    /** The bay between two candidates that may be neighbours. */
    public function between(int $i, int $j): Bay
    {
        return $this->bays[$i][$j] ?? throw new \LogicException('A bay was chosen that cannot hold.');
    }

    public function x_m(int $index): float
    {
        return $this->run->candidates_m[$index];
    }

    private function prepare(): void
    {
        $run = $this->run;
        for ($i = 0; $i < $this->count; ++$i) {
            $this->leftEnds[$i] = $this->overhang($this->x_m($i), true);
            $this->rightEnds[$i] = $this->overhang($this->x_m($i), false);
        }
        for ($i = 0; $i < $this->count; ++$i) {
            $this->next[$i] = [];
            for ($j = $i + 1; $j < $this->count; ++$j) {
                $bay = $this->bay($i, $j);
                $worst = $this->least($bay);
                $this->bays[$i][$j] = $worst > 2 * self::LIMIT ? null : $bay;
                if ($worst <= 2 * self::LIMIT) {
                    $this->next[$i][] = $j;
                } elseif ($worst > 4.4 * self::LIMIT) {
                    // Longer bays only grow worse: equalisation can halve the pressure of a longer one, no more.
                    break;
                }
            }
        }
        // A loaded span puts at most Σ P·a·b/L on its own ends and half as much on each further support.
        foreach ($run->gusts as $gust => $_) {
            $spans = $ends = 0.0;
            foreach ($this->bays as $row) {
                foreach ($row as $bay) {
                    $spans = $bay === null ? $spans : max($spans, $bay->simple[$gust + 1]);
                }
            }
            foreach ([...$this->leftEnds, ...$this->rightEnds] as $moments) {
                $ends = $moments === null ? $ends : max($ends, abs($moments[$gust + 1]));
            }
            $this->largest[] = 4 * $spans + $ends;
        }
    }

    /**
     * Unit moments over an end foot, or null when the overhang alone breaks the rail.
     *
     * @return list<float>|null
     */
    private function overhang(float $foot_m, bool $isLeft): ?array
    {
        $clamps_m = $this->run->clamps_m;
        $end_m = $isLeft ? $clamps_m[0] : $clamps_m[count($clamps_m) - 1];
        $length_m = $isLeft ? $foot_m - $end_m : $end_m - $foot_m;
        $moments = [];
        foreach ([$this->run->shares, ...$this->run->windAreas_m2] as $unit) {
            $moment = 0.0;
            foreach ($clamps_m as $index => $clamp_m) {
                $arm_m = $isLeft ? $foot_m - $clamp_m : $clamp_m - $foot_m;
                $moment -= $arm_m > 0.0 ? $unit[$index] * $arm_m : 0.0;
            }
            $moments[] = $moment;
        }
        if ($length_m <= 1e-9) {
            return $moments;
        }
        $pressures = $this->check->pressures_Pa($this->check->bayArea_m2($length_m));
        $up_Nm = $this->upward($moments, $pressures);

        return abs($moments[0]) * $this->check->downPerMoment <= self::LIMIT && abs($up_Nm) / $this->check->capacities->railNormal_Nm <= self::LIMIT
            ? $moments : null;
    }

    /**
     * The up case's moment (or reaction) from the unit ones.
     *
     * @param array<int, float> $units
     * @param list<float> $pressures_Pa
     */
    public function upward(array $units, array $pressures_Pa): float
    {
        $sum = -$this->up->normal_N * $units[0];
        foreach ($pressures_Pa as $index => $pressure_Pa) {
            $sum += $this->up->windUp * $pressure_Pa * $units[$index + 1];
        }

        return $sum;
    }

    /** What is needed of the bay between two candidates. */
    private function bay(int $i, int $j): Bay
    {
        $bay = $this->check->bay($this->x_m($i), $this->x_m($j));
        if ($bay->upSections === []) {
            foreach (array_keys($bay->sections) as $section) {
                $bay->upSections[] = $this->upward(array_column($bay->unitSections, $section), $bay->pressures_Pa);
            }
        }

        return $bay;
    }

    /** The worst section on two supports; with ratios of 1 over both ends, at most 2 are left for a section itself. */
    private function least(Bay $bay): float
    {
        $worst = 0.0;
        foreach ($bay->sections as $section => $_) {
            $worst = max(
                $worst,
                abs($bay->unitSections[0][$section]) * $this->check->downPerMoment,
                abs($bay->upSections[$section]) / $this->check->capacities->railNormal_Nm,
            );
        }

        return $worst;
    }

    /** Fewest feet that the bays, taken in neighbouring pairs, allow; null when no chain of them reaches the other end. */
    private function leastCount(): ?int
    {
        for ($j = $this->count - 1; $j > 0; --$j) {
            for ($i = 0; $i < $j; ++$i) {
                if (($this->bays[$i][$j] ?? null) !== null) {
                    $this->after[$i][$j] = $this->leastAfter($i, $j);
                }
            }
        }
        $least = PHP_INT_MAX;
        foreach ($this->next as $i => $seconds) {
            if ($this->leftEnds[$i] !== null) {
                foreach ($seconds as $j) {
                    $least = min($least, $this->after[$i][$j] >= 1_000_000 ? PHP_INT_MAX : 2 + $this->after[$i][$j]);
                }
            }
        }
        $pieces = count($this->run->splices_m) + 1;

        return $least === PHP_INT_MAX ? null : max($least, 2 * $pieces);
    }

    private function leastAfter(int $i, int $j): int
    {
        if ($this->rightEnds[$j] !== null) {
            return 0;
        }
        $least = 1_000_000;
        foreach ($this->next[$j] as $l) {
            if ($this->after[$j][$l] + 1 < $least && $this->pairMay($i, $j, $l)) {
                $least = $this->after[$j][$l] + 1;
            }
        }

        return $least;
    }

    /** Whether any moments over i and l within the capacity let the foot j between two bays hold. */
    private function pairMay(int $i, int $j, int $l): bool
    {
        $one = $this->bays[$i][$j];
        $two = $this->bays[$j][$l];
        if ($one === null || $two === null) {
            return false;
        }
        $both = 2 * ($one->length_m + $two->length_m);
        $cap = self::LIMIT / max($this->check->downPerMoment, 1e-30);
        $right = -($one->leftTerms[0] + $two->rightTerms[0]) / $both;
        if ($right + $cap * 0.5 < -$cap || $right - $cap * 0.5 > $cap) {
            return false;
        }
        $reaction = $one->rightReactions[0] + $two->leftReactions[0] - $right * (1 / $one->length_m + 1 / $two->length_m);
        $ease = $this->ease($one->length_m, $two->length_m, $both) * $cap;

        return ($reaction - $ease) * $this->check->downPerReaction <= self::LIMIT && $this->pairMayUp($one, $two, $both);
    }

    private function pairMayUp(Bay $one, Bay $two, float $both): bool
    {
        $tributary_m = ($one->length_m + $two->length_m) / 2;
        $pressures = $this->check->pressures_Pa($tributary_m * $this->run->tributary_m);
        $units = $moments = [];
        foreach ($one->leftTerms as $unit => $term) {
            $moments[] = -($term + $two->rightTerms[$unit]) / $both;
            $units[] = $one->rightReactions[$unit] + $two->leftReactions[$unit] - $moments[$unit] * (1 / $one->length_m + 1 / $two->length_m);
        }
        $reaction_N = $this->upward($units, $pressures);
        $ease = $this->ease($one->length_m, $two->length_m, $both);
        $cap = self::LIMIT * $this->check->capacities->railNormal_Nm;
        $slack = max($this->slack($pressures, $one->pressures_Pa), $this->slack($pressures, $two->pressures_Pa));
        if ($reaction_N - $ease * ($cap + $slack) > self::LIMIT * $this->upCapacity_N) {
            return false;
        }
        $moment_Nm = $this->upward($moments, $one->pressures_Pa);
        $reach = ($one->length_m * $cap + $two->length_m * ($cap + $this->slack($one->pressures_Pa, $two->pressures_Pa))) / $both;

        return abs($moment_Nm) - $reach <= $cap;
    }

    /** How much one unit of hogging over both neighbours can lower the reaction between them. */
    private function ease(float $one_m, float $two_m, float $both_m): float
    {
        return 1 / $one_m + 1 / $two_m + ($one_m + $two_m) / $both_m * (1 / $one_m + 1 / $two_m);
    }

    /**
     * How far a moment in the up case can move when the pressures change from one effective area's to another's.
     *
     * @param list<float> $to_Pa
     * @param list<float> $from_Pa
     */
    public function slack(array $to_Pa, array $from_Pa): float
    {
        $slack = 0.0;
        foreach ($to_Pa as $gust => $pressure_Pa) {
            $slack += abs($pressure_Pa - $from_Pa[$gust]) * $this->largest[$gust];
        }

        return $this->up->windUp * $slack;
    }
}

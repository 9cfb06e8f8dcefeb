<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Rail\Run;

/**
 * The fewest feet under a run, and among those layouts the one with the greatest least reserve.
 *
 * By increasing count. Feet are chosen from the left; the three-moment equations are eliminated as they are chosen, so that
 * the moment over each chosen foot is known but for a multiple of the next one, which a layout that holds keeps within the
 * rail's capacity. An empty interval prunes, and nothing else does: no layout that holds is ever lost. Complete layouts go
 * through the full check. Past its budget the search says so by a bound below the count.
 */
final class FewestSearch
{
    private const TIE = 1e-9;

    /** @var array<int, array<int, Bay|null>> */
    private array $bays = [];

    /** @var array<int, array<int, int>> Least count of further feet after the second of a pair */
    private array $after = [];

    /** @var array<int, list<int>> Second feet that may follow a first one */
    private array $next = [];

    /** @var array<int, list<float>|null> Unit moments over a first (left) foot, null when the overhang fails */
    private array $leftEnds = [];

    /** @var array<int, list<float>|null> */
    private array $rightEnds = [];

    private float $limit;

    /** @var list<int>|null */
    private ?array $best = null;

    private float $bestWorst = INF;

    private int $nodes = 0;

    private int $budget = 0;

    private bool $isComplete = true;

    /** @var list<float> Bound on the unit moment over any foot, for each gust */
    private array $largest = [];

    /** @var array<int, array<int, list<int>>> By foot and feet left: the next feet, likely ones first */
    private array $order = [];

    /** @var array<int, list<float>> For each chosen foot but the last, unit moments over it, less the carry times those over the next */
    private array $knowns = [];

    /** @var array<int, float> */
    private array $carries = [];

    /** @var array<int, bool> */
    private array $allowed;

    /** Fewest feet that the bays allow at all; null when none do. */
    private readonly ?int $start;

    private readonly LoadCase $up;

    private readonly float $upCapacity_N;

    private readonly int $count;

    /** @param int $steps Steps after which a search settles for a bound */
    public function __construct(private readonly Run $run, private readonly RunCheck $check, private readonly int $steps = 3_000)
    {
        $this->limit = 1.0 + self::TIE;
        $this->up = $check->up[0];
        $this->upCapacity_N = min($check->capacities->boltUp_N, $check->capacities->footUp_N, $check->capacities->withdrawal_N * $this->up->cd);
        $this->count = count($run->candidates_m);
        $this->allowed = array_fill(0, max(1, $this->count), true);
        if ($this->count >= 2) {
            $this->prepare();
        }
        $this->start = $this->count >= 2 ? $this->leastCount() : null;
    }

    /**
     * @param list<int> $barred Candidates that may not be used
     * @param int|null $most Layouts with more feet are of no interest
     * @param list<list<int>> $hints Layouts that are likely good: weighed first, so that the search can prune by them
     *
     * @return Fewest|null Null when no layout holds, or none was found within the budget; isComplete() tells which
     */
    public function fewest(array $barred = [], ?int $most = null, array $hints = []): ?Fewest
    {
        $this->isComplete = true;
        if ($this->start === null) {
            return null;
        }
        $this->allowed = array_fill(0, $this->count, true);
        foreach ($barred as $candidate) {
            $this->allowed[$candidate] = false;
        }
        $this->limit = 1.0 + self::TIE;
        $this->best = null;
        $this->bestWorst = INF;
        $bound = null;
        $nodes = 0;
        for ($count = $this->start; $count <= min($most ?? $this->count, $this->count); ++$count) {
            $this->nodes = 0;
            $this->budget = max(400, intdiv($this->steps - $nodes, 2));
            foreach ($hints as $hint) {
                if (count($hint) === $count && array_filter($hint, fn (int $foot): bool => !$this->allowed[$foot]) === []) {
                    $this->weigh($hint);
                }
            }
            $this->begin($count);
            $complete = $this->nodes <= $this->budget;
            $nodes += $this->nodes;
            if ($this->best !== null) {
                return new Fewest($this->best, $this->bestWorst, $bound ?? $count, $complete, $nodes);
            }
            if (!$complete) {
                $bound ??= $count;
                $this->isComplete = false;
            }
            if ($nodes > $this->steps) {
                return $most === null ? $this->thinned($bound ?? $count, $nodes) : null;
            }
        }

        return null;
    }

    /** Whether the last search, when it found nothing, went through every layout. */
    public function isComplete(): bool
    {
        return $this->isComplete;
    }

    /**
     * Past the budget: from a foot on every member, feet are taken out as long as that helps, or the rest still holds.
     * (More feet are not always a cure: misfit grows as bays shrink.)
     */
    private function thinned(int $bound, int $nodes): ?Fewest
    {
        $feet = array_keys(array_filter($this->allowed));
        $worst = $this->check->worst(array_map($this->x_m(...), $feet));
        while ($worst > 1.0 + self::TIE) {
            $better = null;
            foreach ($feet as $foot) {
                $fewer = array_values(array_diff($feet, [$foot]));
                $ratio = $this->check->worst(array_map($this->x_m(...), $fewer), $worst);
                if ($ratio < $worst - self::TIE) {
                    [$better, $worst] = [$fewer, $ratio];
                }
            }
            if ($better === null) {
                return null;
            }
            $feet = $better;
        }
        foreach ($feet as $foot) {
            $fewer = array_values(array_diff($feet, [$foot]));
            $ratio = $this->check->worst(array_map($this->x_m(...), $fewer), 1.0 + self::TIE);
            if ($ratio <= 1.0 + self::TIE) {
                [$feet, $worst] = [$fewer, $ratio];
            }
        }

        return new Fewest($feet, $worst, min($bound, count($feet)), false, $nodes);
    }

    private function x_m(int $index): float
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
                $this->bays[$i][$j] = $worst > 2 * $this->limit ? null : $bay;
                if ($worst <= 2 * $this->limit) {
                    $this->next[$i][] = $j;
                } elseif ($worst > 4.4 * $this->limit) {
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

        return abs($moments[0]) * $this->check->downPerMoment <= $this->limit && abs($up_Nm) / $this->check->capacities->railNormal_Nm <= $this->limit
            ? $moments : null;
    }

    /**
     * The up case's moment (or reaction) from the unit ones.
     *
     * @param array<int, float> $units
     * @param list<float> $pressures_Pa
     */
    private function upward(array $units, array $pressures_Pa): float
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
        $cap = $this->limit / max($this->check->downPerMoment, 1e-30);
        $right = -($one->leftTerms[0] + $two->rightTerms[0]) / $both;
        if ($right + $cap * 0.5 < -$cap || $right - $cap * 0.5 > $cap) {
            return false;
        }
        $reaction = $one->rightReactions[0] + $two->leftReactions[0] - $right * (1 / $one->length_m + 1 / $two->length_m);
        $ease = $this->ease($one->length_m, $two->length_m, $both) * $cap;

        return ($reaction - $ease) * $this->check->downPerReaction <= $this->limit && $this->pairMayUp($one, $two, $both);
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
        $cap = $this->limit * $this->check->capacities->railNormal_Nm;
        $slack = max($this->slack($pressures, $one->pressures_Pa), $this->slack($pressures, $two->pressures_Pa));
        if ($reaction_N - $ease * ($cap + $slack) > $this->limit * $this->upCapacity_N) {
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
    private function slack(array $to_Pa, array $from_Pa): float
    {
        $slack = 0.0;
        foreach ($to_Pa as $gust => $pressure_Pa) {
            $slack += abs($pressure_Pa - $from_Pa[$gust]) * $this->largest[$gust];
        }

        return $this->up->windUp * $slack;
    }

    private function begin(int $count): void
    {
        foreach (array_keys($this->next) as $i) {
            $end = $this->leftEnds[$i];
            if ($end === null || !$this->allowed[$i]) {
                continue;
            }
            foreach ($this->inOrder($i, $count - 1) as $j) {
                if ($this->allowed[$j] && $this->after[$i][$j] <= $count - 2) {
                    $this->knowns = [$end];
                    $this->carries = [0.0];
                    $this->extend([$i, $j], $count - 2);
                }
            }
        }
    }

    /**
     * Likely next feet first, so that a good layout is found early and prunes the rest.
     *
     * @return list<int>
     */
    private function inOrder(int $from, int $left): array
    {
        if (!isset($this->order[$from][$left])) {
            $ideal_m = $this->x_m($from) + ($this->x_m($this->count - 1) - $this->x_m($from)) / ($left + 0.4);
            $feet = $this->next[$from];
            usort($feet, fn (int $one, int $other): int => abs($this->x_m($one) - $ideal_m) <=> abs($this->x_m($other) - $ideal_m));
            $this->order[$from][$left] = $feet;
        }

        return $this->order[$from][$left];
    }

    /**
     * @param list<int> $feet Chosen so far; the last two bound the newest bay
     * @param int $left Feet still to be chosen
     */
    private function extend(array $feet, int $left): void
    {
        if (++$this->nodes > $this->budget) {
            return;
        }
        $place = count($feet) - 2;
        $known = $this->knowns[$place];
        $carry = $this->carries[$place];
        $j = $feet[$place + 1];
        $bay = $this->bays[$feet[$place]][$j] ?? throw new \LogicException('A bay was chosen that cannot hold.');
        $misfit = count($feet) + $left > 2 ? $bay->misfit_Nm / $this->check->capacities->railNormal_Nm : 0.0;
        $cap = ($this->limit - $misfit) / max($this->check->downPerMoment, 1e-30);
        $capUp_Nm = ($this->limit - $misfit) * $this->check->capacities->railNormal_Nm;
        if (!self::mayHold($bay, $known[0], $carry, $bay->unitSections[0], $cap)
            || !self::mayHold($bay, $this->upward($known, $bay->pressures_Pa), $carry, $bay->upSections, $capUp_Nm)) {
            return;
        }
        if ($left === 0) {
            $this->finish($feet);

            return;
        }
        foreach ($this->inOrder($j, $left) as $l) {
            if (!$this->allowed[$l] || $this->after[$j][$l] > $left - 1 || !$this->piecesMay($feet, $l)) {
                continue;
            }
            $two = $this->bays[$j][$l] ?? throw new \LogicException('A bay was chosen that cannot hold.');
            $pivot = 2 * ($bay->length_m + $two->length_m) - $bay->length_m * $carry;
            $moments = [];
            foreach ($known as $unit => $moment) {
                $moments[] = (-($bay->leftTerms[$unit] + $two->rightTerms[$unit]) - $bay->length_m * $moment) / $pivot;
            }
            if ($this->footMay($bay, $two, $known, $carry, $moments, $two->length_m / $pivot)) {
                $this->knowns[$place + 1] = $moments;
                $this->carries[$place + 1] = $two->length_m / $pivot;
                $this->extend([...$feet, $l], $left - 1);
            }
        }
    }

    /**
     * Whether the pieces of rail up to a next foot have two feet each.
     *
     * @param list<int> $feet
     */
    private function piecesMay(array $feet, int $next): bool
    {
        if ($this->run->splices_m === []) {
            return true;
        }
        $piece = $this->piece($feet[count($feet) - 1]);
        if ($this->piece($next) === $piece) {
            return true;
        }

        return $this->piece($next) === $piece + 1 && $this->piece($feet[count($feet) - 2]) === $piece;
    }

    private function piece(int $foot): int
    {
        $piece = 0;
        foreach ($this->run->splices_m as $splice_m) {
            $piece += $splice_m < $this->x_m($foot) ? 1 : 0;
        }

        return $piece;
    }

    /**
     * Whether some moment over the right end of a bay keeps every section of it within the capacity.
     *
     * @param float $known Moment over the left end, less $carry times the one over the right end
     * @param list<float> $sections Moments of the bay on two supports
     */
    private static function mayHold(Bay $bay, float $known, float $carry, array $sections, float $capacity): bool
    {
        if ($carry > 0.0) {
            $low = max(-$capacity, ($known - $capacity) / $carry);
            $high = min($capacity, ($known + $capacity) / $carry);
        } elseif (abs($known) > $capacity + 1e-9) {
            return false;
        } else {
            $low = -$capacity;
            $high = $capacity;
        }
        foreach ($sections as $index => $simple) {
            $share = $bay->sections[$index];
            $fixed = $simple + (1 - $share) * $known;
            $slope = $share - (1 - $share) * $carry;
            if ($slope > 1e-12) {
                $low = max($low, (-$capacity - $fixed) / $slope);
                $high = min($high, ($capacity - $fixed) / $slope);
            } elseif ($slope < -1e-12) {
                $low = max($low, ($capacity - $fixed) / $slope);
                $high = min($high, (-$capacity - $fixed) / $slope);
            } elseif (abs($fixed) > $capacity + 1e-9) {
                return false;
            }
        }

        return $low <= $high + 1e-9;
    }

    /**
     * Whether the foot between two bays can hold for some moment over the next one.
     *
     * @param list<float> $known As in extend(), of the first bay
     * @param list<float> $moments Unit moments over the foot, less $next times those over the next
     */
    private function footMay(Bay $one, Bay $two, array $known, float $carry, array $moments, float $next): bool
    {
        $bend = (1 + $carry) / $one->length_m + 1 / $two->length_m;
        $perNext = abs($bend * $next + 1 / $two->length_m);
        $units = [];
        foreach ($moments as $unit => $moment) {
            $units[] = $one->rightReactions[$unit] + $two->leftReactions[$unit] + $known[$unit] / $one->length_m - $bend * $moment;
        }
        $cap = $this->limit / max($this->check->downPerMoment, 1e-30);
        if (($units[0] - $perNext * $cap) * $this->check->downPerReaction > $this->limit) {
            return false;
        }
        $pressures = $this->check->pressures_Pa(($one->length_m + $two->length_m) / 2 * $this->run->tributary_m);
        $reach = $this->limit * $this->check->capacities->railNormal_Nm + $this->slack($pressures, $two->pressures_Pa);

        return $this->upward($units, $pressures) - $perNext * $reach <= $this->limit * $this->upCapacity_N;
    }

    /**
     * Whether a complete layout passes the two cases that the search looks at: cheap, before the full check.
     *
     * @param list<int> $feet
     */
    private function chainMay(array $feet): bool
    {
        $last = count($feet) - 1;
        $right = $this->rightEnds[$feet[$last]];
        if ($right === null) {
            return false;
        }
        $over = [$last => $right];
        for ($place = $last - 1; $place >= 0; --$place) {
            foreach ($this->knowns[$place] as $unit => $known) {
                $over[$place][$unit] = $known - $this->carries[$place] * $over[$place + 1][$unit];
            }
        }
        for ($place = 0; $place < $last; ++$place) {
            $bay = $this->bays[$feet[$place]][$feet[$place + 1]] ?? throw new \LogicException('A bay was chosen that cannot hold.');
            $misfit = $last > 1 ? $bay->misfit_Nm / $this->check->capacities->railNormal_Nm : 0.0;
            if (!self::holdsBetween($bay, $over[$place][0], $over[$place + 1][0], $bay->unitSections[0], ($this->limit - $misfit) / max($this->check->downPerMoment, 1e-30))
                || !self::holdsBetween(
                    $bay,
                    $this->upward($over[$place], $bay->pressures_Pa),
                    $this->upward($over[$place + 1], $bay->pressures_Pa),
                    $bay->upSections,
                    ($this->limit - $misfit) * $this->check->capacities->railNormal_Nm,
                )) {
                return false;
            }
            if ($place > 0 && !$this->footHolds($this->bays[$feet[$place - 1]][$feet[$place]] ?? $bay, $bay, $over[$place - 1], $over[$place], $over[$place + 1])) {
                return false;
            }
        }

        return true;
    }

    /** @param list<float> $sections */
    private static function holdsBetween(Bay $bay, float $left_Nm, float $right_Nm, array $sections, float $capacity): bool
    {
        if (max(abs($left_Nm), abs($right_Nm)) > $capacity + 1e-9) {
            return false;
        }
        foreach ($sections as $index => $simple) {
            if (abs($simple + $left_Nm + ($right_Nm - $left_Nm) * $bay->sections[$index]) > $capacity + 1e-9) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<int, float> $left Unit moments over the foot before, over this one and over the next
     * @param array<int, float> $over
     * @param array<int, float> $right
     */
    private function footHolds(Bay $one, Bay $two, array $left, array $over, array $right): bool
    {
        $reactions = [];
        foreach ($one->rightReactions as $unit => $reaction) {
            $reactions[] = $reaction + $two->leftReactions[$unit] + ($left[$unit] - $over[$unit]) / $one->length_m + ($right[$unit] - $over[$unit]) / $two->length_m;
        }
        $pressures = $this->check->pressures_Pa(($one->length_m + $two->length_m) / 2 * $this->run->tributary_m);

        return $reactions[0] * $this->check->downPerReaction <= $this->limit + 1e-9
            && $this->upward($reactions, $pressures) <= $this->limit * $this->upCapacity_N + 1e-9;
    }

    /** @param list<int> $feet */
    private function finish(array $feet): void
    {
        if ($this->chainMay($feet)) {
            $this->weigh($feet);
        }
    }

    /** @param list<int> $feet */
    private function weigh(array $feet): void
    {
        $worst = $this->check->worst(array_map($this->x_m(...), $feet), $this->limit);
        if ($worst <= $this->limit && ($this->best === null || $worst < $this->bestWorst - self::TIE || $this->isFairer($feet, $this->best))) {
            $this->best = $feet;
            $this->bestWorst = $worst;
            $this->limit = min($this->limit, $worst + self::TIE);
        }
    }

    /**
     * Among layouts of one reserve: equal bays first, then the one with its feet further out, then the one nearer the datum side.
     * The first two are the same for a mirrored roof.
     *
     * @param list<int> $one
     * @param list<int> $other
     */
    private function isFairer(array $one, array $other): bool
    {
        [$a, $b] = [$this->fairness($one), $this->fairness($other)];
        foreach ($a as $index => $value) {
            if (abs($value - $b[$index]) > self::TIE) {
                return $value < $b[$index];
            }
        }

        return false;
    }

    /**
     * @param list<int> $feet
     *
     * @return array{float, float, float}
     */
    private function fairness(array $feet): array
    {
        $longest = 0.0;
        $shortest = INF;
        $middle_m = ($this->run->x0_m + $this->run->x1_m) / 2;
        $spread = $lean = 0.0;
        foreach ($feet as $place => $foot) {
            $x_m = $this->x_m($foot);
            $spread -= ($x_m - $middle_m) ** 2;
            $lean += $x_m;
            if ($place > 0) {
                $longest = max($longest, $x_m - $this->x_m($feet[$place - 1]));
                $shortest = min($shortest, $x_m - $this->x_m($feet[$place - 1]));
            }
        }

        return [round($longest - $shortest, 6), round($spread, 6), $lean];
    }
}

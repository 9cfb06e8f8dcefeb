<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

use Garnetine\Core\Rail\ContinuousBeam;

/**
 * One layout of feet under the unit loads of a shape, as a continuous beam by the three-moment equations, or over hinges.
 *
 * @internal
 */
final class UnitLayout
{
    /** Half the arm of a couple at a foot. */
    private const COUPLE_M = 0.001;

    /** @var list<Bay> */
    public readonly array $bays;

    /** @var list<array<int, float>> By unit, over the feet */
    public readonly array $moments;

    /** @var list<list<float>> By unit, then foot */
    public readonly array $reactions;

    /**
     * Of the shape, which keeps this layout and is not kept by it: the two would wait for the cycle collector.
     *
     * @var list<float>
     */
    private readonly array $clamps_m;

    /** @var non-empty-list<list<float>> */
    private readonly array $units;

    private readonly float $lightSnow;

    /** @var list<array{float, float}> Beyond the first foot, see RunShape::beyond() */
    private readonly array $left;

    /** @var list<array{float, float}> Beyond the last */
    private readonly array $right;

    /** @var list<int> The bays, long ones first: those are the likeliest to fail */
    public readonly array $longestFirst;

    /** @var array<int, list<list<float>>> By bay */
    private array $sections = [];

    /** Left and right of the feet, from the outer clamp. */
    public readonly float $overhangLeft_m;
    public readonly float $overhangRight_m;

    /** @var array<int, float> */
    private array $pivots = [];

    /** @var array<int, float> */
    private array $carries = [0.0];

    /** @var list<float> Shares of clamps exactly on a foot */
    private array $onFoot = [];

    private PartialSnow|false|null $snow = false;

    /** @var array<int, list<float>> By foot, see mostAt() */
    private array $most = [];

    /** @var array<int, float> By foot */
    private array $mostPattern = [];

    /**
     * @param list<float> $feet_m Ascending, at least two
     * @param ContinuousBeam|null $beam With hinges, which is solved by slope-deflection
     */
    public function __construct(RunShape $shape, public readonly array $feet_m, private readonly ?ContinuousBeam $beam = null)
    {
        $last = count($feet_m) - 1;
        $bays = $lengths_m = [];
        for ($i = 0; $i < $last; ++$i) {
            $bays[] = $bay = $shape->bay($feet_m[$i], $feet_m[$i + 1]);
            $lengths_m[] = $bay->length_m;
        }
        $this->bays = $bays;
        $this->overhangLeft_m = $feet_m[0] - $shape->clamps_m[0];
        $this->overhangRight_m = $shape->clamps_m[count($shape->clamps_m) - 1] - $feet_m[$last];
        for ($i = 1; $i < $last; ++$i) {
            $this->pivots[$i] = 2 * ($bays[$i - 1]->length_m + $bays[$i]->length_m) - $bays[$i - 1]->length_m * $this->carries[$i - 1];
            $this->carries[$i] = $bays[$i]->length_m / $this->pivots[$i];
        }
        [$this->clamps_m, $this->units, $this->lightSnow] = [$shape->clamps_m, $shape->units, $shape->lightSnow];
        $this->left = $left = $shape->beyond($feet_m[0], true);
        $this->right = $right = $shape->beyond($feet_m[$last], false);
        $onFeet = $this->onFeet();
        $moments = $reactions = [];
        foreach ($left as $unit => [$tip, $sum]) {
            $terms = [];
            for ($i = 1; $i < $last; ++$i) {
                $terms[$i] = -($bays[$i - 1]->leftTerms[$unit] + $bays[$i]->rightTerms[$unit]);
            }
            $over = $beam?->under($this->clamps_m, $this->units[$unit])->moments_Nm ?? $this->solve($tip, $right[$unit][0], $terms);
            $forces = $onFeet[$unit];
            $forces[0] = $sum;
            $forces[$last] = $right[$unit][1];
            foreach ($bays as $i => $bay) {
                $shift = ($over[$i + 1] - $over[$i]) / $bay->length_m;
                $forces[$i] += $bay->leftReactions[$unit] + $shift;
                $forces[$i + 1] += $bay->rightReactions[$unit] - $shift;
            }
            $moments[] = $over;
            $reactions[] = array_values($forces);
        }
        $this->moments = $moments;
        $this->reactions = $reactions;
        $this->onFoot = $onFeet[0];
        arsort($lengths_m);
        $this->longestFirst = array_keys($lengths_m);
    }

    /**
     * @param array<int, float> $terms Right sides, for the inner feet
     *
     * @return array<int, float> Moments over the feet
     */
    private function solve(float $tipLeft, float $tipRight, array $terms): array
    {
        $last = count($this->bays);
        $known = [$tipLeft];
        for ($i = 1; $i < $last; ++$i) {
            $known[$i] = (($terms[$i] ?? 0.0) - $this->bays[$i - 1]->length_m * $known[$i - 1]) / $this->pivots[$i];
        }
        $known[$last] = $tipRight;
        for ($i = $last - 1; $i > 0; --$i) {
            $known[$i] -= $this->carries[$i] * $known[$i + 1];
        }

        return $known;
    }

    /**
     * Loads of clamps that stand exactly on a foot, which no bay holds.
     *
     * @return list<list<float>> By unit, then foot
     */
    private function onFeet(): array
    {
        $on = array_fill(0, count($this->units), array_fill(0, count($this->feet_m), 0.0));
        foreach ($this->clamps_m as $clamp => $clamp_m) {
            $foot = array_search($clamp_m, $this->feet_m, true);
            if ($foot !== false) {
                foreach ($this->units as $unit => $loads) {
                    $on[$unit][$foot] += $loads[$clamp];
                }
            }
        }

        return array_map(array_values(...), $on);
    }

    /**
     * Moments of each unit where the rail of a bay is checked: at its two ends, at its clamps, then at its splices.
     *
     * @return list<list<float>>
     */
    public function sections(int $bay): array
    {
        return $this->sections[$bay] ??= $this->newSections($this->bays[$bay], $bay);
    }

    /** @return list<list<float>> */
    private function newSections(Bay $bay, int $index): array
    {
        $sections = [];
        foreach ($this->moments as $unit => $over) {
            $from = $over[$index];
            $rise = $over[$index + 1] - $from;
            $at = [$from, $over[$index + 1]];
            foreach ($bay->unitSections[$unit] as $section => $simple) {
                $at[] = $simple + $from + $bay->sections[$section] * $rise;
            }
            foreach ($bay->unitSplices[$unit] as $splice => $simple) {
                $at[] = $simple + $from + $bay->splices[$splice] * $rise;
            }
            $sections[] = $at;
        }

        return $sections;
    }

    /**
     * For each unit, the largest of a foot's reaction and the shears beside it by size, with clamps so near that they may come to its other side.
     *
     * @return list<float>
     */
    public function mostAt(int $foot, float $near_m): array
    {
        return $this->most[$foot] ??= $this->newMostAt($foot, $near_m);
    }

    /** @return list<float> */
    private function newMostAt(int $foot, float $near_m): array
    {
        $near = $this->nearFoot($foot, $near_m);
        $last = count($this->bays);
        $most = [];
        foreach ($this->reactions as $unit => $reactions) {
            $over = $this->moments[$unit];
            $before = $this->bays[max(0, $foot - 1)];
            $left = $foot === 0 ? $this->left[$unit][1] : $before->rightReactions[$unit] - ($over[$foot] - $over[$foot - 1]) / $before->length_m;
            $right = $foot === $last ? $this->right[$unit][1]
                : $this->bays[$foot]->leftReactions[$unit] + ($over[$foot + 1] - $over[$foot]) / $this->bays[$foot]->length_m;
            $most[] = max(abs($reactions[$foot]), abs($left), abs($right)) + $near[$unit];
        }

        return $most;
    }

    /**
     * Over hinges: the largest moment anywhere, and the largest reaction, that a unit couple at a foot makes; null without, where bounds are known.
     *
     * @return array{float, float}|null
     */
    public function slopes(int $foot): ?array
    {
        if ($this->beam === null) {
            return null;
        }
        $x_m = $this->feet_m[$foot];
        $state = $this->beam->under([$x_m - self::COUPLE_M, $x_m + self::COUPLE_M], [-0.5 / self::COUPLE_M, 0.5 / self::COUPLE_M]);

        // At the foot itself the couple is split: on either side stands up to a half more than in the middle.
        return [0.5 + max([0.0, ...array_map(abs(...), $state->moments_Nm)]), max([0.0, ...array_map(abs(...), $state->reactions_N)])];
    }

    /** A bound on the same of the shares, under any pattern of partial snow; infinite where a clamp may come to a foot's other side, and into another span. */
    public function mostPatternAt(PartialSnow $snow, int $foot, float $near_m): float
    {
        return $this->mostPattern[$foot] ??= $this->newMostPatternAt($snow, $foot, $near_m);
    }

    private function newMostPatternAt(PartialSnow $snow, int $foot, float $near_m): float
    {
        if ($this->nearFoot($foot, $near_m)[0] > 0.0) {
            return INF;
        }
        $most = max(array_map(abs(...), $this->reactionRange($snow, $foot)));
        foreach ([$foot - 1, $foot + 1] as $other) {
            $bay = $this->bays[max(0, min($foot, $other))] ?? null;
            if ($bay !== null && $other >= 0) {
                $simple = $other < $foot ? $bay->rightReactions[0] : $bay->leftReactions[0];
                $most = max(
                    $most,
                    abs($simple + ($snow->highs[$other] - $snow->lows[$foot]) / $bay->length_m),
                    abs($simple * $this->lightSnow + ($snow->lows[$other] - $snow->highs[$foot]) / $bay->length_m),
                );
            }
        }

        return $most;
    }

    /** @return list<float> For each unit, the loads of clamps this near to a foot, by size */
    private function nearFoot(int $foot, float $near_m): array
    {
        $near = array_fill(0, count($this->units), 0.0);
        foreach ($this->clamps_m as $clamp => $clamp_m) {
            if (abs($clamp_m - $this->feet_m[$foot]) <= $near_m + 1e-9) {
                foreach ($this->units as $unit => $loads) {
                    $near[$unit] += abs($loads[$clamp]);
                }
            }
        }

        return array_values($near);
    }

    /** Half of each bay beside a foot, with the overhang at an end. */
    public function tributary_m(int $foot): float
    {
        $left = $this->bays[$foot - 1] ?? null;
        $right = $this->bays[$foot] ?? null;

        return ($left === null ? max(0.0, $this->overhangLeft_m) : $left->length_m / 2)
            + ($right === null ? max(0.0, $this->overhangRight_m) : $right->length_m / 2);
    }

    /** Patterns of partial snow; null when there is one span only. */
    public function snow(): ?PartialSnow
    {
        if ($this->snow === false) {
            $this->snow = $this->newSnow();
        }

        return $this->snow;
    }

    private function newSnow(): ?PartialSnow
    {
        if ($this->beam !== null) {
            [$clamps_m, $shares] = [$this->clamps_m, $this->units[0]];

            return PartialSnow::under($this->beam, $this->feet_m, $clamps_m, $shares, $this->beam->under($clamps_m, $shares), $this->lightSnow);
        }
        $bays = $this->bays;
        $last = count($bays);
        [$tipLeft, $sumLeft] = $this->left[0];
        [$tipRight, $sumRight] = $this->right[0];
        [$offLeft, $offRight] = [$sumLeft - $this->onFoot[0], $sumRight - $this->onFoot[$last]];
        $first = $offLeft > 1e-12 ? 0 : 1;
        $end = $offRight > 1e-12 ? $last + 1 : $last;
        $moments = $this->fromSpans($tipLeft, $tipRight);
        $reactions = static fn (): array => self::spanReactions($bays, $moments, $offLeft, $offRight);

        return PartialSnow::combined($first, $end, $moments, $reactions, $this->onFoot, $this->moments[0], $this->reactions[0], $this->lightSnow);
    }

    /**
     * @param list<Bay> $bays
     * @param list<list<float>> $moments By span, then foot
     *
     * @return list<list<float>> The same
     */
    private static function spanReactions(array $bays, array $moments, float $tipLeft, float $tipRight): array
    {
        $last = count($bays);
        $reactions = [];
        foreach ($moments as $span => $over) {
            $forces = array_fill(0, $last + 1, 0.0);
            for ($i = max(0, $span - PartialSnow::REACH); $i < min($last, $span + PartialSnow::REACH); ++$i) {
                $bay = $bays[$i];
                $shift = ($over[$i + 1] - $over[$i]) / $bay->length_m;
                $forces[$i] += $shift;
                $forces[$i + 1] -= $shift;
                if ($i === $span - 1) {
                    $forces[$i] += $bay->leftReactions[0];
                    $forces[$i + 1] += $bay->rightReactions[0];
                }
            }
            if ($span === 0) {
                $forces[0] += $tipLeft;
            } elseif ($span > $last) {
                $forces[$last] += $tipRight;
            }
            $reactions[] = array_values($forces);
        }

        return $reactions;
    }

    /**
     * Bounds on a foot's reaction under any pattern of partial snow, from those on the moments.
     *
     * @return array{float, float}
     */
    public function reactionRange(PartialSnow $snow, int $foot): array
    {
        $last = count($this->bays);
        $sum = $this->onFoot[$foot];
        $low = $high = 0.0;
        if ($foot === 0 || $foot === $last) {
            $sum = ($foot === 0 ? $this->left : $this->right)[0][1];
        }
        foreach ([$foot - 1, $foot + 1] as $side => $other) {
            $bay = $this->bays[$side === 0 ? $other : $foot] ?? null;
            if ($bay !== null && $other >= 0 && $other <= $last) {
                $sum += $side === 0 ? $bay->rightReactions[0] : $bay->leftReactions[0];
                $low += ($snow->lows[$other] - $snow->highs[$foot]) / $bay->length_m;
                $high += ($snow->highs[$other] - $snow->lows[$foot]) / $bay->length_m;
            }
        }

        return [$sum * $this->lightSnow + $low, $sum + $high];
    }

    /**
     * Unit moments over the feet from each span alone: away from a loaded span each is a fixed part of the one before, as the
     * three-moment equations are eliminated from either end.
     *
     * @return list<list<float>> By span, from the left overhang on, then foot
     */
    private function fromSpans(float $tipLeft, float $tipRight): array
    {
        $bays = $this->bays;
        $last = count($bays);
        $carries = $this->carries;
        $back = $pivots = [$last => 0.0];
        for ($i = $last - 1; $i > 0; --$i) {
            $pivots[$i] = 2 * ($bays[$i - 1]->length_m + $bays[$i]->length_m) - $bays[$i]->length_m * $back[$i + 1];
            $back[$i] = $bays[$i - 1]->length_m / $pivots[$i];
        }
        $spans = [];
        for ($span = 0; $span <= $last + 1; ++$span) {
            $over = array_fill(0, $last + 1, 0.0);
            // The feet beside the span first.
            $left = $span - 1;
            if ($span === 0) {
                $over[0] = $tipLeft;
            } elseif ($span > $last) {
                $over[$last] = $tipRight;
            } else {
                $bay = $bays[$left];
                $ownLeft = $left > 0 ? -$bay->rightTerms[0] / $this->pivots[$left] : 0.0;
                $ownRight = $span < $last ? -$bay->leftTerms[0] / $pivots[$span] : 0.0;
                $over[$left] = ($ownLeft - $carries[$left] * $ownRight) / (1 - $carries[$left] * $back[$span]);
                $over[$span] = $ownRight - $back[$span] * $over[$left];
            }
            for ($i = min($left, $last) - 1; $i > max(0, $left - PartialSnow::REACH); --$i) {
                $over[$i] = -$carries[$i] * $over[$i + 1];
            }
            for ($i = $span + 1; $i < min($last, $span + PartialSnow::REACH); ++$i) {
                $over[$i] = -$back[$i] * $over[$i - 1];
            }
            $spans[] = array_values($over);
        }

        return $spans;
    }
}

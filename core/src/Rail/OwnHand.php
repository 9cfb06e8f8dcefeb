<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/**
 * What the planner decided about the feet of a run: places that must have one, and the longest bay wanted. It narrows the
 * search and changes no check.
 *
 * Crews count on from the datum, and the last bay takes what is left: it alone may be longer than wanted, where that is allowed.
 */
final readonly class OwnHand
{
    private const SLACK_M = 1e-6;

    /**
     * @param list<int> $pinned Indices into the run's candidates, ascending
     * @param float|null $greatestBay_m Null when any bay will do that holds
     * @param bool|null $lastIsRight At which end the bay is that may be longer; null when none may
     * @param list<array{member: int, x_m: float}> $barred Places under the rail that take no foot: they are no candidates
     */
    public function __construct(public array $pinned = [], public ?float $greatestBay_m = null, public ?bool $lastIsRight = null, public array $barred = [])
    {
    }

    public function isLong(float $length_m): bool
    {
        return $this->greatestBay_m !== null && $length_m > $this->greatestBay_m + self::SLACK_M;
    }

    /** Whether a bay that is longer than wanted may stand where it is. */
    public function longMay(bool $isFirst, bool $isLast): bool
    {
        return $this->lastIsRight === true ? $isLast : ($this->lastIsRight === false && $isFirst);
    }

    /** Whether no foot between two places is one that must be there. */
    public function jumpsNone(int $from, int $to): bool
    {
        foreach ($this->pinned as $pick) {
            if ($pick > $from && $pick < $to) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<float> $candidates_m
     * @param list<int> $picks
     */
    public function allows(array $candidates_m, array $picks): bool
    {
        $last = count($picks) - 1;
        foreach ($this->greatestBay_m === null ? [] : range(1, max(1, $last)) as $place) {
            if (
                $place <= $last
                && $this->isLong($candidates_m[$picks[$place]] - $candidates_m[$picks[$place - 1]])
                && !$this->longMay($place === 1, $place === $last)
            ) {
                return false;
            }
        }

        return array_diff($this->pinned, $picks) === [];
    }

    public function turned(int $candidates): self
    {
        return new self(
            array_map(static fn (int $pick): int => $candidates - 1 - $pick, array_reverse($this->pinned)),
            $this->greatestBay_m,
            $this->lastIsRight === null ? null : !$this->lastIsRight,
            $this->barred,
        );
    }

    /** Equal for equal decisions. */
    public function key(): string
    {
        // At which end the long bay is matters only where bays are bounded.
        return $this->greatestBay_m === null
            ? implode(',', $this->pinned)
            : implode(',', $this->pinned).'/'.round($this->greatestBay_m, 7).'/'.json_encode($this->lastIsRight);
    }
}

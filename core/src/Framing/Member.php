<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

/** A member that may take fasteners, by its number: from the left rake where it stands in the even spacing. */
final readonly class Member
{
    public function __construct(
        public int $number,
        /** Its middle, or of its ply that takes fasteners. */
        public float $x_m,
        /** Up the slope, its lower and its upper end. */
        public float $from_m = 0.0,
        public float $to_m = INF,
        public int $plies = 1,
    ) {
    }

    /** Whether a foot may stand on it at a height on the slope, so far from its ends. */
    public function reaches(float $y_m, float $fromEnd_m): bool
    {
        return ($this->from_m <= 0.0 || $y_m >= $this->from_m + $fromEnd_m - 1e-9) && $y_m <= $this->to_m - $fromEnd_m + 1e-9;
    }
}

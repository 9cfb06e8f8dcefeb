<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

/** Moments and reactions of a continuous beam under one load case. */
final readonly class BeamState
{
    /**
     * @param list<float> $supports_m
     * @param array<int, float> $moments_Nm At the supports, sagging positive
     * @param array<int, float> $reactions_N Upward positive
     * @param array<int, list<array{float, float}>> $loadsBySpan Distance from the span's left support and load
     */
    public function __construct(private array $supports_m, public array $moments_Nm, public array $reactions_N, private array $loadsBySpan)
    {
    }

    /**
     * Reactions that bend nothing.
     *
     * @param list<float> $supports_m
     * @param list<float> $reactions_N
     */
    public static function unbent(array $supports_m, array $reactions_N): self
    {
        return new self($supports_m, array_fill(0, count($supports_m), 0.0), $reactions_N, array_fill(0, count($supports_m), []));
    }

    public function length_m(int $span): float
    {
        return $this->supports_m[$span + 1] - $this->supports_m[$span];
    }

    /** Moment at a distance from the left support of a span. */
    public function momentInSpan_Nm(int $span, float $x_m): float
    {
        $length = $this->length_m($span);
        $moment = $this->moments_Nm[$span] + ($this->moments_Nm[$span + 1] - $this->moments_Nm[$span]) * $x_m / $length;
        foreach ($this->loadsBySpan[$span] as [$a, $load]) {
            $moment += $x_m <= $a ? $load * ($length - $a) * $x_m / $length : $load * $a * ($length - $x_m) / $length;
        }

        return $moment;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

/**
 * Forces between the table and its two rows of posts. A rail is hinged on both pipes and the posts do not shorten, so that both tops sway alike: what pushes
 * along the slope goes to the rows by their stiffness, what turns the table is taken up and down.
 *
 * Forces stay where they act: wind on the halves at a quarter and three quarters of the chord, across the modules; weights at their places, straight down.
 *
 * Source: statics.
 */
final readonly class Stance
{
    private function __construct(
        /** What the posts of a row bear in all: pressed down positive, lifted negative. */
        public float $front_N,
        public float $rear_N,
        /** Pushed to the rear positive. */
        public float $frontAcross_N,
        public float $rearAcross_N,
    ) {
    }

    /**
     * @param float $lower_N Of the wind on the lower half, pushing on the top face
     * @param list<array{float, float}> $weights Weight, and how far up the slope it lies
     * @param float $rearShare Of what pushes across, by the rear row
     */
    public static function under(TableShape $shape, float $lower_N, float $upper_N, array $weights, float $rearShare): self
    {
        $across_N = ($lower_N + $upper_N) * sin($shape->tilt_rad);
        $lift_N = -($lower_N + $upper_N) * cos($shape->tilt_rad);
        $turn_Nm = -$lower_N * ($shape->chord_m / 4 - $shape->frontPipe_m) - $upper_N * (3 * $shape->chord_m / 4 - $shape->frontPipe_m);
        foreach ($weights as [$weight_N, $s_m]) {
            $lift_N -= $weight_N;
            $turn_Nm -= $weight_N * $shape->arm_m($s_m);
        }
        $rearAcross_N = $rearShare * $across_N;
        $rear_N = (-$turn_Nm - $shape->rise_m * $rearAcross_N) / $shape->between_m;

        return new self(-$lift_N - $rear_N, $rear_N, $across_N - $rearAcross_N, $rearAcross_N);
    }

    public function plus(self $other): self
    {
        return new self(
            $this->front_N + $other->front_N,
            $this->rear_N + $other->rear_N,
            $this->frontAcross_N + $other->frontAcross_N,
            $this->rearAcross_N + $other->rearAcross_N,
        );
    }
}

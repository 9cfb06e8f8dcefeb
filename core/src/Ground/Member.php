<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Load\Duration;

/** What a post or a beam of a table bears (ASD), whatever it is made of; timber by how long the load lasts. */
interface Member
{
    /** E·I, bent from the low to the high edge. */
    public function stiffness_Nm2(): float;

    public function moment_Nm(Duration $lasts): float;

    public function shear_N(Duration $lasts): float;

    /**
     * Bent and pushed or pulled at once: how much of its strength that takes.
     *
     * @param float $down_N Negative where it is pulled
     * @param float $height_m From where it is held to its top, which is free
     */
    public function together(float $down_N, float $moment_Nm, float $height_m, Duration $lasts): float;

    /** The moment from up to down that asks as much of it, as a beam, as these two at once. */
    public function bentBy(float $up_Nm, float $across_Nm): float;

    /** The same, bent along the row. */
    public function turned(): self;

    /** Across, from side to side. */
    public function thick_m(): float;

    /** Names the texts that say what it bears. */
    public function says(): string;

    public function source(): string;

    /** @return list<string> What was entered of it, by the key of its part: "wall_m" */
    public function keys(): array;
}

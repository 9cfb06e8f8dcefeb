<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Quantity\UnitSystem;

/** What one post, pile or screw holds in the ground, by how deep it goes. */
interface Foundation
{
    /** @return list<float> Depths that are tried, from the least on; the last is the deepest that anything is known of */
    public function depths_m(UnitSystem $units): array;

    /** @param float $height_m Of the force over the ground */
    public function sideways_N(float $depth_m, float $height_m): float;

    public function up_N(float $depth_m): float;

    public function down_N(float $depth_m): float;

    /**
     * Where frost may lift it: what frozen ground grips it by, and what holds it below the frost besides what stands on it.
     *
     * @return array{float, float, list<string>}|null In newtons, with what that was made of; null where frost has nothing to grip, or nothing is known of it
     */
    public function frozen_N(float $depth_m): ?array;

    /**
     * Why it holds so much: names the text, what that says besides the forces, its source, and what it was made of.
     *
     * @param 'sideways'|'lift'|'press' $what
     *
     * @return array{string, array<string, float|int|string>, string|null, list<string>}
     */
    public function why(string $what, float $depth_m): array;
}

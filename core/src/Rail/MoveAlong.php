<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Length;

/** How far a block is moved along the eave so that what it lies on is where it wants it. */
final class MoveAlong
{
    /**
     * The place of the block that is the nearest to its own of those that suit, and at which no module comes to stand where none may.
     *
     * @param float $apart_m So far at most, and either way
     * @param string $found The words for where it goes, and for that it goes nowhere
     * @param \Closure(float): bool $suits Whether a move by so many metres does
     *
     * @return array{cure: string, to_m?: float}
     */
    public static function cure(Design $design, float $apart_m, string $found, string $none, \Closure $suits): array
    {
        $mark_m = $design->units->roofMark_m();
        for ($steps = 1; $steps * $mark_m <= $apart_m; ++$steps) {
            foreach ([$steps * $mark_m, -$steps * $mark_m] as $move_m) {
                $to_m = $design->block->x->toMetres() + $move_m;
                if ($suits($move_m) && !self::standsWrong($design, $to_m)) {
                    return ['cure' => $found, 'to_m' => $to_m];
                }
            }
        }

        return ['cure' => $none];
    }

    /** Whether more of the modules would be off the surface or in a strip that stays clear than are as the block lies. */
    private static function standsWrong(Design $design, float $x_m): bool
    {
        $there = static fn (Design $one): int => count(Placement::of($one, new Coefficients($one->ownCopies))->findings);

        return $there(Copy::of($design, block: Copy::of($design->block, x: Length::ofMetres($x_m)))) > $there($design);
    }
}

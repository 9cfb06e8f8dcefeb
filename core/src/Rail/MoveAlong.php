<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Length;

/** How far a block is moved along the eave so that what it lies on is where it wants it. */
final class MoveAlong
{
    /**
     * The place of the block that is the nearest to its own of those that suit, and at which no module comes to stand where none may.
     *
     * @param \Closure(float): bool $suits Whether a move by so many metres does
     * @param 'along'|'zones' $what What it is for, as the words for it
     *
     * @return array{cure: string, to_m?: float}
     */
    public static function cure(Design $design, Members $members, string $what, \Closure $suits): array
    {
        $mark_m = $design->units->roofMark_m();
        for ($steps = 1; $steps * $mark_m <= $members->spacing_m(); ++$steps) {
            foreach ([$steps * $mark_m, -$steps * $mark_m] as $move_m) {
                $to_m = $design->block->x->toMetres() + $move_m;
                if ($suits($move_m) && !self::standsWrong($design, $to_m)) {
                    return ['cure' => "cure.$what", 'to_m' => $to_m];
                }
            }
        }

        return ['cure' => "cure.none_$what"];
    }

    /** Whether more of the modules would be off the surface or in a strip that stays clear than are as the block lies. */
    private static function standsWrong(Design $design, float $x_m): bool
    {
        $there = static fn (Design $one): int => count(Placement::of($one, new Coefficients($one->ownCopies))->findings);

        return $there(Copy::of($design, block: Copy::of($design->block, x: Length::ofMetres($x_m)))) > $there($design);
    }
}

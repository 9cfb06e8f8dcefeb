<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Quantity\Length;

/** How much feet off their marks add to what they and the rail bear, by a beam of elements. */
final class Misplaced
{
    /**
     * A random rail over bays of 12 to 96 in with clamps as under modules, each foot off by as much, one way or the other.
     *
     * @return float By which part the largest moment or the largest reaction grows, in the worst of the patterns that are tried
     */
    public static function grows(int $seed, float $tolerance_m): float
    {
        mt_srand($seed);
        $in = static fn (float $inches): float => Length::ofInches($inches)->toMetres();
        $feet_m = [$in(mt_rand(6, 20))];
        for ($bays = mt_rand(2, 7); $bays > 0; --$bays) {
            $feet_m[] = end($feet_m) + $in(mt_rand(12, 96));
        }
        $clamps_m = [];
        for ($x_m = 0.0; $x_m < end($feet_m) + $in(20); $x_m += $in(39.75)) {
            $clamps_m[] = $x_m;
        }
        $shares = [0.5, ...array_fill(0, count($clamps_m) - 2, 1.0), 0.5];
        [$moment, $reaction] = self::largest($feet_m, $clamps_m, $shares);
        $grown = 0.0;
        for ($pattern = 0; $pattern < 10; ++$pattern) {
            $moved_m = [];
            foreach ($feet_m as $foot => $x_m) {
                $moved_m[] = $x_m + $tolerance_m * match ($pattern) {
                    0, 1 => ($foot + $pattern) % 2 === 0 ? 1 : -1,
                    default => 2 * mt_rand(0, 1) - 1,
                };
            }
            [$movedMoment, $movedReaction] = self::largest($moved_m, $clamps_m, $shares);
            $grown = max($grown, $movedMoment / $moment - 1, $movedReaction / $reaction - 1);
        }

        return $grown;
    }

    /**
     * @param list<float> $feet_m
     * @param list<float> $clamps_m
     * @param list<float> $shares
     *
     * @return array{float, float}
     */
    private static function largest(array $feet_m, array $clamps_m, array $shares): array
    {
        $state = (new ElementBeam($feet_m, $clamps_m, [], []))->under($shares);

        return [max([0.0, ...array_map(static fn (array $sides): float => max(abs($sides[0]), abs($sides[1])), $state['moments'])]), max([0.0, ...array_map(abs(...), $state['reactions'])])];
    }
}

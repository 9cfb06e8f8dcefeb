<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Kit\CapacityFormat;

/** The combinations of a standard: those for the strength of the racking, and those that a module's rating is compared with. */
final readonly class Combinations
{
    /**
     * @param non-empty-list<Combination> $strength Among the pulls, the one that the search looks at first
     * @param non-empty-list<Combination> $rating
     * @param CapacityFormat $format What capacities they are compared with
     */
    public function __construct(public array $strength, public array $rating, public CapacityFormat $format, public string $source)
    {
    }

    /**
     * The largest net pull of a suction against a dead load, in the combinations without snow.
     *
     * @param list<Combination> $combinations
     */
    public static function netUp(array $combinations, float $wind, float $dead): float
    {
        $net = 0.0;
        foreach ($combinations as $one) {
            if ($one->up && $one->snow === 0.0) {
                $net = max($net, $one->wind * $wind - $one->dead * $dead);
            }
        }

        return $net;
    }

    /**
     * The largest push downward.
     *
     * @param list<Combination> $combinations
     */
    public static function down(array $combinations, float $dead, float $snow, float $wind): float
    {
        $most = 0.0;
        foreach ($combinations as $one) {
            $most = $one->up ? $most : max($most, $one->dead * $dead + $one->snow * $snow + $one->wind * $wind);
        }

        return $most;
    }
}

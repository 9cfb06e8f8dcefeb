<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Figure;

/** How a table stands: what follows from its loads. */
final readonly class TableStand
{
    /**
     * Seasons: other tilts, from which day of which month, from 0, and where their low edge is, on the level and up, from that of the planned one.
     *
     * @param list<PostPlace> $places Of the posts, front row first
     * @param list<TablePost> $posts None where no depth holds them
     * @param list<TableCheck> $checks
     * @param list<array{item: string, name: string, count: int, document: string}> $materials
     * @param list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> $steps
     * @param list<list<string>> $bars Posts by length of stock
     * @param list<Finding> $findings
     * @param array<string, float|list<float>> $sizes What else is told of its shape, by name
     * @param array<string, Figure> $tilted Wind at other tilts than the planned one, by path
     * @param list<array{tilt_rad: float, month: int, day: int, y_m: float, z_m: float}> $seasons
     */
    public function __construct(
        public array $places,
        public array $posts,
        public array $checks,
        /** The depth that was looked at: the least that holds, or the deepest. */
        public float $depth_m,
        public SetOut $setOut,
        public array $materials,
        public array $steps,
        public array $bars,
        public string $stock,
        public array $findings,
        public array $sizes,
        public TableSide $side,
        public array $tilted = [],
        public array $seasons = [],
    ) {
    }

    /**
     * How deep the deepest of some stands; nought of none.
     *
     * @param list<self> $stands
     */
    public static function deepest_m(array $stands): float
    {
        return max([0.0, ...array_map(static fn (self $stand): float => $stand->depth_m, $stands)]);
    }

    /**
     * The most blocks on one place in some stands; nought where none lie there.
     *
     * @param list<self> $stands
     */
    public static function mostBlocks(array $stands, string $place): int
    {
        $most = 0;
        foreach ($stands as $stand) {
            foreach ($stand->posts as $post) {
                $most = $post->place->id === $place ? max($most, $post->blocks ?? 0) : $most;
            }
        }

        return $most;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** One post as it is set: where it stands, how deep, how long it is cut. */
final readonly class TablePost
{
    public function __construct(
        public PostPlace $place,
        public float $depth_m,
        /** Whole, from the bottom of its hole to its top; null of what comes as long as it is. */
        public ?float $cut_m,
        /** Null where nothing is poured. */
        public ?float $bags,
        /** That lie on it; null where nothing is held by blocks. */
        public ?int $blocks = null,
    ) {
    }

    /**
     * All of them as they are cut, end to end.
     *
     * @param list<self> $posts
     */
    public static function lengthOf_m(array $posts): float
    {
        return array_sum(array_map(static fn (self $post): float => $post->cut_m ?? 0.0, $posts));
    }

    /** @param list<self> $posts */
    public static function bagsOf(array $posts): float
    {
        return array_sum(array_map(static fn (self $post): float => $post->bags ?? 0.0, $posts));
    }
}

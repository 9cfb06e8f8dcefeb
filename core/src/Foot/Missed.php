<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Quantity\Force;

/** What still holds a foot of several columns of screws where its middle one misses the member. */
final readonly class Missed
{
    /** @param list<array{float, float}> $deckHoles Those screws: how far aside of the first fastener of the foot each is, and how far up the slope, in metres */
    public function __construct(
        /** So many times its pull a screw bears when only the column beside the middle finds the member. */
        public float $asideTimes,
        /** What a foot bears upward so held, by its document; null where it is computed from that. */
        public ?Force $aside,
        /** Upward with all screws in the deck alone; null where nothing is known of that deck. */
        public ?Force $deckUp,
        /** The same along the slope. */
        public ?Force $deckAlong,
        public array $deckHoles,
    ) {
    }
}

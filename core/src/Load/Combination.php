<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** One combination of actions as factors. */
final readonly class Combination
{
    public function __construct(
        public string $code,
        public float $dead,
        public float $snow,
        public float $wind,
        /** The wind pulls; the dead load that resists it is then the least certain one. */
        public bool $up,
        public Duration $duration,
    ) {
    }
}

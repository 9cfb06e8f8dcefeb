<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** One combination of actions as factors. */
final readonly class Combination
{
    /** As printed in the standard; one with wind says whether that pulls or presses, since both are looked at. */
    public string $code;

    public function __construct(
        string $printed,
        public float $dead,
        public float $snow,
        public float $wind,
        /** The wind pulls; the dead load that resists it is then the least certain one. */
        public bool $up,
        public Duration $duration,
    ) {
        $this->code = $wind === 0.0 ? $printed : $printed.($up ? ' up' : ' down');
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** One combination of what acts on the modules, with its factors in it. */
final readonly class Together
{
    /** @param list<float>|null $spans Of the snow, by span along the row; all of it where null */
    public function __construct(
        public string $combination,
        public string $wind,
        public string $snow,
        /** Share of the weight. */
        public float $dead,
        /** Of the wind on the halves, pushing on the top face. */
        public float $lower_Pa,
        public float $upper_Pa,
        /** Of snow on the halves, on the level. */
        public float $snowLower_Pa,
        public float $snowUpper_Pa,
        public ?array $spans,
    ) {
    }
}

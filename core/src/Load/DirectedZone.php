<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** A zone as the wind from one side sees it, with its suctions for small and for large areas. */
final readonly class DirectedZone
{
    /** @param list<string> $from Ids of the coefficients behind it, after "coefficient:" */
    public function __construct(
        public string $name,
        public string $side,
        public float $coefficient,
        public float $small_Pa,
        public float $large_Pa,
        public array $from,
    ) {
    }
}

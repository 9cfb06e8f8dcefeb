<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** A row of a maker's table: up to this load square to the roof, a rail spans as far. */
final readonly class SpanRow
{
    public function __construct(
        #[Range(1, 50_000)]
        public Pressure $load,
        #[Range(0.1, 10)]
        public Length $span,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Rests of the same rail that lie in the company's store. */
final readonly class Remnant
{
    public function __construct(
        #[Range(0.1, 15)]
        public Length $length,
        #[Range(1, 50)]
        public int $count,
    ) {
    }
}

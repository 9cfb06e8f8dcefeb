<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Concrete round a post. */
final readonly class Footing
{
    public function __construct(
        /** Diameter of the hole. */
        #[Range(0.1, 1.2)]
        public Length $hole,
        public Bag $bag,
        public ?Doubling $doubling = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** A line that was marked on the ground, or an edge that nothing is dug beyond: from one place of the field to another. */
final readonly class BuriedLine
{
    public function __construct(
        #[Text(80)]
        public string $what,
        #[Range(-3000, 3000)]
        public Length $fromEast,
        #[Range(-3000, 3000)]
        public Length $fromNorth,
        #[Range(-3000, 3000)]
        public Length $toEast,
        #[Range(-3000, 3000)]
        public Length $toNorth,
        /** No hole is nearer to it, from its edge. */
        #[Range(0, 30)]
        public Length $clear,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Area;

/** By what the roof is checked for access of fire crews, and what of the building decides. */
final readonly class Fire
{
    public function __construct(
        public FireRule $rule,
        /** Whether it is a dwelling that people live in. */
        public YesNo $dwelling,
        /** Whether sprinklers are throughout. */
        public YesNo $sprinklers,
        /** Of the whole roof, on the level; null for that of the planes of the job together. */
        #[Range(5, 20_000)]
        public ?Area $roof,
    ) {
    }
}

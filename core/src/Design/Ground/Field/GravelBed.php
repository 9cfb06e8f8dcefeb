<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Gravel on the ground under a table. */
final readonly class GravelBed
{
    public function __construct(
        #[Range(0.01, 1)]
        public Length $thick,
        /** Past the edges of the modules, on the level. */
        #[Range(0, 3)]
        public Length $past,
    ) {
    }
}

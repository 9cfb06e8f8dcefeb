<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** Bolts of a base plate in its block, and what one bears (ASD); null where that is still to be looked up. */
final readonly class Anchors
{
    public function __construct(
        #[Text(160)]
        public string $document,
        /** In two lines. */
        #[Range(4, 16)]
        public int $count,
        /** From the bolts that are pulled to where the plate presses. */
        #[Range(0.05, 2)]
        public Length $lever,
        #[Range(1, 1e6)]
        public ?Force $tension,
        #[Range(1, 1e6)]
        public ?Force $shear,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Moment;

/** What the joints of a table on one row of piles bear, as their document says (ASD); null where that is still to be looked up. */
final readonly class RowHolds
{
    public function __construct(
        #[Text(160)]
        public string $document,
        /** A clamp of the modules, off its purlin. */
        #[Range(1, 1e5)]
        public ?Force $clampUp,
        /** A purlin on a strut, off it. */
        #[Range(1, 1e5)]
        public ?Force $purlinUp,
        /** The same, along the strut. */
        #[Range(1, 1e5)]
        public ?Force $purlinAlong,
        /** A strut's head on its pile, off it. */
        #[Range(1, 1e6)]
        public ?Force $headUp,
        /** The same, bent towards the low or the high edge. */
        #[Range(1, 1e6)]
        public ?Moment $headMoment,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Moment;

/** What the joints of a table bear, as their documents say (ASD); null where that is still to be looked up. */
final readonly class Holds
{
    public function __construct(
        #[Text(160)]
        public string $document,
        /** A clamp of the modules, off its rail. */
        #[Range(1, 1e5)]
        public ?Force $clampUp,
        /** A rail, in bending. */
        #[Range(1, 1e5)]
        public ?Moment $railMoment,
        /** A rail on a pipe, off it. */
        #[Range(1, 1e5)]
        public ?Force $railUp,
        /** The same, along the rail. */
        #[Range(1, 1e5)]
        public ?Force $railAlong,
        /** A pipe on a post, off it. */
        #[Range(1, 1e6)]
        public ?Force $teeUp,
        /** The same, sideways. */
        #[Range(1, 1e6)]
        public ?Force $teeAcross,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Moment;

/** What holds a frame on the head of one post, as its document says (ASD); null where that is still to be looked up. */
final readonly class Bracket
{
    public function __construct(
        #[Text(160)]
        public string $document,
        /** A clamp of the modules, off the frame. */
        #[Range(1, 1e5)]
        public ?Force $clampUp,
        /** Off the post. */
        #[Range(1, 1e6)]
        public ?Force $up,
        /** Bent towards the low or the high edge. */
        #[Range(1, 1e6)]
        public ?Moment $moment,
        /** Bent along the row. */
        #[Range(1, 1e6)]
        public ?Moment $across,
        /** Turned round the post. */
        #[Range(1, 1e6)]
        public ?Moment $torque,
    ) {
    }
}

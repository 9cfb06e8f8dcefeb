<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** A member that stands otherwise than the even spacing puts it, one more, or one that is not there. */
final readonly class OwnMember
{
    /** Members beside those of the even spacing have numbers from here on, so that none of these is renamed. */
    public const FIRST_MORE = 101;

    public function __construct(
        /** That of the member it stands for, or of its own from 101. */
        #[Range(1, 1000)]
        public int $number,
        /** Its centre from the left rake, of a purlin from the eave; null where there is no member of that number. */
        #[Range(0, 200)]
        public ?Length $x,
        /** Up the slope from the eave edge to its lower end, of a purlin from the left rake; null where it comes from the edge. */
        #[Range(0, 60)]
        public ?Length $from = null,
        /** To its other end; null where it goes on to the edge. */
        #[Range(0, 60)]
        public ?Length $to = null,
        /** Side by side as one. */
        #[Range(1, 4)]
        public int $plies = 1,
        public ?Known $known = null,
        /** Its centre is known to within so much to either side. */
        #[Range(0, 0.3)]
        public ?Length $plusMinus = null,
    ) {
    }
}

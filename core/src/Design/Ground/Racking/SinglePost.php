<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** A frame of modules on the head of one timber post in concrete, under their middle; its top is cut at the tilt. */
final readonly class SinglePost implements InHoles
{
    public function __construct(
        /** Of the post's head over the ground. */
        #[Range(0.3, 4)]
        public Length $headHeight,
        /** The modules' plane over the post's head, across the modules. */
        #[Range(0, 0.5)]
        public Length $offset,
        public Timber $stick,
        public Bracket $bracket,
        /** Of the frame, spread over the modules. */
        #[Range(0, 500)]
        public Pressure $dead,
        /** Whether something goes through the post in the concrete. */
        public YesNo $crossBolt,
    ) {
    }
}

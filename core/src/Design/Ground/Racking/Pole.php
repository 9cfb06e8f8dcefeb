<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** A head on a steel pole that is bolted to a block of concrete: fixed, tilted by season, or following the sun. */
final readonly class Pole implements Racking
{
    public function __construct(
        /** Of the head's pivot over the ground. */
        #[Range(0.5, 6)]
        public Length $headHeight,
        /** The modules' plane over the pivot, across the modules. */
        #[Range(0, 0.5)]
        public Length $offset,
        /** Steepest that it is ever tilted. */
        #[Range(0, 1.0472)]
        public Angle $steepest,
        public Pipe $mast,
        public Bracket $bracket,
        /** Of the head and its frame, spread over the modules. */
        #[Range(0, 1000)]
        public Pressure $dead,
        public Block $block,
        public Anchors $anchors,
        public ?Stow $stow = null,
    ) {
    }
}

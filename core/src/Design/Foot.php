<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A foot with its flashing; allowables are ASD values for one foot. */
final readonly class Foot
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(1, 1e5)]
        public ?Force $up,
        #[Range(1, 1e5)]
        public ?Force $down,
        #[Range(1, 1e5)]
        public ?Force $along,
        /** Height of the rail's axis over the deck, hf. */
        #[Range(0.01, 0.5)]
        public Length $railHeight,
        /** From the lag to the downslope heel, e. */
        #[Range(0.005, 0.3)]
        public Length $heel,
        #[Range(0, 0.05)]
        public Length $baseThickness,
        public PlateMaterial $plateMaterial,
        /** The maker's allowable lateral load of the fastener in this foot; final when given. */
        #[Range(1, 1e5)]
        public ?Force $lateral,
        #[Text(160)]
        public ?string $lateralDocument,
        /** Adjustment up and down the slope, each way. */
        #[Range(0, 0.1)]
        public Length $slot,
        /** Height of the hole over the rail's axis along the slope; below it is negative. */
        #[Range(-0.3, 0.3)]
        public Length $holeOffset,
        #[Range(0, 0.02)]
        public Length $flashingThickness,
        #[Range(0.05, 1)]
        public Length $flashingWidth,
        /** From the hole down to the lower edge of the flashing, f1. */
        #[Range(0, 0.6)]
        public Length $flashingBelow,
        /** From the hole up to the upper edge, f2. */
        #[Range(0, 0.6)]
        public Length $flashingAbove,
        /** How far the maker wants the flashing under the course above. */
        #[Range(0, 0.6)]
        public ?Length $makersCover,
    ) {
    }
}

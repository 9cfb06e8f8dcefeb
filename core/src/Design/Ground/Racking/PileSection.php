<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Moment;
use Garnetine\Core\Quantity\SecondMoment;

/** A steel section by what its document says that it bears (ASD), at the lengths of this table; null where that is still to be looked up. */
final readonly class PileSection
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        /** What it turns against the ground: the flange of a profile, the outside of a screw. */
        #[Range(0.02, 0.6)]
        public Length $width,
        #[Range(1, 1e6)]
        public ?Moment $moment,
        #[Range(1, 1e7)]
        public ?Force $shear,
        /** Pushed, free at its top. */
        #[Range(1, 1e7)]
        public ?Force $axial,
        #[Range(1e-9, 1e-3)]
        public ?SecondMoment $secondMoment,
    ) {
    }

    public function isKnown(): bool
    {
        return !in_array(null, [$this->moment, $this->shear, $this->axial, $this->secondMoment], true);
    }
}

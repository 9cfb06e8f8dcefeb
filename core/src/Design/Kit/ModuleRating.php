<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** What a module bears when clamped on one side within a range, measured from each end of that side. */
final readonly class ModuleRating
{
    public function __construct(
        public ModuleSide $side,
        #[Range(0, 3)]
        public Length $from,
        #[Range(0, 3)]
        public Length $to,
        #[Range(0, 20_000)]
        public Pressure $down,
        #[Range(0, 20_000)]
        public Pressure $up,
        public RatingBasis $basis,
        /** Test load over design load. */
        #[Range(1, 4)]
        public float $factor,
        #[Text(160)]
        public string $document,
        public RailRelation $relation = RailRelation::Crossing,
    ) {
    }
}

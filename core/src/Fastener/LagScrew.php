<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A lag screw, of a size in the tables. */
final readonly class LagScrew implements Fastener
{
    use Named;

    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        public LagDiameter $diameter,
        #[Range(0.025, 0.31)]
        public Length $length,
        /** What it holds against pulling out of the member, from its document; in place of a computed value. */
        #[Range(1, 1e5)]
        public ?Force $pullOut,
        /** A hole of the shank's size is drilled as deep as the smooth shank reaches. */
        public bool $shankHole,
        /** A guide holds the drill square to the roof. */
        public bool $drillGuide,
    ) {
    }

    public function diameter(): Length
    {
        return $this->diameter->size();
    }

    /** Source: common practice, no source (7/32 in for a 5/16 in lag); within the published 40 to 70 % of D. */
    public function pilot(): Length
    {
        return Length::ofInches(match ($this->diameter) {
            LagDiameter::Quarter => 11 / 64,
            LagDiameter::FiveSixteenths => 7 / 32,
            LagDiameter::ThreeEighths => 1 / 4,
        });
    }
}

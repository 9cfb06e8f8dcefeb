<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A foot on top of the shingles, over its flashing. */
final readonly class FlashedFoot implements Foot
{
    use OneFastener;

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
        /** Height of the rail's axis over what the base stands on, h. */
        #[Range(0.01, 0.5)]
        public Length $railHeight,
        /** Adjustment up and down the slope, each way. */
        #[Range(0, 0.1)]
        public Length $slot,
        /** Height of the hole over the rail's axis along the slope; below it is negative. */
        #[Range(-0.3, 0.3)]
        public Length $holeOffset,
        public FootBase $base,
        public Flashing $flashing,
    ) {
    }

    public function limits(): FootLimits
    {
        return $this->bearing($this->along?->toSi() ?? INF);
    }

    public function sitsOnDeck(): bool
    {
        return false;
    }

    public function sealing(): string
    {
        return 'flashed_foot';
    }
}

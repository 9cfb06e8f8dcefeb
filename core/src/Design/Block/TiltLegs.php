<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** Rails across on legs: the lower one on short ones, the upper on such as stand square to the roof, so that the modules are steeper than it. */
final readonly class TiltLegs implements Arrangement
{
    use LaidAcross;

    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        /** The pivot under the lower rail over the base of its foot. */
        #[Range(0.02, 0.6)]
        public Length $front,
        /** What a leg bears with both its ends, pulled. */
        #[Range(1, 1e5)]
        public ?Force $up,
        /** And pressed. */
        #[Range(1, 1e5)]
        public ?Force $down,
        /** What a lower one bears along the slope. */
        #[Range(1, 1e5)]
        public ?Force $along,
        /** Of what holds long legs along the row: its document; none where nothing does. */
        #[Text(160)]
        public string $bracing,
    ) {
    }
}

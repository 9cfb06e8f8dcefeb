<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** What rows of frames have alike, whatever they stand on. */
final readonly class FrameSizes
{
    public function __construct(
        public string $document,
        public Length $frontFoot,
        public Length $between,
        public Length $edgeHeight,
        public Length $thick,
        public Length $under,
        public Length $conduitOver,
        public Length $boltAt,
        public ?Force $boltsUp,
        public ?Force $footUp,
        public ?Force $footAcross,
        public Pressure $dead,
    ) {
    }
}

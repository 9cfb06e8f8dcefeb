<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A cut-thread wood screw by its number. */
final readonly class WoodScrew implements Fastener
{
    use Named;

    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        public WoodScrewGauge $gauge,
        #[Range(0.012, 0.15)]
        public Length $length,
        /** Length of the thread, its tip included. */
        #[Range(0.006, 0.15)]
        public Length $thread,
        /** What it holds against pulling out of the member, from its document; in place of a computed value. */
        #[Range(1, 1e5)]
        public ?Force $pullOut,
        /** Least distance between two in line, from its maker. */
        #[Range(0.003, 0.2)]
        public ?Length $spacing,
        /** Least distance from the face of the member, from its maker; in place of the usual one. */
        #[Range(0.003, 0.1)]
        public ?Length $edge,
        /** Bit of the pilot hole; null where it is driven without one. */
        #[Range(0.001, 0.012)]
        public ?Length $pilot,
        /** A guide holds the drill square to the roof. */
        public bool $drillGuide,
    ) {
    }

    public function diameter(): Length
    {
        return $this->gauge->size();
    }

    public function pilot(): ?Length
    {
        return $this->pilot;
    }
}

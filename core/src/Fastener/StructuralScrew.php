<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A hardened screw whose strengths, spacing and edge distance its report gives: nothing of it is computed. */
final readonly class StructuralScrew implements Fastener
{
    use Named;

    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        /** Outside of the thread. */
        #[Range(0.003, 0.013)]
        public Length $diameter,
        #[Range(0.025, 0.4)]
        public Length $length,
        /** Length of the thread, its tip included. */
        #[Range(0.01, 0.3)]
        public Length $thread,
        /** Length of the tip, which grips nothing. */
        #[Range(0, 0.02)]
        public Length $tip,
        /** What it holds against pulling out of the member, from its report. */
        #[Range(1, 1e5)]
        public ?Force $pullOut,
        /** Least distance between two in line, from its report. */
        #[Range(0.005, 0.2)]
        public ?Length $spacing,
        /** Least distance from the face of the member, from its report. */
        #[Range(0.003, 0.1)]
        public ?Length $edge,
        /** Bit of the pilot hole; null where its report asks for none. */
        #[Range(0.001, 0.012)]
        public ?Length $pilot,
        /** A guide holds the drill square to the roof. */
        public bool $drillGuide,
    ) {
    }

    public function diameter(): Length
    {
        return $this->diameter;
    }

    public function pilot(): ?Length
    {
        return $this->pilot;
    }
}

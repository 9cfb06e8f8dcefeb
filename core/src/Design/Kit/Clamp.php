<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Moment;

/** End and mid clamps of one system, or bolts through the frame; allowables are ASD values for one of them. */
final readonly class Clamp
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(1, 1e5)]
        public ?Force $up,
        #[Range(1, 1e5)]
        public ?Force $along,
        /** Whether the clamps of both rails hold a module against sliding down. */
        public bool $gripsBothRails,
        #[Range(0.1, 200)]
        public ?Moment $torque,
        /**
         * Of bolts through the holes of the frame: from the side of the module to the middle of its hole, along the rail; null of clamps, which grip the
         * frame from outside.
         */
        #[Range(0.003, 0.3)]
        public ?Length $frameHole = null,
        /** What they are made to grip. */
        public FrameKind $grips = FrameKind::Framed,
        /** And how high that is, from … to …; null where their document does not say. */
        #[Range(0.003, 0.1)]
        public ?Length $heightFrom = null,
        #[Range(0.003, 0.1)]
        public ?Length $heightTo = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/** What one attachment of a run bears, and which link is the weakest. */
final readonly class AttachmentVerdict
{
    public function __construct(
        public LinkRatio $worst,
        public float $x_m,
        public float $tributary_m,
        /** Largest pull normal to the roof. */
        public float $up_N,
        /** Largest push. */
        public float $down_N,
        public float $along_N,
        /** Largest pull in the lag, the foot's lever included. */
        public float $tension_N,
        /** Modules that this attachment carries, as the reaction of one module's weight. */
        public float $modules,
    ) {
    }
}

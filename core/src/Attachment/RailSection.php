<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

/** A place on a rail where bending is checked. */
final readonly class RailSection
{
    public function __construct(
        public int $span,
        /** From the span's left foot. */
        public float $at_m,
        /** Moment from feet out of line, added to the normal one. */
        public float $misfit_Nm,
        public float $x_m,
        public bool $isSplice,
    ) {
    }
}

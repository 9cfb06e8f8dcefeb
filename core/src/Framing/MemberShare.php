<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

/** What one member bears with the array, beside what it bears without. */
final readonly class MemberShare
{
    public function __construct(
        public int $number,
        public float $x_m,
        /** Vertical load from its attachments, dead and balanced snow. */
        public float $load_N,
        /** Its even share: tributary width times the lengths of the module rows over it. */
        public float $even_N,
        /** Load over even share, C. */
        public float $times,
        /** With the array over without, D_roof + C·(D_array + S) to D_roof + max(Lr, S), per area of slope. */
        public float $ratio,
        public float $with_Pa,
        public float $without_Pa,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Built;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** What level tapes show between the four outer stakes; null where nobody measured yet. */
final readonly class Measured
{
    public function __construct(
        /** From the first front stake to the last rear one. */
        #[Range(0.3, 60)]
        public ?Length $diagonal,
        /** From the last front stake to the first rear one. */
        #[Range(0.3, 60)]
        public ?Length $otherDiagonal,
        #[Range(0.3, 60)]
        public ?Length $front,
        #[Range(0.3, 60)]
        public ?Length $right,
        #[Range(0.3, 60)]
        public ?Length $rear,
        #[Range(0.3, 60)]
        public ?Length $left,
    ) {
    }
}

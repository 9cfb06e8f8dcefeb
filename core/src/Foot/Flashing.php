<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** The sheet that goes under the course above the hole; a cone on it lets a post through. */
final readonly class Flashing
{
    public function __construct(
        #[Range(0, 0.02)]
        public Length $thickness,
        #[Range(0.05, 1)]
        public Length $width,
        /** From the hole down to the lower edge, f1. */
        #[Range(0, 0.6)]
        public Length $below,
        /** From the hole up to the upper edge, f2. */
        #[Range(0, 0.6)]
        public Length $above,
        /** How far the maker wants it under the course above. */
        #[Range(0, 0.6)]
        public ?Length $makersCover,
    ) {
    }

    /** The same, told from a hole so far below its uppermost one. */
    public function under(Length $below): self
    {
        return new self($this->thickness, $this->width, $this->below, $this->above->plus($below), $this->makersCover);
    }
}

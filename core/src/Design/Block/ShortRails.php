<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Kit\Rail;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** A piece of rail under each clamp, over two ribs or seams of a sheet, or as many as it reaches; none for those between. */
final readonly class ShortRails implements Arrangement
{
    use OnRails;

    public function __construct(
        /** Length of a piece. */
        #[Range(0.1, 3)]
        public Length $piece,
        /** The least from the middle of a clamp to the middle of a rib with a foot, as the kit's maker gives it. */
        #[Range(0, 0.3)]
        public Length $clear,
    ) {
    }

    public function past(Rail $rail): Length
    {
        return $this->piece;
    }

    public function isUpSlope(): bool
    {
        return false;
    }

    public function standsUpSlope(): bool
    {
        return false;
    }
}

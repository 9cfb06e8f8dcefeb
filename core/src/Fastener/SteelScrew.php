<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A self-drilling screw for purlins of cold-formed steel. */
final readonly class SteelScrew implements Fastener
{
    use Named;

    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        /** Nominal, d. */
        #[Range(0.003, 0.0085)]
        public Length $diameter,
        #[Range(0.012, 0.25)]
        public Length $length,
        /** What it holds against pulling out of the purlin, from a test; in place of a computed value. */
        #[Range(1, 1e5)]
        public ?Force $pullOut,
        /** What the screw itself bears in tension, from its maker. */
        #[Range(1, 1e5)]
        public ?Force $tension,
        /** And in shear. */
        #[Range(1, 1e5)]
        public ?Force $shear,
    ) {
    }

    public function diameter(): Length
    {
        return $this->diameter;
    }

    /** It drills its own hole. */
    public function pilot(): null
    {
        return null;
    }

    public function isGuided(): bool
    {
        return false;
    }
}

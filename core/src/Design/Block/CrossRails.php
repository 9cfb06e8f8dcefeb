<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Kit\Rail;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** Rails in two layers: lower ones up the slope on feet, and across on these the rails that the modules are clamped to. */
final readonly class CrossRails implements Arrangement
{
    use OnRails;

    public function __construct(
        /** What holds two rails where they cross. */
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(1, 1e5)]
        public ?Force $up,
        #[Range(1, 1e5)]
        public ?Force $down,
        /** Along the lower rail. */
        #[Range(1, 1e5)]
        public ?Force $along,
    ) {
    }

    public function past(Rail $rail): Length
    {
        return $rail->endPastModule;
    }

    public function isUpSlope(): bool
    {
        return false;
    }

    public function standsUpSlope(): bool
    {
        return true;
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;

/**
 * A stronger attachment, as high as the other feet of the kit, where what a foot holds reaches into the edge zones of the wind. Its
 * allowables are final: tested with its own screws in such members.
 */
final readonly class EdgeFoot
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(1, 1e5)]
        public ?Force $up,
        #[Range(1, 1e5)]
        public ?Force $down,
        #[Range(1, 1e5)]
        public ?Force $along,
        /** How many screws of the kit's fastener hold it. */
        #[Range(1, 8)]
        public int $screws,
    ) {
    }

    /** @return array<string, Force|null> What it must be given before it counts, by its key */
    public function allowables(): array
    {
        return ['up_N' => $this->up, 'down_N' => $this->down, 'along_N' => $this->along];
    }
}

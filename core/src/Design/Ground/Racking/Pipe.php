<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** A round steel pipe. */
final readonly class Pipe
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(0.02, 0.5)]
        public Length $outside,
        /** Null where nobody knows it. */
        #[Range(0.001, 0.03)]
        public ?Length $wall,
        #[Range(1e8, 7e8)]
        public ?Pressure $yield,
        /** Lengths that it comes in. */
        #[Range(1, 15)]
        public Length $stock,
    ) {
    }
}

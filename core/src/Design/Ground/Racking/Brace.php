<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** A bar from each front post to the rear post behind it, on one bolt at either end. */
final readonly class Brace
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        /** Its bolt on the front post, over the ground there. */
        #[Range(0, 6)]
        public Length $frontAt,
        #[Range(0, 6)]
        public Length $rearAt,
        /** Of its section. */
        #[Range(1e-5, 0.1)]
        public Area $area,
        /** E of what it is made of. */
        #[Range(1e9, 3e11)]
        public Pressure $modulus,
        /** What it bears with both its bolts, pulled, as its document says (ASD); null where that is still to be looked up. */
        #[Range(1, 1e6)]
        public ?Force $pull,
        /** And pressed, at its own length. */
        #[Range(1, 1e6)]
        public ?Force $push,
    ) {
    }
}

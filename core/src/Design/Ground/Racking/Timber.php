<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * A timber by its actual size and its reference design values, with the size factor in them; null where one is still to be looked up. What wet and incised
 * wood and short loads change is computed.
 */
final readonly class Timber
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        /** Along the row; of a beam, its thickness. */
        #[Range(0.03, 0.4)]
        public Length $breadth,
        /** From the low to the high edge; of a beam, upright. */
        #[Range(0.03, 0.6)]
        public Length $depth,
        #[Range(1e5, 5e7)]
        public ?Pressure $bending,
        #[Range(1e5, 5e7)]
        public ?Pressure $tension,
        #[Range(1e5, 5e7)]
        public ?Pressure $compression,
        #[Range(1e5, 5e6)]
        public ?Pressure $shear,
        /** Of elasticity, mean. */
        #[Range(1e9, 3e10)]
        public ?Pressure $modulus,
        /** Of elasticity, by which it buckles. */
        #[Range(1e9, 3e10)]
        public ?Pressure $leastModulus,
        /** Cut all over so that the preservative goes in. */
        public YesNo $incised,
        /** Lengths that it comes in. */
        #[Range(1, 15)]
        public Length $stock,
    ) {
    }

    /** Whether all that decides its strength was entered. */
    public function isKnown(): bool
    {
        return !in_array(null, [$this->bending, $this->tension, $this->compression, $this->shear, $this->modulus, $this->leastModulus], true)
            && $this->incised !== YesNo::Unknown;
    }
}

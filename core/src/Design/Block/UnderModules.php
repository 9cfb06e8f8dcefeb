<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Mass;

/** Boxes that hang under the modules (converters, or one for each module), and how modules make strings. */
final readonly class UnderModules
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        /** Neighbouring modules of a row that share one box. */
        #[Range(1, 4)]
        public int $modulesEach,
        #[Range(0.05, 30)]
        public Mass $mass,
        /** Along the rail. */
        #[Range(0.02, 1)]
        public Length $length,
        /** Between an end of the box and the middle of a foot, clamp or splice, at least. */
        #[Range(0, 0.5)]
        public Length $clear,
        /** Modules that one string may have by its voltage, as the electrician says; null where rows are not parted into strings. */
        #[Range(1, 60)]
        public ?int $stringMost,
        #[Range(1, 60)]
        public ?int $stringLeast,
        /** Clips that hold the cables of one module. */
        #[Range(0, 12)]
        public int $clips,
        public HangsOn $hangsOn = HangsOn::Rail,
    ) {
    }
}

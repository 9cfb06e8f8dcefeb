<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Temperature;

final readonly class Sealant
{
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        public SealantBase $base = SealantBase::Unknown,
        /** It is applied from so much, by its data sheet. */
        #[Range(-40, 60)]
        public ?Temperature $appliedFrom = null,
        /** And up to so much. */
        #[Range(-40, 80)]
        public ?Temperature $appliedTo = null,
        /** Of the bead that is laid under a flashing. */
        #[Range(0.001, 0.03)]
        public ?Length $bead = null,
        /** Litres in a tube; null where tubes are not counted. */
        #[Range(0.02, 20)]
        public ?float $tubeLitres = null,
    ) {
    }
}

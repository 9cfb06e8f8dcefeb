<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Text;

/** How metal under and around the modules is connected to earth: an electrician decides and signs; what is counted here is what the crew puts on. */
final readonly class Bonding
{
    public function __construct(
        /** The lug that joins the earth wire to a rail. */
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        public LugMetal $metal,
        /** Whether the clamps join frames and rail by their listing. */
        public YesNo $clampsBond,
        /** Whether a splice joins its rails by its listing. */
        public YesNo $splicesBond,
        /** What bridges a splice that does not; empty where nothing is planned. */
        #[Text(120)]
        public string $jumper,
    ) {
    }
}

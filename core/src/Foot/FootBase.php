<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** The plate of a foot, through which its fastener goes. */
final readonly class FootBase
{
    public function __construct(
        #[Range(0, 0.05)]
        public Length $thickness,
        public PlateMaterial $material,
        /** From the fastener to the downslope heel, e. */
        #[Range(0.005, 0.3)]
        public Length $heel,
        /** The maker's allowable lateral load of the fastener in this foot; final when given. */
        #[Range(1, 1e5)]
        public ?Force $lateral,
        #[Text(160)]
        public ?string $lateralDocument,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** A hole that is not an attachment. */
final readonly class Penetration
{
    public function __construct(
        #[Text(40, Text::SLUG)]
        public string $id,
        public PenetrationKind $kind,
        #[Range(0, 200)]
        public Length $x,
        #[Range(0, 60)]
        public Length $y,
        #[Text(160)]
        public string $note,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Text;

/** From where fire crews come upon a plane. */
final readonly class FireSide
{
    public function __construct(
        /** Whether it faces the street or the driveway. */
        public YesNo $street = YesNo::Unknown,
        /** Id of the plane beside it whose path serves it, where it has none. */
        #[Text(40, Text::SLUG)]
        public ?string $pathOn = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** A round obstruction: x, y of its centre on the surface. */
final readonly class NoWorkCircle
{
    public function __construct(
        #[Text(40, Text::SLUG)]
        public string $id,
        public NoWorkKind $kind,
        #[Range(0, 200)]
        public Length $x,
        #[Range(0, 60)]
        public Length $y,
        #[Range(0.01, 20)]
        public Length $diameter,
        #[Range(0, 5)]
        public Length $clearance,
    ) {
    }
}

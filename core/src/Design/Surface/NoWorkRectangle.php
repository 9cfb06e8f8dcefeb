<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** A rectangular obstruction: x, y of its lower left corner on the surface. */
final readonly class NoWorkRectangle
{
    public function __construct(
        #[Text(40, Text::SLUG)]
        public string $id,
        public NoWorkKind $kind,
        #[Range(0, 200)]
        public Length $x,
        #[Range(0, 60)]
        public Length $y,
        #[Range(0.01, 50)]
        public Length $width,
        #[Range(0.01, 50)]
        public Length $height,
        #[Range(0, 5)]
        public Length $clearance,
    ) {
    }
}

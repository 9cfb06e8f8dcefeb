<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** Something tall on or beside the surface, as a rectangle in its coordinates; beyond the surface where it stands there. */
final readonly class SnowFeature
{
    public function __construct(
        #[Text(40, Text::SLUG)]
        public string $id,
        public SnowFeatureKind $kind,
        #[Range(-100, 300)]
        public Length $x,
        #[Range(-100, 160)]
        public Length $y,
        #[Range(0.01, 300)]
        public Length $width,
        #[Range(0.01, 160)]
        public Length $length,
        /** Over the surface beside it. */
        #[Range(0, 100)]
        public Length $height,
        /** Roof that the wind sweeps towards it, on this surface's side. */
        #[Range(0, 500)]
        public Length $upwind,
        /** Length of the higher roof across the step; for a higher roof. */
        #[Range(0, 500)]
        public ?Length $higherRoof,
        /** From eave to ridge of the higher roof, on the level, when its snow may slide down here. */
        #[Range(0, 100)]
        public ?Length $slidesFrom,
    ) {
    }

    /** On a surface of a width with left and right exchanged. */
    public function mirrored(Length $width): self
    {
        return Copy::of($this, x: $width->minus($this->x)->minus($this->width));
    }
}

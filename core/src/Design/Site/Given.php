<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** Pressures on the modules by an engineer or an authority, in place of computed ones. */
final readonly class Given
{
    public function __construct(
        #[Text(160)]
        public string $document,
        #[Text(80)]
        public string $by,
        #[Text(10, Text::DATE)]
        public ?string $on,
        public PressureLevel $level,
        /** Width of the edge strips, on the surface. */
        #[Range(0, 30)]
        public Length $edge,
        #[Range(0, 20_000)]
        public ?Pressure $fieldUp,
        #[Range(0, 20_000)]
        public ?Pressure $eaveUp,
        #[Range(0, 20_000)]
        public ?Pressure $rakeUp,
        #[Range(0, 20_000)]
        public ?Pressure $ridgeUp,
        #[Range(0, 20_000)]
        public ?Pressure $eaveCornerUp,
        #[Range(0, 20_000)]
        public ?Pressure $ridgeCornerUp,
        #[Range(0, 20_000)]
        public ?Pressure $down,
        /** Snow on the roof's horizontal projection, when it too is given. */
        #[Range(0, 30_000)]
        public ?Pressure $roofSnow,
    ) {
    }
}

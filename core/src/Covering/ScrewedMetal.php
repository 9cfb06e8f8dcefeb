<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Metal sheets with ribs up the slope, corrugated or trapezoidal, whose lines of screws across tell where the purlins are. */
final readonly class ScrewedMetal implements Covering
{
    public function __construct(
        /** From crest to crest along the eave. */
        #[Range(0.03, 0.6)]
        public Length $ribPitch,
        /** The first crest from the left edge of the roof. */
        #[Range(0, 0.6)]
        public Length $firstRib,
        /** From the pans to the crests. */
        #[Range(0.003, 0.12)]
        public Length $ribHeight,
        #[Range(0.0003, 0.003)]
        public Length $sheetThickness,
        /** The lowest line of screws that was measured, up the slope from the eave edge. */
        #[Range(0, 60)]
        public Length $lowerScrews,
        /** The uppermost one. */
        #[Range(0, 60)]
        public Length $upperScrews,
        /** Spaces between the two, one more than the lines between them. */
        #[Range(1, 200)]
        public int $spacesBetween,
        /** Feet keep off the edges and ends of the sheets. */
        #[Range(0, 1)]
        public Length $clear,
    ) {
    }

    public function thickness(): Length
    {
        return $this->sheetThickness;
    }

    public function underlayment(): Length
    {
        return Length::ofMetres(0.0);
    }

    public function mirrored(Length $width): self
    {
        $pitch_m = $this->ribPitch->toMetres();

        return Copy::of($this, firstRib: Length::ofMetres(fmod($width->minus($this->firstRib)->toMetres(), $pitch_m)));
    }
}

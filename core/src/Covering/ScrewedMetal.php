<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

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
        /** What is flat of a crest, across; null where not measured. */
        #[Range(0, 0.3)]
        public ?Length $crestFlat = null,
        /** What is flat of a pan between two ribs, with no small ribs in it; null where not measured. */
        #[Range(0, 0.6)]
        public ?Length $panFlat = null,
        /** Tensile strength Fu of its steel, of steels over 65 ksi three quarters (AISI S100-16, §A3; recalled); null where its grade is not known. */
        #[Range(2e8, 4.5e8)]
        public ?Pressure $sheetStrength = null,
        /** Of what it is, by its maker's name or grade; a screw in a sheet holds in one as it was tested on. */
        #[Text(80)]
        public string $sheet = '',
        public Coating $coating = Coating::Unknown,
        /** That every part which touches a roof of copper is made for it; empty where there is none. */
        #[Text(160)]
        public string $copperDocument = '',
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

    public function isPlanned(): bool
    {
        return true;
    }

    public function liesOnPurlins(): bool
    {
        return true;
    }

    public function stand(): string
    {
        return 'rib';
    }

    public function step(string $code): string
    {
        return match ($code) {
            'mark', 'mark_by_gauge' => 'mark_on_screws',
            'find' => 'find_on_metal',
            'attach' => 'attach_on_metal',
            'attach_bare' => 'attach_bare_on_metal',
            'clean' => 'clean_metal',
            'photograph' => 'photograph_metal',
            default => $code,
        };
    }

    public function cautions(string $code): array
    {
        return match ($code) {
            'mark' => ['slippery_metal', 'thin_sheet'],
            'attach' => ['swarf'],
            default => [],
        };
    }

    public function tools(): array
    {
        return ['probe', 'brush'];
    }

    /** Between two lines of screws. */
    public function space(): Length
    {
        return $this->upperScrews->minus($this->lowerScrews)->times(1 / $this->spacesBetween);
    }

    public function mirrored(Length $width): self
    {
        $pitch_m = $this->ribPitch->toMetres();

        return Copy::of($this, firstRib: Length::ofMetres(fmod($width->minus($this->firstRib)->toMetres(), $pitch_m)));
    }
}
